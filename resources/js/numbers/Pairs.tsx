import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import { SideBySide } from '../picture/SideBySide';
import { side } from '../picture/Clips';
import { query } from './query';
import type { Filter, ListedSnap, Pair } from '../api/numberTypes';

/** What teaches most when it stands side by side, found by the product; one press shows the two on one clock. */
export function Pairs({ filter }: { filter: Filter }) {
    const [shown, setShown] = useState<Pair | null>(null);
    const answer = useQuery({
        queryKey: ['numbers', 'pairs', filter],
        queryFn: () => api.get<{ kinds: Record<string, string>; rows: Pair[] }>(`numbers/pairs?${query(filter)}`),
    });
    if (!answer.data) return null;
    const { kinds, rows } = answer.data;
    return (
        <section>
            <p className="pb-2 text-xs text-soft">
                From the filmed snaps of the filter. Leave the kind open to take the practices in as well.
            </p>
            {shown && <Two key={shown.a + shown.b} pair={shown} onClose={() => setShown(null)} />}
            <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
                {Object.entries(kinds).map(([kind, name]) => {
                    const of = rows.filter((r) => r.kind === kind);
                    return (
                        <div key={kind}>
                            <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-bold">{name}</h2>
                            {of.length === 0 && <p className="text-sm text-soft">None on film yet.</p>}
                            <ul className="text-sm">
                                {of.map((r) => (
                                    <li key={r.a + r.b + r.what} className="border-b border-faint py-1">
                                        <button
                                            type="button"
                                            aria-pressed={shown === r}
                                            onClick={() => setShown(r)}
                                            className="block w-full text-left hover:underline"
                                        >
                                            <b>{r.what}</b>
                                            <span className="block text-[13px] text-soft">{r.why}</span>
                                        </button>
                                    </li>
                                ))}
                            </ul>
                        </div>
                    );
                })}
            </div>
        </section>
    );
}

function Two({ pair, onClose }: { pair: Pair; onClose: () => void }) {
    const list = useQuery({
        queryKey: ['clips', pair.a, pair.b],
        queryFn: () => api.post<{ snaps: ListedSnap[] }>('clip-lists', { filter: { ids: [pair.a, pair.b] } }),
    });
    const of = (id: string) => list.data?.snaps.find((s) => s.id === id);
    const [a, b] = [of(pair.a), of(pair.b)];
    if (!a || !b) return null;
    return (
        <div className="mb-4">
            <SideBySide pair={[side(a), side(b)]} onClose={onClose} />
        </div>
    );
}
