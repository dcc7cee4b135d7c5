import { useQuery } from '@tanstack/react-query';
import { Link } from '@tanstack/react-router';
import { api } from '../api/client';
import type { RepCount, RepStanding } from '../api/repTypes';

/** How the men stand in their reps: in the order of the roster, and the call that is least known first. */
export function Standing() {
    const standing = useQuery({ queryKey: ['reps'], queryFn: () => api.get<RepStanding>('reps') });
    const data = standing.data;
    if (standing.isError) return <p className="p-8 text-soft">The reps did not arrive. Load the page again.</p>;
    if (!data) return <p className="p-8 text-soft">The reps are counted …</p>;
    const kinds = data.men[0]?.kinds ?? [];
    return (
        <div className="h-full overflow-y-auto p-5 stacked:h-auto stacked:p-3 print:h-auto print:overflow-visible">
            <h1 className="text-xl font-bold">Reps of the last {data.days} days</h1>
            <p className="mb-4 max-w-prose text-sm text-soft">
                Each man is asked ten questions a day from our calls against this opponent's looks. The right answer is
                the proof's. What he said first on a day counts.
            </p>
            <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] items-start gap-6 stacked:block">
                <div className="overflow-x-auto">
                    <table className="w-full text-sm">
                        <thead>
                            <tr className="border-b border-edge text-left">
                                <th className="py-1.5 pr-3">Man</th>
                                <th className="py-1.5 pr-3">Days</th>
                                {kinds.map((k) => (
                                    <th key={k.kind} className="py-1.5 pr-3">
                                        {k.words}
                                    </th>
                                ))}
                                <th className="no-print" />
                            </tr>
                        </thead>
                        <tbody>
                            {data.men.map((man) => (
                                <tr key={man.id} className="border-b border-faint">
                                    <td className="py-1.5 pr-3 whitespace-nowrap">
                                        <b className="inline-block w-7">{man.letter}</b> {man.name}
                                    </td>
                                    <td className="py-1.5 pr-3">{man.onDays || ''}</td>
                                    {man.kinds.map((k) => (
                                        <td key={k.kind} className="py-1.5 pr-3 whitespace-nowrap">
                                            {share(k)}
                                        </td>
                                    ))}
                                    <td className="no-print text-right">
                                        <Link
                                            to="/reps"
                                            search={{ player: man.id }}
                                            className="inline-flex items-center px-2 whitespace-nowrap underline stacked:min-h-11"
                                            aria-label={`His questions: ${man.name}`}
                                        >
                                            His questions
                                        </Link>
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
                <section className="stacked:mt-6">
                    <h2 className="label mb-1">By call, least known first</h2>
                    {data.calls.length === 0 && <p className="text-sm text-soft">Nobody has answered yet.</p>}
                    <ul className="text-sm">
                        {data.calls.map((row) => (
                            <li key={row.call} className="flex justify-between gap-3 border-b border-faint py-1">
                                <span>{row.call}</span>
                                <span className="whitespace-nowrap">{share(row)}</span>
                            </li>
                        ))}
                    </ul>
                </section>
            </div>
        </div>
    );
}

/** "7 of 9"; nothing where nothing was asked. */
const share = ({ right, asked }: RepCount): string => (asked === 0 ? '' : `${right} of ${asked}`);
