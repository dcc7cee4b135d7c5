import { Link } from '@tanstack/react-router';
import type { RunDay } from '../api/practiceTypes';
import { useCalls } from '../api/useCalls';
import { dayWords } from '../ui/words';
import { useInstall } from './NewThisWeek';

const RUNS: Record<RunDay, string> = { zone: 'zone runs', gap: 'gap runs', any: 'all runs' };

/** What to tell the men before they go home: the next practice, and what is in a script then for the first time. */
export function NextDay({ practice }: { practice: string }) {
    const { calls } = useCalls();
    const answer = useInstall(practice);
    const next = answer.data?.next;
    if (!next) return null;
    const cost = new Map((answer.data?.calls ?? []).map((c) => [c.call, c]));
    const named = new Map((calls ?? []).map((c) => [c.id, c.name]));
    return (
        <section className="mt-4 break-inside-avoid" aria-label="The next day">
            <h2 className="label mb-1">The next day</h2>
            <p>
                <Link to="/practice" search={{ practice: next.id }} className="font-bold hover:text-ball">
                    {dayWords(next.held_on)}
                    {next.title !== '' && `, ${next.title}`}
                </Link>
                : {RUNS[next.runs]}, {next.minutes} min, {next.contactMinutes} of full contact.
            </p>
            {next.calls.length === 0 ? (
                <p className="text-xs text-soft">No call stands in its scripts for the first time this week.</p>
            ) : (
                <ul className="mt-0.5 text-xs">
                    {next.calls.map((id) => (
                        <li key={id}>
                            <b>{named.get(id) ?? 'no longer in the book'}</b>
                            {newFor(cost.get(id)?.new ?? [])}
                        </li>
                    ))}
                </ul>
            )}
        </section>
    );
}

/** ": new for LG, R", or nothing where nobody has anything new. */
function newFor(men: { man: string }[]): string {
    return men.length === 0 ? '' : `: new for ${men.map((m) => m.man).join(', ')}`;
}
