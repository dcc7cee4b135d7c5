import { Link } from '@tanstack/react-router';
import { useMemo } from 'react';
import type { Opening, Question } from '../api/planTypes';
import type { SavedLook } from '../api/types';
import type { Situation } from '../api/useProof';
import { Button } from '../ui/Button';
import { chance } from '../ui/words';
import { Filling } from './Filling';
import { NoCallYet } from './NoCallYet';
import { moved } from './order';
import { useOpenings, usePlan } from './usePlan';
import { useMenus } from './useSheet';

type Props = { shown: SavedLook[]; opponent: string; situation: Situation; named: boolean };

/** So many calls are proposed to begin with. */
const FIRST = 6;

/** The calls a game begins with: what each asks, and what to call next by what is answered. */
export function Openers({ shown, opponent, situation, named }: Props) {
    const words = useMemo(() => shown.map((l) => l.words), [shown]);
    const { rows, ...filling } = useMenus(words, situation, named);
    const { calls: on, openers, begin, busy } = usePlan(opponent);
    const asked = useOpenings(rows, shown, on, { situation, named });
    const all = asked.data ?? [];
    const order = openers ?? [];
    const first = order.flatMap((id) => all.find((c) => c.id === id) ?? []);
    const others = all.filter((c) => !order.includes(c.id));
    const telling = others.filter((c) => c.questions.length > 0);

    if (on?.length === 0 || shown.length === 0)
        return <NoCallYet opponent={opponent} then="here you choose those the game begins with, by what they tell." />;
    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_340px] stacked:block stacked:h-auto print:block">
            <div className="min-w-0 overflow-auto px-5 py-2 phone:px-3" tabIndex={0} role="region" aria-label="Openers">
                <div className="mb-2 flex items-center gap-3 text-[12px] text-soft narrow">
                    <span>
                        The first calls against {opponent}: what each asks, and the best call of the sheet by what you
                        see.
                    </span>
                    <span className="flex-1" />
                    <span className="no-print">
                        <Filling {...filling} looks={filling.done} />
                    </span>
                    <Button className="no-print" onClick={() => window.print()} keys="Ctrl P">
                        Print
                    </Button>
                </div>
                {openers?.length === 0 && telling.length > 0 && (
                    <p className="no-print mb-3 max-w-prose rounded-md bg-card p-3 text-sm">
                        No opener is chosen yet. Take single calls at the right, or begin with{' '}
                        <button
                            type="button"
                            disabled={busy}
                            className="font-bold text-ball underline"
                            onClick={() => void begin(telling.slice(0, FIRST).map((c) => c.id))}
                        >
                            the {Math.min(FIRST, telling.length)} that tell most
                        </button>
                        .
                    </p>
                )}
                <ol>
                    {first.map((call, n) => (
                        <Opener
                            key={call.id}
                            call={call}
                            number={n + 1}
                            wristband={(on ?? []).indexOf(call.id) + 1}
                            shown={shown}
                            busy={busy}
                            onMove={(by) => void begin(moved(order, order.indexOf(call.id), by))}
                            onTake={() => void begin(order.filter((id) => id !== call.id))}
                        />
                    ))}
                </ol>
            </div>
            <aside className="no-print overflow-auto border-l border-edge px-5 py-3 stacked:border-t stacked:border-l-0">
                {!asked.data && <p className="text-soft">The calls are being proved against every look he shows.</p>}
                <Others calls={others} busy={busy} onPut={(id) => void begin([...order, id])} />
            </aside>
        </div>
    );
}

type OneProps = {
    call: Opening;
    number: number;
    wristband: number;
    shown: SavedLook[];
    busy: boolean;
    onMove: (by: number) => void;
    onTake: () => void;
};

function Opener({ call, number, wristband, shown, busy, onMove, onTake }: OneProps) {
    const small = 'rounded px-1.5 text-soft hover:text-ball disabled:opacity-40 stacked:min-h-11 stacked:min-w-11';
    return (
        <li aria-label={call.name} className="mb-3 break-inside-avoid border-b border-faint pb-2">
            <div className="flex items-baseline gap-2 phone:flex-wrap">
                <span className="w-6 text-right text-base font-bold tabular-nums">{number}</span>
                <h2 className="text-base font-bold">
                    <Link to="/board" search={{ call: call.id }} className="hover:text-ball">
                        {call.name}
                    </Link>
                </h2>
                <span className="text-[13px] tabular-nums">{chance(call.worth)}</span>
                <span className="text-[12px] text-soft tabular-nums">on the wristband {wristband}</span>
                <span className="flex-1" />
                <span className="no-print whitespace-nowrap">
                    <button
                        type="button"
                        className={small}
                        disabled={busy || number === 1}
                        aria-label={`${call.name} earlier`}
                        onClick={() => onMove(-1)}
                    >
                        ↑
                    </button>
                    <button
                        type="button"
                        className={small}
                        disabled={busy}
                        aria-label={`${call.name} later`}
                        onClick={() => onMove(1)}
                    >
                        ↓
                    </button>
                    <button
                        type="button"
                        className={small}
                        disabled={busy}
                        aria-label={`Take ${call.name} off the openers`}
                        onClick={onTake}
                    >
                        −
                    </button>
                </span>
            </div>
            {call.questions.length === 0 && (
                <p className="ml-8 text-[13px] text-soft">
                    It asks nothing: every look he shows answers it alike. It stands for what it gains.
                </p>
            )}
            {call.questions.map((q) => (
                <Asks key={q.asks} question={q} shown={shown} />
            ))}
        </li>
    );
}

function Asks({ question, shown }: { question: Question; shown: SavedLook[] }) {
    const worth = points(question.tells);
    return (
        <table className="mt-1 ml-8 w-[calc(100%-2rem)] text-left text-[13px] phone:ml-0 phone:w-full">
            <thead>
                <tr className="label align-baseline">
                    <th scope="col" className="pr-3">
                        {question.asks}
                        {worth !== null && `: knowing it is worth ${worth}`}
                    </th>
                    <th scope="col" className="w-16 pr-3 text-right phone:w-12">
                        of looks
                    </th>
                    <th scope="col" className="w-48 phone:w-28">
                        call next
                    </th>
                </tr>
            </thead>
            <tbody>
                {question.answers.map((a) => (
                    <tr key={a.words} className="border-t border-faint align-baseline">
                        <td className="py-0.5 pr-3">
                            {a.words}{' '}
                            <span className="text-[12px] text-soft narrow">
                                {a.looks.map((l) => shown[l]?.words).join('; ')}
                            </span>
                        </td>
                        <td className="pr-3 text-right tabular-nums">{chance(a.share)}</td>
                        <td className="py-0.5">
                            <b>{a.next.name}</b> <span className="tabular-nums">{chance(a.next.worth)}</span>
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

/** What an answer is worth in words; null where it changes nothing. */
function points(tells: number): string | null {
    const worth = Math.round(1000 * tells) / 10;
    if (worth === 0) return null;
    return `${worth} ${worth === 1 ? 'point' : 'points'}`;
}

function Others({ calls, busy, onPut }: { calls: Opening[]; busy: boolean; onPut: (id: string) => void }) {
    if (calls.length === 0) return null;
    return (
        <section>
            <h2 className="text-base font-bold">What the others tell</h2>
            <p className="mb-2 text-[12px] text-soft narrow">
                The one whose answer is worth most first: how many points of success the next call gains by knowing it.
            </p>
            <ul>
                {calls.map((c) => (
                    <li key={c.id} className="flex items-baseline gap-2 border-b border-faint py-1 text-[13px]">
                        <span className="min-w-0 flex-1">
                            <b>{c.name}</b>
                            <span className="block text-[12px] text-soft narrow">
                                {c.questions[0]?.asks ?? 'asks nothing'}
                                {points(c.tells) !== null && `: ${points(c.tells)}`}
                            </span>
                        </span>
                        <button
                            type="button"
                            disabled={busy}
                            className="shrink-0 font-bold text-ball stacked:min-h-11"
                            aria-label={`take it: ${c.name}`}
                            onClick={() => onPut(c.id)}
                        >
                            take it
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
