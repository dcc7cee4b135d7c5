import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { Share } from '../ui/Share';
import { capital } from '../ui/words';
import { query } from './query';
import type { EvidenceRow, Filter } from '../api/numberTypes';

type Props = { filter: Filter; onOpen: (title: string, ids: string[]) => void };

/** What an opponent did against us, and what it was worth to us. */
export function Opponent({ filter, onOpen }: Props) {
    const answer = useQuery({
        queryKey: ['numbers', 'opponent', filter],
        queryFn: () =>
            api.get<{ topics: Record<string, string>; rows: EvidenceRow[] }>(`numbers/opponent?${query(filter)}`),
    });
    if (!answer.data) return null;
    const { topics, rows } = answer.data;
    return (
        <section>
            <p className="max-w-prose pb-2 text-xs text-soft">
                Evidence about the concept, nobody’s grade. Choose the opponent in the filter. Bars are 95 % intervals;
                beside each stands what it was worth to us.
            </p>
            <div className="gap-8 lg:columns-2">
                {Object.entries(topics).map(([topic, name]) => {
                    const of = rows.filter((r) => r.topic === topic);
                    if (of.length === 0) return null;
                    return (
                        <table key={topic} className="mb-5 w-full break-inside-avoid border-collapse text-sm">
                            <caption className="border-b-2 border-ink pb-0.5 text-left font-bold">{name}</caption>
                            <thead className="sr-only">
                                <tr>
                                    <th>What</th>
                                    <th>Share</th>
                                    <th>Snaps</th>
                                    <th>Our success</th>
                                </tr>
                            </thead>
                            <tbody>
                                {of.map((r, i) => (
                                    <tr key={r.of + r.name} className="border-b border-faint">
                                        <th scope="row" className="py-1 pr-2 text-left align-bottom font-normal">
                                            {r.of && r.of !== of[i - 1]?.of && <b className="block">{capital(r.of)}</b>}
                                            {topic !== 'gave' && topic !== 'wrinkle' && r.name}
                                        </th>
                                        <td className="w-36 pb-1 align-bottom">
                                            <Share of={r.share} />
                                        </td>
                                        <td className="w-14 pb-1 text-right align-bottom">
                                            <button
                                                type="button"
                                                className="underline"
                                                aria-label={`${r.of} ${r.name}: watch ${r.share.hits} of ${r.share.of}`}
                                                onClick={() => onOpen(`${r.of} ${r.name}`.trim(), r.ids)}
                                            >
                                                {r.share.hits} of {r.share.of}
                                            </button>
                                        </td>
                                        <td className="w-36 pb-1 pl-2 text-right align-bottom text-xs whitespace-nowrap text-soft">
                                            {r.success.of > 0 && `worth it ${r.success.hits} of ${r.success.of}`}
                                            {r.average !== null && `, ${r.average.toFixed(1)} yd`}
                                        </td>
                                    </tr>
                                ))}
                            </tbody>
                        </table>
                    );
                })}
            </div>
            {rows.length === 0 && <p className="text-soft">Nothing of theirs is charted in this filter.</p>}
        </section>
    );
}
