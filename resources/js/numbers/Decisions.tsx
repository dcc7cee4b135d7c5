import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { Share } from '../ui/Share';
import { query } from './query';
import type { DecisionTable, Filter } from '../api/numberTypes';

type Props = { filter: Filter; onOpen: (title: string, ids: string[]) => void };

/** What the ball did against the box and against the key, twice over: was the read right, and was the result worth the down. */
export function Decisions({ filter, onOpen }: Props) {
    const answer = useQuery({
        queryKey: ['numbers', 'decisions', filter],
        queryFn: () => api.get<{ box: DecisionTable; choice: DecisionTable }>(`numbers/decisions?${query(filter)}`),
    });
    if (!answer.data) return null;
    return (
        <div className="grid gap-6 xl:grid-cols-2">
            <Table title="What the key did" head="Key and choice" table={answer.data.choice} onOpen={onOpen} />
            <Table title="Men in the box" head="Box" table={answer.data.box} onOpen={onOpen} />
            <p className="text-xs text-soft xl:col-span-2">
                Read and result are two totals and are never put together: a right read may gain nothing, a wrong one
                may score.
            </p>
        </div>
    );
}

function Table({
    title,
    head,
    table,
    onOpen,
}: {
    title: string;
    head: string;
    table: DecisionTable;
    onOpen: Props['onOpen'];
}) {
    return (
        <table className="w-full border-collapse self-start text-sm">
            <caption className="pb-1 text-left text-base font-bold">{title}</caption>
            <thead>
                <tr className="border-b-2 border-ink text-left">
                    <th className="py-1 pr-2">{head}</th>
                    <th className="px-2">Ball</th>
                    <th className="px-2 text-right">Read right</th>
                    <th className="px-2 text-right">Worth the down</th>
                    <th className="pl-2 text-right">Average, yd</th>
                </tr>
            </thead>
            <tbody>
                {table.rows.map((r) => (
                    <tr key={r.value + r.done} className="border-b border-faint">
                        <th scope="row" className="py-1 pr-2 text-left font-semibold">
                            <button
                                type="button"
                                className="text-left hover:underline"
                                onClick={() => onOpen(`${r.value}, ${r.done}`, r.result.ids ?? r.read.ids ?? [])}
                            >
                                {r.value}
                            </button>
                        </th>
                        <td className="px-2">{r.done}</td>
                        <td className="px-2 text-right">
                            <button
                                type="button"
                                title="Watch these snaps"
                                onClick={() => onOpen(`${r.value}, ${r.done}: read`, r.read.ids ?? [])}
                            >
                                <Share of={r.read} />
                            </button>
                        </td>
                        <td className="px-2 text-right">
                            <button
                                type="button"
                                title="Watch these snaps"
                                onClick={() => onOpen(`${r.value}, ${r.done}: worth the down`, r.result.ids ?? [])}
                            >
                                <Share of={r.result} />
                            </button>
                        </td>
                        <td className="pl-2 text-right">{r.average === null ? '–' : r.average.toFixed(1)}</td>
                    </tr>
                ))}
                {table.rows.length === 0 && (
                    <tr>
                        <td colSpan={5} className="py-2 text-soft">
                            Nothing yet: chart what the key did and where the ball went.
                        </td>
                    </tr>
                )}
            </tbody>
            <tfoot>
                <tr className="border-t-2 border-ink font-bold">
                    <td className="py-1" colSpan={2}>
                        Read total {table.read.hits} of {table.read.of}; result total {table.result.hits} of{' '}
                        {table.result.of}
                    </td>
                    <td className="px-2 text-right">
                        <Share of={table.read} />
                    </td>
                    <td className="px-2 text-right">
                        <Share of={table.result} />
                    </td>
                    <td />
                </tr>
            </tfoot>
        </table>
    );
}
