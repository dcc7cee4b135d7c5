import { clsx } from 'clsx';
import { useState } from 'react';
import type { ScoutIndex, ShareCell } from '../api/scoutTypes';
import { useShares } from '../api/useScout';
import { Select } from '../ui/Select';
import { capital } from '../ui/words';
import { Section } from './Section';

type Props = { opponent: string; asked: ScoutIndex; onOpen: (title: string, ids: string[]) => void };

/** What they show by one part of the situation: every number opens its clips. */
export function Shares({ opponent, asked, onOpen }: Props) {
    const [by, setBy] = useState('situation');
    const [showing, setShowing] = useState('shell');
    const table = useShares(opponent, by, showing).data;
    const choice = (label: string, value: string, options: Record<string, string>, set: (v: string) => void) => (
        <Select aria-label={label} value={value} onChange={(e) => set(e.target.value)}>
            {Object.entries(options).map(([id, title]) => (
                <option key={id} value={id}>
                    {title}
                </option>
            ))}
        </Select>
    );
    return (
        <Section
            title="What they show"
            note={`Of each row’s snaps. Framed: surely more (▲) or less (▼) often than everywhere else. Under ${asked.few} snaps only the counts.`}
            aside={
                <>
                    {choice('What is shown', showing, asked.showings, setShowing)}
                    <span className="text-sm text-soft">by</span>
                    {choice('By', by, asked.by, setBy)}
                </>
            }
        >
            {table && table.rows.length === 0 && <p className="text-soft">Nothing of that is charted.</p>}
            {table && table.rows.length > 0 && (
                <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Shares">
                    <table className="w-full border-collapse text-sm">
                        <thead>
                            <tr className="text-left align-bottom">
                                <th className="py-1 pr-2 font-semibold">{asked.by[by]}</th>
                                <th className="px-2 py-1 text-right font-semibold">Snaps</th>
                                {table.columns.map((c) => (
                                    <th key={c} className="px-1 py-1 text-center font-semibold">
                                        {capital(c)}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            <Row name="All" snaps={table.all[0]?.of ?? 0} few={false} cells={table.all} />
                            {table.rows.map((r) => (
                                <Row
                                    key={r.name}
                                    {...r}
                                    all={table.all}
                                    onOpen={(i) =>
                                        onOpen(`${capital(table.columns[i] ?? '')}, ${r.name}`, r.cells[i]?.ids ?? [])
                                    }
                                />
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
        </Section>
    );
}

type RowProps = {
    name: string;
    snaps: number;
    few: boolean;
    cells: ShareCell[];
    all?: ShareCell[];
    onOpen?: (column: number) => void;
};

function Row({ name, snaps, few, cells, all, onOpen }: RowProps) {
    return (
        <tr className="border-t border-faint">
            <th scope="row" className={clsx('py-0.5 pr-2 text-left', all ? 'font-normal' : 'font-bold')}>
                {capital(name)}
            </th>
            <td className="px-2 text-right text-soft">{snaps}</td>
            {cells.map((cell, i) => (
                <td key={i} className="p-0.5 text-center">
                    <Cell
                        cell={cell}
                        few={few}
                        elsewhere={all?.[i]?.share ?? null}
                        onOpen={onOpen && (() => onOpen(i))}
                    />
                </td>
            ))}
        </tr>
    );
}

type CellProps = { cell: ShareCell; few: boolean; elsewhere: number | null; onOpen?: () => void };

function Cell({ cell, few, elsewhere, onOpen }: CellProps) {
    if (cell.hits === 0 && !cell.apart) return <span className="text-soft">·</span>;
    const share = cell.share ?? 0;
    const mark = !cell.apart || elsewhere === null ? '' : share > elsewhere ? '▲ ' : '▼ ';
    const words = few ? `${cell.hits} of ${cell.of}` : `${mark}${Math.round(100 * share)} %`;
    const said = `${cell.hits} of ${cell.of}, between ${Math.round(100 * cell.low)} and ${Math.round(100 * cell.high)} %`;
    const look = clsx(
        'block w-full min-w-16 rounded-sm border px-1 py-0.5 whitespace-nowrap',
        cell.apart ? 'border-ink font-bold' : 'border-transparent',
    );
    const wash = few
        ? undefined
        : { background: `color-mix(in oklab, var(--open-wash) ${Math.round(100 * share)}%, transparent)` };
    return onOpen && cell.ids.length > 0 ? (
        <button
            type="button"
            title={said}
            aria-label={`${words}: ${said}`}
            onClick={onOpen}
            className={clsx(look, 'hover:underline')}
            style={wash}
        >
            {words}
        </button>
    ) : (
        <span title={said} className={look} style={wash}>
            {words}
        </span>
    );
}
