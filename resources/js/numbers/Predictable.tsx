import type { Known } from '../api/planTypes';

type Props = { known: Known; onOpen: (title: string, ids: string[]) => void };

const points = (n: number): string => n.toFixed(1);

/** "2 more passes of 5 at gun trey right". */
const change = (c: Known['halving'][number]): string => {
    const kind = c.to === 'run' ? 'run' : 'pass';
    const many = c.to === 'run' ? 'runs' : 'passes';
    return `${c.calls} more ${c.calls === 1 ? kind : many} of ${c.of} at ${c.name}`;
};

/** What a defense gains that knows how often we run and pass where; the habits that give it, and how to halve it. */
export function Predictable({ known, onOpen }: Props) {
    if (known.snaps === 0) return <p className="pb-4 text-soft">No call of ours is charted in this filter.</p>;
    const sure = known.low > 0;
    return (
        <section className="mb-6 max-w-3xl" aria-label="How predictable we are">
            <div className="flex items-baseline gap-4 border-b-2 border-ink pb-1">
                <p className="text-4xl font-bold tabular-nums" data-testid="predictable">
                    {points(known.points)}
                </p>
                <p className="text-sm">
                    points of success a defense gains that knows how often we run by {known.by}
                    <span className="block text-xs text-soft">
                        {sure
                            ? `Between ${points(known.low)} and ${points(known.high)}; `
                            : `No more than chance may do (up to ${points(known.high)}); `}
                        {known.runs} runs of {known.snaps} calls.
                    </span>
                </p>
            </div>
            {known.habits.length > 0 && (
                <table className="mt-2 w-full border-collapse text-sm">
                    <caption className="label pb-0.5 text-left">
                        Habits beyond what chance does, the dearest first
                    </caption>
                    <tbody>
                        {known.habits.map((h) => (
                            <tr key={h.by + h.name} className="border-b border-faint">
                                <td className="w-24 py-1 text-soft">{h.by}</td>
                                <th scope="row" className="py-1 text-left">
                                    {h.name}
                                </th>
                                <td className="py-1">
                                    {2 * h.runs >= h.of ? 'run' : 'pass'} {2 * h.runs >= h.of ? h.runs : h.of - h.runs}{' '}
                                    of{' '}
                                    <button
                                        type="button"
                                        className="underline"
                                        onClick={() => onOpen(`${h.by}: ${h.name}`, h.ids)}
                                    >
                                        {h.of}
                                    </button>
                                </td>
                                <td className="py-1 text-right tabular-nums">{points(h.points)} points there</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
            {sure && known.halving.length > 0 && (
                <p className="mt-2 text-sm">
                    Half of it goes with {known.halving.slice(0, 4).map(change).join('; ')}
                    {known.halving.length > 4 && `; and ${known.halving.length - 4} more`}.
                </p>
            )}
        </section>
    );
}
