import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from '@tanstack/react-router';
import { Dialog } from 'radix-ui';
import { useState, type FormEvent } from 'react';
import { api, Problem } from '../../api/client';
import type { Reel } from '../../api/types';
import { useSession } from '../../api/session';
import { useThrowAway } from '../../api/useThrowAway';
import { closeSnap } from '../../model/filmStore';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { askYes } from '../../ui/window/asking';
import { Window } from '../../ui/window/Window';

/** The reels: open one, start one, take a breakdown in or out. */
export function Reels({ current }: { current: Reel | undefined }) {
    const [open, setOpen] = useState(false);
    const navigate = useNavigate();
    const client = useQueryClient();
    const list = useQuery({
        queryKey: ['reels'],
        queryFn: () => api.get<{ reels: Reel[]; kinds: string[] }>('reels'),
    });
    const [problem, setProblem] = useState('');
    const mayThrow = useSession().role === 'coordinator';
    const { throwAway } = useThrowAway('film', [['reels'], ['reel']]);
    const leave = async (reel: Reel) => {
        const sure = await askYes({
            title: `Throw ${reel.title} away, with its snaps, grades and film? It can be taken back under People.`,
            yes: 'Throw it away',
        });
        if (!sure) return;
        // The note that takes it back stands outside this window.
        setOpen(false);
        if (reel.id === current?.id) {
            closeSnap();
            await navigate({ to: '/film', search: {} });
        }
        await throwAway({ id: reel.id, name: reel.title });
    };
    const go = (reel: Reel) => {
        setOpen(false);
        void navigate({ to: '/film', search: { reel: reel.id } });
    };
    const create = async (e: FormEvent<HTMLFormElement>) => {
        e.preventDefault();
        const f = new FormData(e.currentTarget);
        try {
            const made = await api.post<Reel>('reels', {
                title: f.get('title'),
                kind: f.get('kind'),
                opponent: f.get('opponent'),
                ours: f.get('whose') === 'ours',
                week: Number(f.get('week')),
                played_on: f.get('played_on') || null,
            });
            void client.invalidateQueries({ queryKey: ['reels'] });
            go(made);
        } catch (e) {
            setProblem(e instanceof Problem ? e.message : 'The reel was not started.');
        }
    };
    const input = 'mt-0.5 block w-full rounded-md border border-edge bg-paper px-2 py-1 text-sm text-ink';
    return (
        <Dialog.Root open={open} onOpenChange={setOpen}>
            <Dialog.Trigger asChild>
                <Button title="Other reels, a new one, breakdowns in and out">{current?.title ?? 'Reels'} ▾</Button>
            </Dialog.Trigger>
            <Window title="Reels" says="One for each game or practice, ours or an opponent’s." className="w-[860px]">
                <div className="grid grid-cols-[1.4fr_1fr] gap-6">
                    <section>
                        <ul className="space-y-1">
                            {(list.data?.reels ?? []).map((r) => (
                                <li key={r.id} className="flex items-baseline gap-2 border-b border-faint pb-1">
                                    <button
                                        type="button"
                                        onClick={() => go(r)}
                                        className="min-w-0 flex-1 text-left hover:underline"
                                    >
                                        <b>{r.title}</b>{' '}
                                        <span className="text-sm text-soft">
                                            {r.kind}
                                            {r.ours ? '' : ', theirs'}, {r.snaps_count} snaps, {r.clips_count} clips
                                            {r.open_questions ? `, ${r.open_questions} open` : ''}
                                        </span>
                                    </button>
                                    {['csv', 'json', 'vtt'].map((f) => (
                                        <a
                                            key={f}
                                            className="text-xs underline"
                                            href={`/api/v1/reels/${r.id}/file.${f}`}
                                            download
                                            title={
                                                {
                                                    csv: 'The charting as a table',
                                                    json: 'Everything of every snap',
                                                    vtt: 'Cues for a film player',
                                                }[f]
                                            }
                                        >
                                            {f.toUpperCase()}
                                        </a>
                                    ))}
                                    {mayThrow && (
                                        <button
                                            type="button"
                                            className="text-xs underline"
                                            aria-label={`Throw ${r.title} away`}
                                            onClick={() => void leave(r)}
                                        >
                                            Throw away
                                        </button>
                                    )}
                                </li>
                            ))}
                        </ul>
                        {current && (
                            <Button
                                className="mt-3"
                                onClick={() => (
                                    setOpen(false),
                                    void navigate({ to: '/breakdown', search: { reel: current.id } })
                                )}
                            >
                                Take a breakdown into {current.title}
                            </Button>
                        )}
                    </section>
                    <form onSubmit={create} className="space-y-2 text-xs text-soft">
                        <h2 className="text-base font-bold text-ink">A new reel</h2>
                        <label className="block">
                            Title
                            <input name="title" required maxLength={160} className={input} />
                        </label>
                        <label className="block">
                            Kind
                            <Select name="kind" className={input}>
                                {(list.data?.kinds ?? ['game']).map((k) => (
                                    <option key={k}>{k}</option>
                                ))}
                            </Select>
                        </label>
                        <label className="block">
                            Opponent
                            <input name="opponent" maxLength={120} className={input} />
                        </label>
                        <label className="block">
                            Whose offense
                            <Select name="whose" className={input}>
                                <option value="ours">ours</option>
                                <option value="theirs">theirs</option>
                            </Select>
                        </label>
                        <div className="grid grid-cols-2 gap-2">
                            <label className="block">
                                Week
                                <input
                                    name="week"
                                    type="number"
                                    min={0}
                                    max={60}
                                    defaultValue={current?.week ?? 1}
                                    className={input}
                                />
                            </label>
                            <label className="block">
                                Played on
                                <input name="played_on" type="date" className={input} />
                            </label>
                        </div>
                        <p role="alert" className="text-sm font-semibold text-ball">
                            {problem}
                        </p>
                        <div className="flex justify-end gap-2">
                            <Dialog.Close asChild>
                                <Button kind="quiet">Not now</Button>
                            </Dialog.Close>
                            <Button kind="strong" type="submit">
                                Start it
                            </Button>
                        </div>
                    </form>
                </div>
            </Window>
        </Dialog.Root>
    );
}
