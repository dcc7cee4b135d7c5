import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { Triggers } from '../api/planTypes';
import type { Reel } from '../api/types';
import { useTriggers } from '../api/useTriggers';
import { PromptCard } from '../ui/PromptCard';
import { Select } from '../ui/Select';
import { OwnTriggers } from './OwnTriggers';

type Props = { onOpen: (title: string, ids: string[]) => void };

const STATES: ['due' | 'one short' | 'begun', string][] = [
    ['due', 'Due'],
    ['one short', 'One short'],
    ['begun', 'Begun'],
];

/** The triggers of one game, with the snaps that prove them, and the runs that are not worth calling any more. */
export function TriggersPage({ onOpen }: Props) {
    const reels = useQuery({ queryKey: ['reels'], queryFn: () => api.get<{ reels: Reel[] }>('reels') });
    const games = (reels.data?.reels ?? []).filter((r) => r.ours && r.kind !== 'practice');
    const [chosen, setChosen] = useState('');
    const reel = games.some((r) => r.id === chosen) ? chosen : (games[0]?.id ?? null);
    const { triggers, say, busy } = useTriggers(reel);
    if (reels.data && games.length === 0)
        return <p className="text-soft">No game of ours is charted yet: triggers are counted while charting.</p>;
    return (
        <section className="grid grid-cols-[minmax(0,1fr)_26rem] gap-8 stacked:block">
            <div>
                <p className="pb-3 text-xs text-soft">
                    <label>
                        Counted in{' '}
                        <Select bare aria-label="Game" value={reel ?? ''} onChange={(e) => setChosen(e.target.value)}>
                            {games.map((r) => (
                                <option key={r.id} value={r.id}>
                                    {r.title}
                                </option>
                            ))}
                        </Select>
                    </label>{' '}
                    and in no other, formation by formation and motion by motion.
                </p>
                {triggers?.prompts.length === 0 && (
                    <p className="max-w-prose text-soft">
                        Nothing was seen that we wait for. What a defender does is charted in the line of a snap: who by
                        his letters and the act, as in “r4 fs-trigger rc-fall”.
                    </p>
                )}
                {STATES.map(([state, label]) => {
                    const of = (triggers?.prompts ?? []).filter((p) => p.state === state);
                    if (of.length === 0) return null;
                    return (
                        <div key={state} className="mb-5">
                            <h2 className="mb-1.5 border-b-2 border-ink text-base font-bold">{label}</h2>
                            <div className="grid gap-3">
                                {of.map((p) => (
                                    <PromptCard
                                        key={p.trigger + p.picture}
                                        prompt={p}
                                        busy={busy}
                                        onSay={(answer) => say(p, answer)}
                                        onOpen={onOpen}
                                    />
                                ))}
                            </div>
                        </div>
                    );
                })}
            </div>
            <div>
                <OwnTriggers />
                {triggers && triggers.runs.length > 0 && <Runs triggers={triggers} onOpen={onOpen} />}
            </div>
        </section>
    );
}

/** What our runs average in this game, against the floor of the staff. */
function Runs({ triggers, onOpen }: Props & { triggers: Triggers }) {
    return (
        <section>
            <h2 className="mb-1 border-b-2 border-ink text-base font-bold">Runs of this game</h2>
            <table className="w-full text-sm">
                <tbody>
                    {triggers.runs.map((r) => (
                        <tr key={r.family} className="border-b border-faint">
                            <th scope="row" className="py-1 text-left">
                                {r.family}
                            </th>
                            <td>
                                <button
                                    type="button"
                                    className="underline"
                                    onClick={() => onOpen(`${r.family}, ${r.tries} tries`, r.ids)}
                                >
                                    {r.tries}
                                </button>{' '}
                                tries
                            </td>
                            <td className="text-right tabular-nums">{r.average.toFixed(1)} yd</td>
                            <td className="pl-2 text-right text-xs">{r.worth ? 'go on' : 'not this run'}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <p className="mt-1 text-xs text-soft">From three tries on; the floor is {triggers.floor} yd.</p>
        </section>
    );
}
