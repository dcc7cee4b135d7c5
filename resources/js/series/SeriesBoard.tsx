import { useQuery } from '@tanstack/react-query';
import { Link, useNavigate, useSearch } from '@tanstack/react-router';
import { useState } from 'react';
import { useCalls } from '../api/useCalls';
import { api } from '../api/client';
import type { SeriesAnswer, SeriesMember } from './types';
import { useLookShelf } from '../look/useLookShelf';
import { Fork } from '../ui/Fork';
import { capital, margin } from '../ui/words';
import { SmallStage } from './SmallStage';
import { Select } from '../ui/Select';

const WANTED: Record<string, string> = {
    run: 'the base run',
    counter: 'a counter to or away from the motion',
    keep: 'a keep by the quarterback',
    'play-action': 'a pass that looks like the run',
};

/** A series side by side: what looks alike is grey, what gives a member away is lit; and what they do together to one man. */
export function SeriesBoard() {
    const { call: wanted, look: said } = useSearch({ from: '/series' });
    const shelf = useLookShelf();
    const navigate = useNavigate();
    const [picked, setPicked] = useState<string | null>(null);
    const saved = useCalls().calls ?? [];
    const current = saved.find((c) => c.id === wanted) ?? saved.find((c) => 'run' in c.document) ?? saved[0];
    const look = picked ?? said ?? shelf.words[0] ?? '4-2 nickel, cover 3';
    const answer = useQuery({
        queryKey: ['series', current?.id, current?.version, look],
        enabled: current !== undefined,
        queryFn: () => api.post<SeriesAnswer>('series', { document: current!.document, id: current!.id, look }),
    });
    const series = answer.data;
    return (
        <div className="flex h-full flex-col overflow-y-auto">
            <header className="flex flex-wrap items-center gap-3 border-b border-edge px-5 py-3">
                <h1 className="text-xl font-bold">
                    Series{series?.base && <span className="font-normal text-soft">, around {series.base}</span>}
                </h1>
                <label className="ml-auto flex items-center gap-2 text-sm">
                    Call
                    <Select
                        className="max-w-52"
                        value={current?.id ?? ''}
                        onChange={(e) => void navigate({ to: '/series', search: { call: e.target.value, look } })}
                    >
                        {saved.map((c) => (
                            <option key={c.id} value={c.id}>
                                {c.name}
                            </option>
                        ))}
                    </Select>
                </label>
                <label className="flex items-center gap-2 text-sm">
                    Look
                    <Select className="max-w-64" value={look} onChange={(e) => setPicked(e.target.value)}>
                        {[...new Set([look, ...shelf.words])].map((w) => (
                            <option key={w}>{w}</option>
                        ))}
                    </Select>
                </label>
            </header>
            {series && (
                <>
                    <ul
                        className="grid grid-cols-[repeat(auto-fill,minmax(min(330px,100%),1fr))] gap-4 p-5 phone:p-3"
                        aria-label="Members of the series"
                    >
                        {series.members.map((m) => (
                            <Member key={m.id} member={m} />
                        ))}
                        {series.missing.map((kind) => (
                            <li
                                key={kind}
                                className="flex flex-col justify-center rounded-md border-2 border-dashed border-edge p-5 text-soft"
                            >
                                <b className="text-ink">Missing: {WANTED[kind] ?? kind}</b>
                                <span>Save one from this formation and motion, and it stands here.</span>
                            </li>
                        ))}
                    </ul>
                    <Bind series={series} />
                </>
            )}
            {answer.isError && (
                <p role="alert" className="m-5 rounded-md border border-ball bg-ball-wash px-3 py-2">
                    {(answer.error as Error).message}
                </p>
            )}
        </div>
    );
}

function Member({ member }: { member: SeriesMember }) {
    const gives = new Set(member.same.gives.map((g) => g.man));
    return (
        <li className="rounded-md border border-edge bg-paper">
            <div className="flex items-baseline gap-2 border-b border-faint px-3 py-1.5">
                <Link to="/board" search={{ call: member.id }} className="font-bold hover:text-ball">
                    {member.name}
                </Link>
                <span className="text-[13px] text-soft narrow">{member.base ? 'base run' : member.kind}</span>
                <span className="ml-auto flex items-center gap-1 text-[13px] font-semibold narrow">
                    <Fork verdict={member.verdict} size={15} />{' '}
                    {member.strength < -5 ? 'no throw' : margin(member.strength)}
                </span>
            </div>
            <SmallStage stage={member.stage} lit={gives} />
            <div className="space-y-0.5 px-3 py-1.5 text-[13px]">
                <p className="text-soft">{member.words}</p>
                <p>
                    {member.base ? (
                        'What the others must look like.'
                    ) : member.same.gives.length === 0 ? (
                        <b>Looks the same for 0.8 s.</b>
                    ) : (
                        <>
                            <b>{Math.round(member.same.share * 11)} of 11 alike.</b> Gives it away:{' '}
                            {member.same.gives
                                .slice(0, 4)
                                .map((g) => `${g.man} at ${g.atS.toFixed(1)} s`)
                                .join(', ')}
                            {member.same.gives.length > 4 && ` and ${member.same.gives.length - 4} more`}
                        </>
                    )}
                </p>
            </div>
        </li>
    );
}

/** What the members do together to every man some of them reads. */
function Bind({ series }: { series: SeriesAnswer }) {
    const name = (id: string) => series.members.find((m) => m.id === id)?.name ?? id;
    const list = (ids: string[]) => (ids.length === 0 ? '—' : ids.map(name).join(', '));
    if (series.bind.length === 0) return null;
    return (
        <section className="px-5 pb-6">
            <h2 className="pb-2 text-lg font-bold">The bind of the series</h2>
            <table className="w-full max-w-5xl text-[14px]">
                <thead>
                    <tr className="text-left text-soft narrow">
                        <th className="pr-4 font-normal">Defender</th>
                        <th className="pr-4 font-normal">Comes for the run: beaten by</th>
                        <th className="pr-4 font-normal">Stays home: beaten by</th>
                        <th className="font-normal">Together</th>
                    </tr>
                </thead>
                <tbody>
                    {series.bind.map((b) => (
                        <tr key={b.defender} className="border-t border-faint align-baseline">
                            <td className="py-1 pr-4 font-semibold text-plum">{capital(b.defender)}</td>
                            <td className="pr-4">{list(b.comes)}</td>
                            <td className="pr-4">{list(b.stays)}</td>
                            <td className={b.wrong ? 'font-bold text-ball' : 'text-soft'}>
                                {b.wrong ? 'wrong always' : `missing: ${b.missing}`}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    );
}
