import { useQuery } from '@tanstack/react-query';
import { Link, useNavigate, useSearch } from '@tanstack/react-router';
import { useState } from 'react';
import { api } from '../api/client';
import type { Charting, Clip } from '../api/types';
import { ClipPlayer } from '../picture/ClipPlayer';
import { Button } from '../ui/Button';
import { capital } from '../ui/words';
import { Select } from '../ui/Select';

type Reel = {
    rule: { id: string; label: string; wanted: string; seen: string; drill: string | null; caution: string | null };
    parts: {
        part: 'model' | 'fault' | 'game';
        id: string;
        man: string;
        player: string | null;
        why: string;
        asked: string;
        done: string;
        snap: {
            id: string;
            reel_id: string;
            number: number;
            call: string | null;
            snapAt: number;
            reel: { title: string; kind: string };
            clips: Pick<Clip, 'id' | 'angle' | 'from_s' | 'to_s'>[];
        };
    }[];
};

/** Seconds after the snap a still is taken: most breaks are made by then. */
const STILL_S = 2;

const NAMES = { model: 'How it is done', fault: 'How it went wrong', game: 'In a game' };

/** A rule taught by film: the model, the fault, the game, in that order; it plays through, and prints as stills. */
export function Teaching() {
    const { fault = 'FLT-13' } = useSearch({ from: '/teach' });
    const navigate = useNavigate();
    const [at, setAt] = useState<number | null>(null);
    const charting = useQuery({
        queryKey: ['charting'],
        queryFn: () => api.get<Charting>('charting'),
        staleTime: Infinity,
    });
    const reel = useQuery({ queryKey: ['teaching', fault], queryFn: () => api.get<Reel>(`teaching/${fault}`) });
    const r = reel.data;
    const parts = r?.parts ?? [];
    return (
        <article
            className="h-full overflow-y-auto px-8 py-6 print:overflow-visible"
            tabIndex={0}
            aria-label="Teaching reel"
        >
            <header className="flex flex-wrap items-end gap-4 border-b-2 border-ink pb-2">
                <h1 className="text-2xl font-extrabold">{r ? capital(r.rule.label) : 'Teaching reel'}</h1>
                <Select
                    aria-label="Rule"
                    value={fault}
                    onChange={(e) => (setAt(null), void navigate({ to: '/teach', search: { fault: e.target.value } }))}
                    className="no-print text-sm"
                >
                    {(charting.data?.library ?? []).map((l) => (
                        <option key={l.id} value={l.id}>
                            {capital(l.label)} ({l.groups.join(', ')})
                        </option>
                    ))}
                </Select>
                <span className="no-print ml-auto flex gap-2">
                    <Button onClick={() => setAt(0)} disabled={parts.length === 0}>
                        Play it through
                    </Button>
                    <Button onClick={() => window.print()} keys="Ctrl P">
                        Print as stills
                    </Button>
                    <Link to="/grades" search={{}} className="self-center text-sm underline">
                        The week
                    </Link>
                </span>
            </header>
            {r && (
                <p className="max-w-prose pt-2 text-[15px]">
                    Seen as: {r.rule.seen}. Wanted: <b>{r.rule.wanted}</b>.
                    {r.rule.drill ? ` Drill: ${r.rule.drill}.` : ''}
                    {r.rule.caution && <span className="block text-sm text-amber">{r.rule.caution}</span>}
                </p>
            )}
            {r && parts.length === 0 && (
                <p className="pt-4 text-soft">
                    No graded film of this rule yet. Grade a filmed snap with it, and the reel makes itself.
                </p>
            )}
            <ol className="grid gap-5 pt-4 md:grid-cols-2 xl:grid-cols-3">
                {parts.map((p, i) => (
                    <li key={p.id + p.part} className={at === i ? 'rounded-md outline-2 outline-ball' : undefined}>
                        <h2 className="flex items-baseline gap-2 font-bold">
                            {i + 1} {NAMES[p.part]}
                        </h2>
                        <div className="print:hidden">
                            <ClipPlayer
                                key={`${p.id}${at === i}`}
                                clips={p.snap.clips}
                                label={`${NAMES[p.part]}: snap ${p.snap.number}`}
                                man={p.man}
                                startS={Math.max(0, p.snap.snapAt - 0.6)}
                                autoPlay={at === i}
                                onEnd={() => at === i && setAt(i + 1 < parts.length ? i + 1 : null)}
                            />
                        </div>
                        <img
                            src={`/api/v1/clips/${p.snap.clips[0]?.id}/picture?at=${(p.snap.snapAt + STILL_S).toFixed(1)}`}
                            alt={`Still of snap ${p.snap.number}`}
                            className="hidden w-full print:block"
                        />
                        <p className="text-sm">
                            <b>{p.player ?? p.man}</b>, {capital(p.why)}. {capital(p.asked)}.{' '}
                            {p.done && <span className="text-soft">{p.done}. </span>}
                            <Link
                                to="/film"
                                search={{ reel: p.snap.reel_id, snap: p.snap.id }}
                                className="no-print underline"
                            >
                                Snap {p.snap.number}, {p.snap.reel.title}
                            </Link>
                        </p>
                    </li>
                ))}
            </ol>
        </article>
    );
}
