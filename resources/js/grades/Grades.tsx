import { useQuery } from '@tanstack/react-query';
import { Link, useSearch } from '@tanstack/react-router';
import { clsx } from 'clsx';
import { useState } from 'react';
import { api } from '../api/client';
import type { Grade, Player, PlayerPage } from '../api/types';
import { useSession } from '../app/session';
import { Button } from '../ui/Button';
import { capital } from '../ui/words';

/** The men and their pages; a player sees only his own. */
export function Grades() {
    const session = useSession();
    const { player: wanted } = useSearch({ from: '/grades' });
    const players = useQuery({ queryKey: ['players'], queryFn: () => api.get<{ players: Player[] }>('players') });
    const list = players.data?.players ?? [];
    const id = session.staff
        ? (wanted ?? list.find((p) => (p.grades_count ?? 0) > 0)?.id ?? list[0]?.id)
        : session.playerId;
    return (
        <div
            className={clsx('grid h-full print:block print:h-auto', session.staff && 'grid-cols-[210px_minmax(0,1fr)]')}
        >
            {session.staff && (
                <nav
                    aria-label="Players"
                    className="no-print overflow-y-auto print:overflow-visible border-r border-edge bg-card p-3"
                >
                    <h2 className="label mb-2">Players</h2>
                    <ul>
                        {list.map((p) => (
                            <li key={p.id}>
                                <Link
                                    to="/grades"
                                    search={{ player: p.id }}
                                    aria-current={p.id === id ? 'page' : undefined}
                                    className={clsx(
                                        'flex items-baseline gap-2 rounded px-2 py-1.5',
                                        p.id === id ? 'bg-ink text-paper' : 'hover:bg-faint',
                                    )}
                                >
                                    <b className="w-6">{p.letter}</b>
                                    <span className="min-w-0 flex-1 truncate narrow">{p.name}</span>
                                    <span className="text-xs opacity-80">{p.grades_count || ''}</span>
                                </Link>
                            </li>
                        ))}
                    </ul>
                </nav>
            )}
            {id ? (
                <Page id={id} />
            ) : (
                <p className="p-8 text-soft">
                    No page belongs to this sign-in. Ask the coordinator to tie it to a player.
                </p>
            )}
        </div>
    );
}

/** A man's page reads like a letter to him: what he was asked, what he did, the clips to watch. */
function Page({ id }: { id: string }) {
    const page = useQuery({ queryKey: ['player', id], queryFn: () => api.get<PlayerPage>(`players/${id}`) });
    if (page.isError) return <p className="p-8 text-ball">{page.error.message}</p>;
    if (!page.data) return null;
    const { player, assignments, grades } = page.data;
    const plus = grades.filter((g) => g.mark > 0).length;
    const faults = [...new Set(grades.flatMap((g) => g.faults))];
    return (
        <article className="overflow-y-auto print:overflow-visible px-10 py-8">
            <header className="flex items-start justify-between border-b-2 border-ink pb-3">
                <div>
                    <h1 className="text-3xl font-extrabold">{player.name}</h1>
                    <p className="text-soft">
                        {player.letter}, number {player.number}.{' '}
                        {grades.length === 0 ? 'Nothing graded yet.' : `${plus} of ${grades.length} plays plus.`}
                        {faults.length > 0 && ` To rep: ${faults.join(', ')}.`}
                    </p>
                </div>
                <Button className="no-print" onClick={() => window.print()} keys="Ctrl P">
                    Print
                </Button>
            </header>
            <div className="grid gap-10 pt-6 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
                <section>
                    <h2 className="mb-3 text-lg font-bold">What you did</h2>
                    {grades.length === 0 && (
                        <p className="text-soft">When a coach grades a play of yours, it stands here with its clip.</p>
                    )}
                    <ul className="space-y-5">
                        {grades.map((g) => (
                            <Played key={g.id} grade={g} />
                        ))}
                    </ul>
                </section>
                <section>
                    <h2 className="mb-3 text-lg font-bold">What you are asked</h2>
                    <ul>
                        {assignments.map((a) => (
                            <li key={a.call} className="border-b border-faint py-2">
                                <p className="font-semibold">{a.job}</p>
                                <p className="text-xs text-soft">{a.words}</p>
                            </li>
                        ))}
                    </ul>
                </section>
            </div>
            <p className="mt-10 text-xs text-soft">
                This page is for {player.name.split(' ')[0]} and the staff. Nobody else sees it.
            </p>
        </article>
    );
}

function Played({ grade: g }: { grade: PlayerPage['grades'][number] }) {
    const [watch, setWatch] = useState(false);
    return (
        <li className="flex gap-4">
            <MarkDot grade={g} />
            <div className="min-w-0 flex-1">
                <p className="font-semibold">
                    {capital(g.asked)}. <span className="font-normal">{g.done}.</span>
                    {g.decision && (
                        <span className={g.decision === 'right' ? 'text-open' : 'text-ball'}>
                            {' '}
                            Decision {g.decision}.
                        </span>
                    )}
                </p>
                <p className="text-[13px] text-soft">{g.reason}</p>
                {g.faults.length > 0 && <p className="text-[13px] font-semibold text-ball">{g.faults.join(', ')}</p>}
                <button
                    type="button"
                    className="no-print mt-1 text-[13px] font-semibold underline underline-offset-2"
                    onClick={() => setWatch(!watch)}
                    aria-expanded={watch}
                >
                    {watch ? 'Put the clip away' : 'Watch'}: {g.clip.title}, {g.clip.reel}
                </button>
                {watch && (
                    <video
                        src={`/api/v1/clips/${g.clip.id}/video`}
                        controls
                        muted
                        playsInline
                        className="mt-2 w-full max-w-xl rounded-md bg-rail"
                    />
                )}
            </div>
        </li>
    );
}

function MarkDot({ grade }: { grade: Grade }) {
    const [sign, name] = grade.mark > 0 ? ['+', 'plus'] : grade.mark < 0 ? ['−', 'minus'] : ['0', 'even'];
    return (
        <span
            aria-label={name}
            role="img"
            className={clsx(
                'grid size-8 shrink-0 place-items-center rounded-full border-2 text-lg font-bold',
                grade.mark > 0 ? 'border-open text-open' : grade.mark < 0 ? 'border-ball text-ball' : 'border-ink',
            )}
        >
            {sign}
        </span>
    );
}
