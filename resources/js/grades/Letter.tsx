import { useQuery } from '@tanstack/react-query';
import { Link } from '@tanstack/react-router';
import { useState } from 'react';
import { api } from '../api/client';
import type { Played, PlayerPage } from '../api/types';
import { useSession } from '../api/session';
import { ClipPlayer } from '../picture/ClipPlayer';
import { Share } from '../ui/Share';
import { Button } from '../ui/Button';
import { capital } from '../ui/words';
import { PlayedSnap } from './PlayedSnap';
import { SideBySide, type Side } from '../picture/SideBySide';

/** So many of his snaps stand there until he asks for all. */
const SHOWN = 10;

/** A man's page reads like a letter to him: what he was asked, what he did, three clips to watch, the trend. */
export function Letter({ id }: { id: string }) {
    const session = useSession();
    const [two, setTwo] = useState<string[]>([]);
    const [all, setAll] = useState(false);
    const page = useQuery({ queryKey: ['player', id], queryFn: () => api.get<PlayerPage>(`players/${id}`) });
    if (page.isError) return <p className="p-8 text-ball">{page.error.message}</p>;
    if (!page.data) return null;
    const p = page.data;
    const first = p.player.name.split(' ')[0];
    const counted = p.grades.filter((g) => g.counts);
    const plus = counted.filter((g) => g.mark > 0).length;
    const pick = (snap: string) =>
        setTwo((t) => (t.includes(snap) ? t.filter((s) => s !== snap) : [...t.slice(-1), snap]));
    const picked = two.map((s) => p.grades.find((g) => g.snap.id === s)).filter((g): g is Played => g !== undefined);
    const last = p.trend.weeks.at(-1);
    const shown = all ? p.grades : notable(p.grades);
    return (
        <article
            className="overflow-y-auto px-8 py-6 phone:px-4 print:overflow-visible"
            tabIndex={0}
            aria-label={`Page of ${p.player.name}`}
        >
            <header className="flex items-start justify-between border-b-2 border-ink pb-2">
                <div>
                    <h1 className="text-3xl font-extrabold">{p.player.name}</h1>
                    <p className="text-soft">
                        {p.player.letter}, number {p.player.number}.{' '}
                        {p.grades.length === 0
                            ? 'Nothing graded yet.'
                            : `${plus} of ${counted.length} snaps plus${counted.length < p.grades.length ? `, ${p.grades.length - counted.length} more not counted` : ''}.`}
                    </p>
                </div>
                <Button className="no-print" onClick={() => window.print()} keys="Ctrl P">
                    Print
                </Button>
            </header>
            {p.grades.length > 0 && (
                <p className="max-w-prose pt-3 text-[15px] leading-relaxed">
                    {first},{' '}
                    {last &&
                        `week ${last.week}: ${last.interval.hits} of ${last.interval.of} snaps were plus${last.percent === null ? '' : `, ${last.percent} % of the points (${Math.round(100 * p.winning)} % wins)`}. `}
                    {p.trend.says} {p.repeats.map((r) => `${capital(r.label)}: ${r.text}. `)}
                    {p.faults.filter((f) => !f.praise).length > 0 && (
                        <>
                            To rep this week:{' '}
                            {p.faults
                                .filter((f) => !f.praise)
                                .slice(0, 2)
                                .map((f) => `${f.label}${f.drill ? ` (drill: ${f.drill})` : ''}`)
                                .join('; ')}
                            .
                        </>
                    )}
                </p>
            )}
            <Watch page={p} />
            {picked.length === 2 && (
                <SideBySide pair={[side(picked[0], p.labels), side(picked[1], p.labels)]} onClose={() => setTwo([])} />
            )}
            <div className="grid gap-8 pt-5 lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]">
                <section>
                    <h2 className="mb-2 text-lg font-bold">
                        {all || shown.length === p.grades.length
                            ? 'What you did'
                            : 'What you did, what says most first'}
                    </h2>
                    {p.grades.length === 0 && (
                        <p className="text-soft">When a coach grades a snap of yours, it stands here with its clip.</p>
                    )}
                    <ul>
                        {shown.map((g) => (
                            <PlayedSnap
                                key={g.id}
                                grade={g}
                                labels={p.labels}
                                picked={two.includes(g.snap.id)}
                                onPick={() => pick(g.snap.id)}
                                staff={session.staff}
                            />
                        ))}
                    </ul>
                    {(all || shown.length < p.grades.length) && (
                        <Button className="no-print mt-2" onClick={() => setAll(!all)}>
                            {all ? 'Only what says most' : `All ${p.grades.length} snaps`}
                        </Button>
                    )}
                </section>
                <section className="space-y-5">
                    <Weeks page={p} />
                    <Led page={p} staff={session.staff} />
                    {p.byAssignment.length > 0 && (
                        <div>
                            <h2 className="mb-1 text-lg font-bold">By what you were asked</h2>
                            <ul className="text-sm">
                                {p.byAssignment.map((a) => (
                                    <li key={a.asked} className="flex items-baseline gap-2 border-b border-faint py-1">
                                        <span className="min-w-0 flex-1">{a.asked}</span>
                                        <Share of={a.interval} />
                                    </li>
                                ))}
                            </ul>
                        </div>
                    )}
                    <div>
                        <h2 className="mb-1 text-lg font-bold">What you are asked</h2>
                        <ul>
                            {p.assignments.map((a) => (
                                <li key={a.call} className="border-b border-faint py-1.5">
                                    <p className="text-sm font-semibold">{a.job}</p>
                                    <p className="text-xs text-soft">{a.words}</p>
                                </li>
                            ))}
                        </ul>
                    </div>
                </section>
            </div>
            <p className="mt-8 text-xs text-soft">This page is for {first} and the staff. Nobody else sees it.</p>
        </article>
    );
}

/** What says most of a man's snaps: what was not plus, then what is measured, the latest first. */
function notable(grades: Played[]): Played[] {
    const says = (g: Played) => (g.mark < 1 || g.faults.length > 0 ? 2 : 0) + (g.snap.clips.length > 0 ? 1 : 0);
    return [...grades].sort((a, b) => says(b) - says(a)).slice(0, SHOWN);
}

const side = (g: Played, labels: Record<string, string>): Side => ({
    id: g.id,
    title: `Snap ${g.snap.number}, ${g.snap.reel.title}`,
    says: [g.done || g.asked, ...g.faults.map((f) => labels[f])].join(', '),
    snapAt: g.snap.snapAt,
    clip: g.snap.clips[0],
    man: g.man,
});

/** The three clips to watch, open at once. */
function Watch({ page }: { page: PlayerPage }) {
    const clips = page.watch
        .map((w) => ({ why: w.why, grade: page.grades.find((g) => g.snap.id === w.snap) }))
        .filter((w): w is { why: string; grade: Played } => w.grade !== undefined && w.grade.snap.clips.length > 0);
    if (clips.length === 0) return null;
    return (
        <section className="pt-4">
            <h2 className="mb-1.5 text-lg font-bold">To watch</h2>
            <ul className="grid grid-cols-3 gap-4 phone:grid-cols-1">
                {clips.map(({ why, grade: g }) => (
                    <li key={g.id}>
                        <ClipPlayer
                            clips={g.snap.clips}
                            label={`Snap ${g.snap.number}`}
                            man={g.man}
                            startS={Math.max(0, g.snap.snapAt - 0.5)}
                        />
                        <p className="text-sm">
                            <b>{capital(why)}.</b> Snap {g.snap.number}, {g.snap.reel.title}: {g.asked}.
                        </p>
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** What he did for the others, or cost them. */
function Led({ page, staff }: { page: PlayerPage; staff: boolean }) {
    if (page.led.length === 0) return null;
    return (
        <div>
            <h2 className="mb-1 text-lg font-bold">What your play did for others</h2>
            <ul className="text-sm">
                {page.led.map((l) => (
                    <li key={l.snap + l.for} className="flex items-baseline gap-2 border-b border-faint py-1">
                        <b className={l.helped ? 'text-open' : 'text-ball'}>{l.helped ? '+' : '−'}</b>
                        <span className="min-w-0 flex-1">{capital(l.does)}</span>
                        {staff ? (
                            <Link to="/film" search={{ reel: l.reel, snap: l.snap }} className="text-xs underline">
                                snap {l.number}, {l.title}
                            </Link>
                        ) : (
                            <span className="text-xs text-soft">
                                snap {l.number}, {l.title}
                            </span>
                        )}
                    </li>
                ))}
            </ul>
        </div>
    );
}

function Weeks({ page }: { page: PlayerPage }) {
    if (page.trend.weeks.length === 0) return null;
    return (
        <div>
            <h2 className="mb-1 text-lg font-bold">Week by week</h2>
            <ul className="text-sm">
                {page.trend.weeks.map((w) => (
                    <li key={w.week} className="flex items-baseline gap-3 border-b border-faint py-1">
                        <span className="w-16">Week {w.week}</span>
                        <Share of={w.interval} />
                        <span className="ml-auto text-xs text-soft">
                            {w.earned} of {w.possible} points
                            {w.weightedPercent !== w.percent && w.weightedPercent !== null
                                ? `, weighted ${Math.round(w.weightedPercent)} %`
                                : ''}
                        </span>
                    </li>
                ))}
            </ul>
            <p className="mt-1 text-xs text-soft">{page.trend.says}</p>
        </div>
    );
}
