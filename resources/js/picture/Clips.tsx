import { useQuery } from '@tanstack/react-query';
import { Link } from '@tanstack/react-router';
import { useState } from 'react';
import { api } from '../api/client';
import { ClipPlayer } from './ClipPlayer';
import { SideBySide, type Side } from './SideBySide';
import type { Filter, ListedSnap } from '../api/numberTypes';

/** The snaps behind a number: those with film play one after the other; any opens in the film room. */
export function Clips({ filter, title, onClose }: { filter: Filter; title: string; onClose: () => void }) {
    const [at, setAt] = useState(0);
    const [two, setTwo] = useState<string[]>([]);
    const list = useQuery({
        queryKey: ['clips', filter],
        queryFn: () => api.post<{ count: number; snaps: ListedSnap[] }>('clip-lists', { filter }),
    });
    const snaps = list.data?.snaps ?? [];
    const filmed = snaps.filter((s) => s.clips.length > 0);
    const pair = two.map((id) => filmed.find((s) => s.id === id)).filter((s): s is ListedSnap => s !== undefined);
    const now = filmed[Math.min(at, filmed.length - 1)];
    return (
        <aside className="flex h-full w-[380px] shrink-0 flex-col border-l border-edge bg-card" aria-label="Clips">
            <header className="flex items-baseline gap-2 border-b border-edge px-4 py-2.5">
                <h2 className="min-w-0 flex-1 truncate font-bold" title={title}>
                    {title}
                </h2>
                <span className="text-xs whitespace-nowrap text-soft">
                    {list.data ? `${list.data.count} snaps, ${filmed.length} on film` : ''}
                </span>
                <button type="button" onClick={onClose} className="text-sm underline">
                    Close
                </button>
            </header>
            {pair.length === 2 && (
                <div className="fixed inset-x-24 top-16 z-40 shadow-2xl">
                    <SideBySide pair={[side(pair[0]), side(pair[1])]} onClose={() => setTwo([])} />
                </div>
            )}
            {now && (
                <div className="p-3 pb-1">
                    <ClipPlayer
                        key={now.id}
                        clips={now.clips}
                        label={now.call ?? 'Clip'}
                        autoPlay={at > 0}
                        onEnd={() => setAt(Math.min(at + 1, filmed.length - 1))}
                    />
                </div>
            )}
            <ol
                className="min-h-0 flex-1 overflow-y-auto px-3 pb-3 text-sm"
                tabIndex={0}
                aria-label="Snaps behind the number"
            >
                {snaps.map((s) => (
                    <li
                        key={s.id}
                        className={`flex items-baseline gap-2 border-b border-faint py-1 ${s.id === now?.id ? 'font-bold' : ''}`}
                    >
                        <Link to="/film" search={{ reel: s.reel_id, snap: s.id }} className="underline">
                            {s.number ?? s.place}
                        </Link>
                        <button
                            type="button"
                            disabled={s.clips.length === 0}
                            onClick={() => setAt(filmed.indexOf(s))}
                            className="min-w-0 flex-1 truncate text-left narrow disabled:opacity-100"
                            title={`${s.call ?? ''}, ${s.reel.title}`}
                        >
                            {s.clips.length > 0 ? '▸ ' : ''}
                            {s.call ?? 'call unknown'}
                        </button>
                        {s.clips.length > 0 && (
                            <button
                                type="button"
                                aria-pressed={two.includes(s.id)}
                                aria-label={`Put snap ${s.number ?? s.place} beside another`}
                                title="Put two snaps side by side on one clock"
                                onClick={() =>
                                    setTwo((t) =>
                                        t.includes(s.id) ? t.filter((id) => id !== s.id) : [...t.slice(-1), s.id],
                                    )
                                }
                                className={two.includes(s.id) ? 'font-bold text-ball' : 'text-soft'}
                            >
                                ◫
                            </button>
                        )}
                        <span className="text-xs whitespace-nowrap text-soft narrow">
                            {s.result ?? ''} {s.gain_yd === null ? '' : `${s.gain_yd > 0 ? '+' : ''}${s.gain_yd}`}
                            {s.decision ? `, ${s.decision}` : ''}
                        </span>
                    </li>
                ))}
            </ol>
        </aside>
    );
}

/** A listed snap to put beside another. */
export const side = (s: ListedSnap): Side => ({
    id: s.id,
    title: `Snap ${s.number ?? s.place}, ${s.reel.title}`,
    says: [s.call, s.choice, s.result, s.decision].filter(Boolean).join(', '),
    snapAt: s.snap_s ?? 0,
    clip: s.clips[0],
});
