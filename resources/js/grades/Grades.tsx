import { useQuery } from '@tanstack/react-query';
import { Link, useSearch } from '@tanstack/react-router';
import { clsx } from 'clsx';
import { api } from '../api/client';
import type { Player } from '../api/types';
import { useSession } from '../api/session';
import { Letter } from './Letter';
import { Week } from './Week';

/** The week of the staff, and every man's page; a player sees only his own. */
export function Grades() {
    const session = useSession();
    const { player: wanted } = useSearch({ from: '/grades' });
    const players = useQuery({
        queryKey: ['players'],
        enabled: session.staff,
        queryFn: () => api.get<{ players: Player[] }>('players'),
    });
    if (!session.staff) {
        return session.playerId ? (
            <Letter id={session.playerId} />
        ) : (
            <p className="p-8 text-soft">No page belongs to this sign-in. Ask the coordinator to tie it to a player.</p>
        );
    }
    const row = (chosen: boolean) =>
        clsx(
            'flex items-baseline gap-2 rounded px-2 py-1.5 stacked:shrink-0',
            chosen ? 'bg-ink text-paper' : 'hover:bg-faint',
        );
    return (
        <div className="grid h-full grid-cols-[190px_minmax(0,1fr)] stacked:block stacked:h-auto print:block print:h-auto">
            <nav
                aria-label="Players"
                className="no-print overflow-y-auto border-r border-edge bg-card p-2 stacked:border-r-0 stacked:border-b print:overflow-visible"
            >
                <Link to="/grades" search={{}} aria-current={wanted ? undefined : 'page'} className={row(!wanted)}>
                    <b>The week</b>
                </Link>
                <Link to="/teach" search={{}} className={row(false)}>
                    Teaching reels
                </Link>
                <h2 className="label mt-3 mb-1 px-2 stacked:mt-1">Players</h2>
                <ul className="stacked:flex stacked:gap-1 stacked:overflow-x-auto">
                    {(players.data?.players ?? []).map((p) => (
                        <li key={p.id}>
                            <Link
                                to="/grades"
                                search={{ player: p.id }}
                                aria-current={p.id === wanted ? 'page' : undefined}
                                className={row(p.id === wanted)}
                            >
                                <b className="w-6">{p.letter}</b>
                                <span className="min-w-0 flex-1 truncate narrow">{p.name}</span>
                                <span className="text-xs opacity-80">{p.grades_count || ''}</span>
                            </Link>
                        </li>
                    ))}
                </ul>
            </nav>
            {wanted ? <Letter key={wanted} id={wanted} /> : <Week />}
        </div>
    );
}
