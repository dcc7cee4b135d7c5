import { useQuery } from '@tanstack/react-query';
import { Link } from '@tanstack/react-router';
import { useState } from 'react';
import { api } from '../api/client';
import { ClipPlayer } from '../film/ClipPlayer';
import type { Filter, ListedSnap } from './types';

/** The snaps behind a number: those with film play one after the other; any opens in the film room. */
export function Clips({ filter, title, onClose }: { filter: Filter; title: string; onClose: () => void }) {
    const [at, setAt] = useState(0);
    const list = useQuery({
        queryKey: ['clips', filter],
        queryFn: () => api.post<{ count: number; snaps: ListedSnap[] }>('clip-lists', { filter }),
    });
    const snaps = list.data?.snaps ?? [];
    const filmed = snaps.filter((s) => s.clips.length > 0);
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
