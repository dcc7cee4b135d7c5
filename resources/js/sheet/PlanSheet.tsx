import { Link } from '@tanstack/react-router';
import { clsx } from 'clsx';
import { useMemo } from 'react';
import type { PlanRow, Weighed } from '../api/planTypes';
import type { SavedLook } from '../api/types';
import type { Situation } from '../api/useProof';
import { Button } from '../ui/Button';
import { chance } from '../ui/words';
import { Filling } from './Filling';
import { PlanAdvice } from './PlanAdvice';
import { WorthBar } from './WorthBar';
import { Wristband } from './Wristband';
import { usePlan, useWeighed } from './usePlan';
import { useMenus } from './useSheet';

type Props = { shown: SavedLook[]; opponent: string; situation: Situation; named: boolean };

/** The calls of the sheet against an opponent: their numbers on the wristband, what they are worth, and what is missing. */
export function PlanSheet({ shown, opponent, situation, named }: Props) {
    const words = useMemo(() => shown.map((l) => l.words), [shown]);
    const { rows, ...filling } = useMenus(words, situation, named);
    const { calls: on, write, busy } = usePlan(opponent);
    const weighed = useWeighed(rows, shown, on);
    const book = rows[words.find((w) => rows[w]) ?? ''] ?? [];
    const off = book.filter((c) => !(on ?? []).includes(c.id));

    if (shown.length === 0)
        return (
            <p className="p-6 text-soft">
                No look of an opponent is saved yet. Save one on the board or under Looks: the sheet is weighed by what
                he shows.
            </p>
        );
    const put = (id: string) => void write([...(on ?? []), id]);
    const take = (id: string) => void write((on ?? []).filter((c) => c !== id));
    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_360px] stacked:block stacked:h-auto print:block">
            <div className="min-w-0 overflow-auto px-5 py-2 phone:px-3" tabIndex={0} role="region" aria-label="Calls">
                <div className="mb-1 flex items-center gap-3 text-[12px] text-soft narrow">
                    {weighed.data && <Headline weighed={weighed.data} opponent={opponent} />}
                    <span className="flex-1" />
                    <span className="no-print">
                        <Filling {...filling} looks={filling.done} />
                    </span>
                    {on && on.length > 0 && <SheetFiles opponent={opponent} />}
                    <Button className="no-print" onClick={() => window.print()} keys="Ctrl P">
                        Print
                    </Button>
                </div>
                {on?.length === 0 && book.length > 0 && (
                    <p className="no-print mb-3 max-w-prose rounded-md bg-card p-3 text-sm">
                        No call is on the sheet against {opponent} yet. Put single calls on it below, or begin with{' '}
                        <button
                            type="button"
                            className="font-bold text-ball underline"
                            onClick={() => void write(book.map((c) => c.id))}
                        >
                            all {book.length} of the book
                        </button>{' '}
                        and take off what earns no place.
                    </p>
                )}
                {weighed.data && on && on.length > 0 && (
                    <OnSheet weighed={weighed.data} on={on} shown={shown} busy={busy} onTake={take} />
                )}
                {on && on.length > 0 && <Wristband calls={book} on={on} opponent={opponent} />}
                {off.length > 0 && (
                    <section className="no-print mt-4">
                        <h2 className="label mb-1">In the book, not on the sheet</h2>
                        <ul className="flex flex-wrap gap-1.5">
                            {off.map((c) => (
                                <li key={c.id}>
                                    <button
                                        type="button"
                                        disabled={busy}
                                        title={c.words}
                                        onClick={() => put(c.id)}
                                        className="rounded-md border border-edge px-2 py-1 text-[13px] narrow hover:border-ink stacked:min-h-11"
                                    >
                                        + {c.name}
                                    </button>
                                </li>
                            ))}
                        </ul>
                    </section>
                )}
            </div>
            <PlanAdvice
                weighed={weighed.data}
                shown={shown}
                opponent={opponent}
                busy={busy}
                onPut={put}
                onTake={take}
            />
        </div>
    );
}

/** The calls under their numbers, for a spreadsheet or another program. */
function SheetFiles({ opponent }: { opponent: string }) {
    const at = `/api/v1/plans/${encodeURIComponent(opponent)}/sheet`;
    return (
        <span className="no-print flex gap-2">
            <a className="underline" href={`${at}.csv`} download>
                CSV
            </a>
            <a className="underline" href={`${at}.json`} download>
                JSON
            </a>
        </span>
    );
}

/** What the sheet is, in a line. */
function Headline({ weighed, opponent }: { weighed: Weighed; opponent: string }) {
    const missed = weighed.holes.reduce((sum, l) => sum + weighed.shares[l], 0);
    if (weighed.menu.length === 0) return null;
    return (
        <p className="text-[13px] text-ink" data-testid="plan-summary">
            <b>
                {weighed.menu.length} {weighed.menu.length === 1 ? 'call' : 'calls'}
            </b>
            , something good against {chance(1 - missed)} of what {opponent} shows
        </p>
    );
}

type Table = { weighed: Weighed; on: string[]; shown: SavedLook[]; busy: boolean; onTake: (id: string) => void };

const HEADINGS: [string, string?][] = [
    ['No.'],
    ['Call', 'w-40'],
    ['Worth'],
    ['Good against', 'w-16'],
    ['Best call against'],
    ['Hurt most by', 'w-44'],
];

function OnSheet({ weighed, on, shown, busy, onTake }: Table) {
    return (
        <table className="w-full border-collapse text-left text-[13px]">
            <thead>
                <tr className="border-b-2 border-ink align-bottom">
                    {HEADINGS.map(([name, wide]) => (
                        <th key={name} scope="col" className={clsx('label px-1.5 pb-1', wide)}>
                            {name}
                        </th>
                    ))}
                    <th className="no-print">
                        <span className="sr-only">Take off</span>
                    </th>
                </tr>
            </thead>
            <tbody>
                {weighed.menu.map((row) => (
                    <Row
                        key={row.id}
                        row={row}
                        number={on.indexOf(row.id) + 1}
                        shown={shown}
                        busy={busy}
                        onTake={onTake}
                    />
                ))}
            </tbody>
        </table>
    );
}

type One = { row: PlanRow; number: number; shown: SavedLook[]; busy: boolean; onTake: (id: string) => void };

function Row({ row, number, shown, busy, onTake }: One) {
    const hurts = shown[row.hurtBy];
    return (
        <tr className="border-b border-faint">
            <td className="px-1.5 py-1 font-bold tabular-nums">{number}</td>
            <th scope="row" className="px-1.5 py-1">
                <Link to="/board" search={{ call: row.id, look: hurts.words }} className="hover:text-ball">
                    {row.name}
                </Link>
            </th>
            <td className="px-1.5 py-1">
                <WorthBar worth={row.worth} low={row.low} high={row.high} />
            </td>
            <td className="px-1.5 py-1 tabular-nums">{chance(row.good)}</td>
            <td className="px-1.5 py-1 text-[12px] narrow">
                {row.best.length === 0 ? '–' : row.best.map((l) => shown[l].words).join('; ')}
            </td>
            <td className="px-1.5 py-1 text-[12px] narrow">{hurts.words}</td>
            <td className="no-print py-1 text-right">
                <button
                    type="button"
                    disabled={busy}
                    aria-label={`Take ${row.name} off the sheet`}
                    title="Take it off the sheet"
                    onClick={() => onTake(row.id)}
                    className="rounded px-1.5 text-soft hover:text-ball stacked:min-h-11 stacked:min-w-11"
                >
                    −
                </button>
            </td>
        </tr>
    );
}
