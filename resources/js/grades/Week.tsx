import { useQuery } from '@tanstack/react-query';
import { Link } from '@tanstack/react-router';
import { useState } from 'react';
import { api } from '../api/client';
import type { Interval } from '../api/types';
import { Clips } from '../picture/Clips';
import { Share } from '../ui/Share';
import { Button } from '../ui/Button';
import { capital } from '../ui/words';
import { GradingSchool } from './GradingSchool';
import { Select } from '../ui/Select';

type WeekAnswer = {
    week: number;
    weeks: number[];
    scale: string;
    scales: Record<string, string>;
    winning: number;
    notCountedIds: string[];
    men: {
        id: string;
        name: string;
        letter: string;
        number: number;
        snaps: number;
        plus: number;
        minus: number;
        percent: number | null;
        weightedPercent: number | null;
        won: boolean | null;
        bustIds: string[];
        impactIds: string[];
        interval: Interval;
        faults: { id: string; label: string; times: number; praise: boolean }[];
        ids: string[];
        /** The one thing he takes along. */
        cue: {
            label: string;
            praise: boolean;
            wanted: string;
            drill: string | null;
            why: string;
        } | null;
    }[];
    groups: {
        group: string;
        faults: { id: string; label: string; times: number; drill: string | null; ids: string[] }[];
    }[];
    repeats: {
        man: string;
        fault: string;
        label: string;
        times: number;
        state: string;
        text: string;
        drill: string | null;
        ids: string[];
    }[];
};

/** The staff's week: every man, the groups' faults, and what came again. */
export function Week() {
    const [week, setWeek] = useState<number | null>(null);
    const [clips, setClips] = useState<{ title: string; ids: string[] } | null>(null);
    const [school, setSchool] = useState(false);
    const answer = useQuery({
        queryKey: ['week', week],
        queryFn: () => api.get<WeekAnswer>(`weeks${week === null ? '' : `?week=${week}`}`),
    });
    const w = answer.data;
    if (!w) return null;
    const open = (title: string, ids: string[]) => setClips({ title, ids });
    return (
        <div className="flex min-h-0 print:block">
            <article
                className="min-w-0 flex-1 overflow-y-auto px-6 py-5 print:overflow-visible"
                tabIndex={0}
                aria-label="The week"
            >
                <header className="flex flex-wrap items-center gap-3 border-b-2 border-ink pb-2">
                    <h1 className="text-2xl font-extrabold">Week {w.week}</h1>
                    <p className="min-w-0 flex-1 text-sm text-soft">
                        Graded by {w.scales[w.scale]}; {Math.round(100 * w.winning)} % wins the day.
                        {w.notCountedIds.length > 0 && (
                            <>
                                {' '}
                                <button
                                    type="button"
                                    className="underline underline-offset-2"
                                    onClick={() => open('Kept and not counted', w.notCountedIds)}
                                >
                                    {w.notCountedIds.length} kept and not counted
                                </button>
                                .
                            </>
                        )}
                    </p>
                    <span className="no-print flex items-center gap-2">
                        <Select
                            aria-label="Week"
                            value={w.week}
                            onChange={(e) => setWeek(Number(e.target.value))}
                            className="text-sm"
                        >
                            {w.weeks.map((n) => (
                                <option key={n} value={n}>
                                    Week {n}
                                </option>
                            ))}
                        </Select>
                        <Button onClick={() => setSchool(!school)} aria-expanded={school}>
                            How we grade
                        </Button>
                        <a className="text-sm underline" href={`/api/v1/weeks/file.csv?week=${w.week}`} download>
                            CSV
                        </a>
                        <Button onClick={() => window.print()} keys="Ctrl P">
                            Print
                        </Button>
                    </span>
                </header>
                {school && <GradingSchool />}
                {w.repeats.length > 0 && (
                    <section className="mt-3 rounded-md border border-amber bg-amber-wash px-4 py-2.5">
                        <h2 className="font-bold">What came again</h2>
                        <ul className="mt-1 grid gap-x-8 text-sm lg:grid-cols-2">
                            {w.repeats.map((r) => (
                                <li key={r.man + r.fault}>
                                    <button
                                        type="button"
                                        className="text-left"
                                        onClick={() => open(`${r.man}: ${r.label}`, r.ids)}
                                    >
                                        <b className="font-semibold underline underline-offset-2">
                                            {r.man}, {r.label}
                                        </b>
                                        : {r.text}
                                        {r.drill && r.state !== 'fixed' ? `. Drill: ${r.drill}` : ''}.
                                    </button>
                                </li>
                            ))}
                        </ul>
                    </section>
                )}
                <table className="mt-4 w-full border-collapse text-sm">
                    <thead>
                        <tr className="border-b-2 border-ink text-left">
                            {[
                                'Player',
                                'Snaps',
                                'Grade',
                                'Plus of judged',
                                'Mental errors',
                                'Plus plays',
                                'To rep',
                            ].map((h) => (
                                <th key={h} className="py-1 pr-3">
                                    {h}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {w.men.map((m) => (
                            <tr key={m.id} className="border-b border-faint align-baseline">
                                <th scope="row" className="py-1 pr-3 text-left">
                                    <Link to="/grades" search={{ player: m.id }} className="hover:underline">
                                        {m.letter} {m.name}
                                    </Link>
                                </th>
                                <td className="pr-3">
                                    <button
                                        type="button"
                                        className="underline underline-offset-2"
                                        onClick={() => open(m.name, m.ids)}
                                    >
                                        {m.snaps}
                                    </button>
                                </td>
                                <td className="pr-3 whitespace-nowrap">
                                    <b className={m.won === false ? 'text-ball' : m.won ? 'text-open' : ''}>
                                        {m.percent === null
                                            ? '–'
                                            : `${m.percent.toFixed(m.percent % 1 === 0 ? 0 : 1)} % ${m.won ? 'won' : 'short'}`}
                                    </b>
                                    {m.weightedPercent !== null && m.weightedPercent !== m.percent && (
                                        <span className="text-soft"> weighted {Math.round(m.weightedPercent)} %</span>
                                    )}
                                </td>
                                <td className="pr-3">
                                    <Share of={m.interval} />
                                </td>
                                <td className="pr-3">
                                    <Opens ids={m.bustIds} onOpen={() => open(`${m.name}: mental errors`, m.bustIds)} />
                                </td>
                                <td className="pr-3">
                                    <Opens
                                        ids={m.impactIds}
                                        onOpen={() => open(`${m.name}: plus plays`, m.impactIds)}
                                    />
                                </td>
                                <td className="text-xs">
                                    {m.faults
                                        .filter((f) => !f.praise)
                                        .slice(0, 3)
                                        .map((f) => `${f.label}${f.times > 1 ? ` ×${f.times}` : ''}`)
                                        .join(', ')}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
                <section className="mt-6 grid gap-5 sm:grid-cols-2 xl:grid-cols-3">
                    {w.groups
                        .filter((g) => g.faults.length > 0)
                        .map((g) => (
                            <div key={g.group}>
                                <h2 className="border-b border-ink font-bold">{capital(g.group)}</h2>
                                <ul className="text-sm">
                                    {g.faults.map((f) => (
                                        <li
                                            key={f.id}
                                            className="flex items-baseline gap-2 border-b border-faint py-0.5"
                                        >
                                            <div className="min-w-0 flex-1">
                                                <Link
                                                    to="/teach"
                                                    search={{ fault: f.id }}
                                                    className="block hover:underline"
                                                    title="The reel that teaches it"
                                                >
                                                    {f.label}
                                                </Link>
                                                {f.drill && <DrillLink drill={f.drill} />}
                                            </div>
                                            <button
                                                type="button"
                                                className="underline"
                                                onClick={() => open(`${capital(g.group)}: ${f.label}`, f.ids)}
                                            >
                                                {f.times}
                                            </button>
                                        </li>
                                    ))}
                                </ul>
                            </div>
                        ))}
                </section>
                <Cues men={w.men} />
            </article>
            {clips && (
                <Clips
                    key={clips.title}
                    title={clips.title}
                    filter={{ ids: clips.ids }}
                    onClose={() => setClips(null)}
                />
            )}
        </div>
    );
}

function DrillLink({ drill }: { drill: string }) {
    return (
        <Link
            to="/practice/drills"
            search={{ drill }}
            className="block text-xs text-soft hover:underline"
            title="The card of the drill"
        >
            {drill}
        </Link>
    );
}

/** A card with one cue for each man, to be printed and cut out. */
function Cues({ men }: { men: WeekAnswer['men'] }) {
    const cued = men.filter((m) => m.cue !== null);
    if (cued.length === 0) return null;
    return (
        <section className="mt-6 print:break-before-page" aria-label="One cue for each man">
            <h2 className="mb-2 text-lg font-bold">One cue for each man</h2>
            <ul className="grid gap-2 sm:grid-cols-2 xl:grid-cols-4">
                {cued.map((m) => (
                    <li key={m.id} className="break-inside-avoid rounded-md border border-edge px-3 py-2 text-sm">
                        <p className="flex justify-between text-xs text-soft">
                            <b className="text-ink">
                                {m.letter} {m.name}
                            </b>
                            {m.number}
                        </p>
                        <p className="mt-1 text-[15px] leading-tight font-bold">
                            {m.cue!.praise ? capital(m.cue!.label) : capital(m.cue!.wanted)}
                        </p>
                        <p className="mt-1 text-xs text-soft">
                            {m.cue!.praise ? capital(m.cue!.why) : `${capital(m.cue!.label)}, ${m.cue!.why}`}.
                            {m.cue!.drill && ` Drill: ${m.cue!.drill}.`}
                        </p>
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** A count that opens its snaps; none is empty. */
function Opens({ ids, onOpen }: { ids: string[]; onOpen: () => void }) {
    return ids.length === 0 ? null : (
        <button type="button" className="underline underline-offset-2" onClick={onOpen}>
            {ids.length}
        </button>
    );
}
