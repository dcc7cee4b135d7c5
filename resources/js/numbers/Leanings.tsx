import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Known } from '../api/planTypes';
import { query } from './query';
import { Predictable } from './Predictable';
import type { Filter, Leaning, ModelRow } from '../api/numberTypes';

type Props = { filter: Filter; onOpen: (title: string, ids: string[]) => void };

/** What one's own calls give away to whoever charts them. */
export function Leanings({ filter, onOpen }: Props) {
    const answer = useQuery({
        queryKey: ['numbers', 'leanings', filter],
        queryFn: () => api.get<{ rows: Leaning[]; known: Known }>(`numbers/leanings?${query(filter)}`),
    });
    const rows = answer.data?.rows ?? [];
    return (
        <section>
            {answer.data && <Predictable known={answer.data.known} onOpen={onOpen} />}
            <h2 className="text-base font-bold">What leans</h2>
            <p className="pb-2 text-xs text-soft">
                Told from four snaps on, when three of four are alike. The more there are, the surer.
            </p>
            {rows.length === 0 && <p className="text-soft">Nothing leans so far.</p>}
            <ul className="divide-y divide-faint">
                {rows.map((r) => (
                    <li key={r.by + r.name + r.leans} className="flex items-baseline gap-3 py-1.5">
                        <span className="w-28 text-soft">{r.by === 'action' ? 'run action' : r.by}</span>
                        <b className="min-w-0 flex-1">{r.name}</b>
                        <span>
                            {r.leans}, {Math.round(100 * r.share)} % of{' '}
                            <button
                                type="button"
                                className="underline"
                                onClick={() => onOpen(`${r.name}: ${r.leans}`, r.ids)}
                            >
                                {r.of}
                            </button>
                            <span className="text-soft">, at least {Math.round(100 * r.low)} %</span>
                        </span>
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** How near the proof came to the film: the margin it predicted against the separation that was measured. */
export function Model({ filter, onOpen }: Props) {
    const answer = useQuery({
        queryKey: ['numbers', 'model', filter],
        queryFn: () => api.get<{ rows: ModelRow[] }>(`numbers/model?${query(filter)}`),
    });
    const rows = answer.data?.rows ?? [];
    return (
        <section>
            <p className="max-w-prose pb-2 text-xs text-soft">
                The proof predicts a margin in seconds for the man the ball went to; at seven yards a second and a yard
                of reach that is so much room. Beside it stands what the film measured at the throw. Where they part,
                believe the film.
            </p>
            {rows.length === 0 && <p className="text-soft">No throw is measured yet with its nearest defender.</p>}
            <table className="border-collapse text-sm">
                {rows.length > 0 && (
                    <thead>
                        <tr className="border-b-2 border-ink text-left">
                            {[
                                'Opponent',
                                'Throws',
                                'Predicted, yd',
                                'Measured, yd',
                                'Off by, yd',
                                'Open or shut agreed',
                            ].map((h) => (
                                <th key={h} className="py-1 pr-6">
                                    {h}
                                </th>
                            ))}
                        </tr>
                    </thead>
                )}
                <tbody>
                    {rows.map((r) => (
                        <tr key={r.opponent} className="border-b border-faint">
                            <th scope="row" className="py-1 pr-6 text-left">
                                {r.opponent}
                            </th>
                            <td>
                                <button
                                    type="button"
                                    className="underline"
                                    onClick={() => onOpen(`Throws against ${r.opponent}`, r.ids)}
                                >
                                    {r.n}
                                </button>
                            </td>
                            <td>{r.predictedYd.toFixed(1)}</td>
                            <td>{r.measuredYd.toFixed(1)}</td>
                            <td>{r.offYd.toFixed(1)}</td>
                            <td>
                                {r.agree} of {r.n}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    );
}
