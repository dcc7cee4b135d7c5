import type { ReactNode } from 'react';
import { Share } from '../ui/Share';
import type { GroupsAnswer } from '../api/numberTypes';
import { Select } from '../ui/Select';

type Props = {
    answer: GroupsAnswer;
    by: string;
    onBy: (by: string) => void;
    onOpen: (title: string, ids: string[]) => void;
};

/** Tries and what came of them, put together by anything that is charted. */
export function Groups({ answer, by, onBy, onOpen }: Props) {
    const rows = [{ name: 'All', ...answer.all }, ...answer.rows];
    return (
        <table className="w-full border-collapse text-sm">
            <caption className="pb-2 text-left text-xs text-soft">
                Success is 40, 60 and 100 % of the distance on first, second and later downs. Explosive: a run of 12 yd,
                a pass of 16 yd or more. Snaps wiped out by a flag are left out. The bar is the 95 % interval.
            </caption>
            <thead>
                <tr className="border-b-2 border-ink text-left">
                    <th className="py-1 pr-2">
                        <Select
                            aria-label="Put together by"
                            value={by}
                            onChange={(e) => onBy(e.target.value)}
                            className="font-bold"
                        >
                            {Object.entries(answer.by).map(([id, name]) => (
                                <option key={id} value={id}>
                                    {name}
                                </option>
                            ))}
                        </Select>
                    </th>
                    {['Tries', 'Average, yd', 'Success', 'Explosive', 'Negative', 'Caught', 'Ball out, s'].map((h) => (
                        <th key={h} className="px-2 py-1 text-right font-semibold">
                            {h}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {rows.map((r) => (
                    <tr key={r.name} className="border-b border-faint">
                        <th scope="row" className="max-w-90 py-1 pr-2 text-left font-semibold">
                            <button
                                type="button"
                                className="text-left hover:underline"
                                onClick={() => onOpen(r.name, r.ids)}
                            >
                                {r.name}
                            </button>
                        </th>
                        <td className="px-2 text-right">
                            <button
                                type="button"
                                className="underline underline-offset-2"
                                onClick={() => onOpen(r.name, r.ids)}
                                aria-label={`${r.tries} tries of ${r.name}: watch`}
                            >
                                {r.tries}
                            </button>
                        </td>
                        <td className="px-2 text-right">{r.average === null ? '–' : r.average.toFixed(1)}</td>
                        <td className="px-2 text-right">
                            <Count row={r} of="success" name="successes" onOpen={onOpen}>
                                <Share of={r.success} />
                            </Count>
                        </td>
                        <td className="px-2 text-right">
                            <Count row={r} of="explosive" name="explosive" onOpen={onOpen} />
                        </td>
                        <td className="px-2 text-right">
                            <Count row={r} of="negative" name="negative" onOpen={onOpen} />
                        </td>
                        <td className="px-2 text-right whitespace-nowrap">
                            {r.throws > 0 && (
                                <>
                                    <Count row={r} of="complete" name="caught" onOpen={onOpen} zero /> of{' '}
                                    <Count row={r} of="throws" name="thrown" onOpen={onOpen} />
                                    {r.drops > 0 && ', '}
                                    <Count row={r} of="drops" name="dropped" onOpen={onOpen}>
                                        {r.drops} dropped
                                    </Count>
                                </>
                            )}
                        </td>
                        <td className="px-2 text-right">
                            <Count row={r} of="out" name="ball out measured" onOpen={onOpen}>
                                {r.outS === null ? '' : r.outS.toFixed(2)}
                            </Count>
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

type CountProps = {
    row: { name: string; of: Record<string, string[]> };
    of: string;
    name: string;
    zero?: boolean;
    onOpen: Props['onOpen'];
    children?: ReactNode;
};

/** A number that opens the snaps it counts. */
function Count({ row, of, name, zero, onOpen, children }: CountProps) {
    const ids = row.of[of] ?? [];
    if (ids.length === 0) return <>{zero ? 0 : of === 'success' ? children : null}</>;
    return (
        <button
            type="button"
            className="underline-offset-2 hover:underline"
            title={`Watch the ${ids.length} ${name} of ${row.name}`}
            onClick={() => onOpen(`${row.name}: ${name}`, ids)}
        >
            {children ?? ids.length}
        </button>
    );
}
