import { clsx } from 'clsx';
import { useState } from 'react';
import { useSession } from '../api/session';
import { useCalls } from '../api/useCalls';
import { useThrowAway } from '../api/useThrowAway';
import { useNavigate } from '@tanstack/react-router';
import { useLooks } from '../api/useLooks';
import type { CallReps, KindOfPeriod, Period, PracticeAnswer, RunDay } from '../api/practiceTypes';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import { capital, dayWords } from '../ui/words';
import { starts } from './clock';
import { Drills } from './Drills';
import { Effects } from './Effects';
import { NewThisWeek } from './NewThisWeek';
import { NextDay } from './NextDay';
import { ScoutCards } from './ScoutCards';
import { Script } from './Script';
import { usePractice } from './usePractice';

const RUN_DAYS: [RunDay, string][] = [
    ['zone', 'zone day'],
    ['gap', 'gap day'],
    ['any', 'all runs'],
];

/** A practice on one page: its periods by the clock, their scripts, what the week has of reps and of contact. */
export function PracticePlan({ id }: { id: string }) {
    const { answer, change, period, fill, busy } = usePractice(id);
    const { calls } = useCalls();
    const { looks } = useLooks();
    const { throwAway } = useThrowAway('practice', [['practices']]);
    const mayThrow = useSession().role === 'coordinator';
    const navigate = useNavigate();
    const [cards, setCards] = useState(false);
    if (answer.isError) return <p className="p-8 text-soft">The practice did not arrive. Load the page again.</p>;
    if (!answer.data) return <p className="p-8 text-soft">The practice comes …</p>;
    const { practice, minutes, contactMinutes, kinds } = answer.data;
    const runsPlays = (p: Period) => kinds.some((k) => k.kind === p.kind && k.hasScript);
    const givesDrills = (p: Period) => kinds.some((k) => k.kind === p.kind && k.hasDrills);
    const book = calls ?? [];
    const all = looks ?? [];
    const theirs = all.filter((l) => l.opponent === practice.opponent);
    if (cards) return <ScoutCards practice={practice} calls={book} onBack={() => setCards(false)} />;
    const at = starts(practice.starts_at, practice.periods);
    const put = (periods: Period[]) => change({ periods });
    return (
        <div className="grid min-h-0 grid-cols-[minmax(0,1fr)_260px] overflow-y-auto stacked:block print:block">
            <article className="p-5 stacked:p-3 print:p-0">
                <header className="mb-3 flex flex-wrap items-center gap-3">
                    <h1 className="text-xl font-bold">{dayWords(practice.held_on)}</h1>
                    <Held
                        aria-label="Title of the practice"
                        className="w-36 rounded-md border border-edge bg-paper px-2 py-1 text-sm stacked:min-h-11 print:border-0 print:bg-transparent"
                        value={practice.title}
                        onHeld={(title) => title && change({ title })}
                    />
                    <span className="text-sm text-soft">
                        {minutes} min, {contactMinutes} of full contact
                    </span>
                    <span className="flex-1" />
                    <span className="no-print flex items-center gap-2 text-sm">
                        <label className="flex items-center gap-1">
                            Starts
                            <input
                                type="time"
                                value={practice.starts_at}
                                onChange={(e) => e.target.value && change({ starts_at: e.target.value })}
                                className="rounded-md border border-edge bg-paper px-1 py-1 stacked:min-h-11"
                            />
                        </label>
                        <Select
                            aria-label="Runs of the day"
                            title="What an inside run is filled with"
                            value={practice.runs}
                            onChange={(e) => change({ runs: e.target.value as RunDay })}
                        >
                            {RUN_DAYS.map(([day, words]) => (
                                <option key={day} value={day}>
                                    {words}
                                </option>
                            ))}
                        </Select>
                        <Select
                            aria-label="Opponent"
                            value={practice.opponent}
                            onChange={(e) => change({ opponent: e.target.value })}
                        >
                            {[...new Set([practice.opponent, ...all.map((l) => l.opponent ?? '')])].map((o) => (
                                <option key={o} value={o}>
                                    {o || 'no opponent'}
                                </option>
                            ))}
                        </Select>
                        <Button onClick={() => window.print()} keys="Ctrl P">
                            Print
                        </Button>
                        <Button onClick={() => setCards(true)}>Scout cards</Button>
                    </span>
                </header>
                <ol>
                    {practice.periods.map((p, n) => (
                        <li key={n} className="border-t border-edge py-2 print:break-inside-avoid">
                            <PeriodHead
                                period={p}
                                kinds={kinds}
                                number={n + 1}
                                at={at[n]}
                                onChange={(c) => period(n, c)}
                                onGone={() => put(practice.periods.filter((_, m) => m !== n))}
                            />
                            {givesDrills(p) && (
                                <Drills
                                    practice={id}
                                    place={n}
                                    minutes={p.minutes}
                                    drills={p.drills ?? []}
                                    name={`period ${n + 1}`}
                                    onDrills={(drills) => period(n, { drills })}
                                />
                            )}
                            {runsPlays(p) && (
                                <Script
                                    rows={p.script}
                                    name={`period ${n + 1}`}
                                    calls={book}
                                    looks={theirs}
                                    busy={busy}
                                    onRows={(script) => period(n, { script })}
                                    onFill={(rows) => void fill({ place: n, rows })}
                                />
                            )}
                        </li>
                    ))}
                </ol>
                <Button
                    className="no-print mt-2"
                    onClick={() =>
                        put([
                            ...practice.periods,
                            { kind: 'team', minutes: 10, contact: true, where: '', emphasis: '', script: [] },
                        ])
                    }
                >
                    Add a period
                </Button>
                {mayThrow && (
                    <Button
                        kind="quiet"
                        className="no-print mt-2 ml-2"
                        onClick={() =>
                            void throwAway({ id, name: `${practice.title}, ${dayWords(practice.held_on)}` }).then(
                                (gone) => gone !== undefined && void navigate({ to: '/practice', search: {} }),
                            )
                        }
                    >
                        Throw this practice away
                    </Button>
                )}
            </article>
            <Beside data={answer.data} id={id} />
        </div>
    );
}

type HeadProps = {
    period: Period;
    kinds: KindOfPeriod[];
    number: number;
    at: string;
    onChange: (change: Partial<Period>) => void;
    onGone: () => void;
};

function PeriodHead({ period, kinds, number, at, onChange, onGone }: HeadProps) {
    const field =
        'rounded-md border border-edge bg-paper px-2 py-1 text-sm stacked:min-h-11 print:border-0 print:bg-transparent print:p-0';
    return (
        <div className="flex flex-wrap items-center gap-2">
            <span className="w-12 text-sm font-bold tabular-nums">{at}</span>
            <Select
                aria-label={`Kind of period ${number}`}
                className="font-bold print:appearance-none print:border-0 print:bg-transparent"
                value={period.kind}
                onChange={(e) => {
                    const now = kinds.find((k) => k.kind === e.target.value);
                    if (now) onChange({ kind: now.kind, contact: now.contact });
                }}
            >
                {kinds.map(({ kind }) => (
                    <option key={kind} value={kind}>
                        {capital(kind)}
                    </option>
                ))}
            </Select>
            <label className="flex items-center gap-1 text-sm">
                <Held
                    type="number"
                    min={1}
                    max={120}
                    aria-label={`Minutes of period ${number}`}
                    className={clsx(field, 'w-16 text-right print:w-10')}
                    value={String(period.minutes)}
                    onHeld={(said) => Number(said) >= 1 && onChange({ minutes: Math.round(Number(said)) })}
                />
                min
            </label>
            <label className="flex items-center gap-1 text-sm stacked:min-h-11">
                <input
                    type="checkbox"
                    checked={period.contact}
                    aria-label={`Full contact in period ${number}`}
                    onChange={(e) => onChange({ contact: e.target.checked })}
                />
                contact
            </label>
            <Held
                aria-label={`What period ${number} is about`}
                placeholder="What it is about"
                className={clsx(field, 'min-w-40 flex-1')}
                value={period.emphasis}
                onHeld={(emphasis) => onChange({ emphasis })}
            />
            <Button
                kind="quiet"
                className="no-print stacked:min-h-11"
                onClick={onGone}
                aria-label={`Take out period ${number}`}
            >
                Take out
            </Button>
        </div>
    );
}

type HeldProps = Omit<React.ComponentProps<'input'>, 'value' | 'onChange' | 'onBlur'> & {
    value: string;
    onHeld: (value: string) => void;
};

/** A field whose words are kept when it is left or Enter is pressed, and not at every key. */
function Held({ value, onHeld, ...rest }: HeldProps) {
    const [said, setSaid] = useState<string | null>(null);
    const keep = () => {
        if (said !== null && said !== value) onHeld(said);
        setSaid(null);
    };
    return (
        <input
            {...rest}
            value={said ?? value}
            onChange={(e) => setSaid(e.target.value)}
            onBlur={keep}
            onKeyDown={(e) => e.key === 'Enter' && keep()}
        />
    );
}

function Beside({ data, id }: { data: PracticeAnswer; id: string }) {
    return (
        <aside className="border-l border-edge bg-card p-4 text-sm stacked:border-t stacked:border-l-0 print:mt-4 print:border-0 print:bg-transparent print:p-0">
            <p className={clsx(data.week.over && 'font-bold text-ball')} role={data.week.over ? 'alert' : undefined}>
                {data.week.caution}
            </p>
            <p className="mt-2 text-soft">
                Heat, contact and blocks low or in space: your state association's rules and the athletic trainer
                decide, not this plan.
            </p>
            <NextDay practice={id} />
            <h2 className="no-print label mt-4 mb-1">Reps this week: given + planned</h2>
            {data.reps.length === 0 && (
                <p className="text-soft">No call is on the sheet against this opponent, and none is scripted.</p>
            )}
            <ul className="no-print">
                {data.reps.map((row) => (
                    <li key={row.call} className="flex justify-between gap-2 border-b border-faint py-1">
                        <span>
                            {row.name}
                            {row.busts > 0 && (
                                <span className="block text-xs text-soft">
                                    {row.busts} mental {row.busts === 1 ? 'error' : 'errors'} last week
                                </span>
                            )}
                            {row.due > 0 && (
                                <span className="block text-xs text-soft">a trigger of the last game calls for it</span>
                            )}
                        </span>
                        <span className="text-right whitespace-nowrap">
                            {repsWords(row)}
                            {row.short > 0 && <b className="text-ball">, short {row.short}</b>}
                        </span>
                    </li>
                ))}
            </ul>
            <NewThisWeek practice={id} />
            <Effects practice={id} />
        </aside>
    );
}

/** "ready, 6 given", "2 + 3": given, and planned besides. */
function repsWords({ ready, given, planned }: CallReps): string {
    return ready ? `ready, ${given} given` : `${given} + ${planned}`;
}
