import { Link } from '@tanstack/react-router';
import type { Interval } from '../api/types';
import { capital, dayWords } from '../ui/words';
import { useDrillWork } from './useDrillWork';

/** What became of a fault after its drill was given: its share of the group's snaps in games, before and after. */
export function Effects({ practice }: { practice: string }) {
    const effects = useDrillWork(practice).data?.effects ?? [];
    if (effects.length === 0) return null;
    return (
        <section className="no-print">
            <h2 className="label mt-4 mb-1">What the drills did, in games</h2>
            <ul>
                {effects.map((e) => (
                    <li key={e.drill} className="border-b border-faint py-1">
                        <Link
                            to="/practice/drills"
                            search={{ drill: e.drill }}
                            className="font-semibold underline decoration-edge underline-offset-2"
                        >
                            {capital(e.drill)}
                        </Link>
                        <span className="text-soft">
                            , since {dayWords(e.since)}
                            {e.times > 1 && `, ${e.times} times`}
                        </span>
                        <span className="block">
                            {shareWords(e.before)}, then {shareWords(e.after)}:{' '}
                            <b className={e.isWithoutEffect ? 'text-ball' : 'font-semibold'}>{e.said}</b>
                        </span>
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** "5 of 60, 3 to 18 %"; few are counts and no share. */
function shareWords({ hits, of, low, high }: Interval): string {
    if (of < 5) return `${hits} of ${of}`;
    return `${hits} of ${of} (${Math.round(100 * low)} to ${Math.round(100 * high)} %)`;
}
