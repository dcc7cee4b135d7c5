import { clsx } from 'clsx';
import type { ProofReport } from '../api/types';
import { Fork } from '../ui/Fork';
import { capital, chance, marginOr, plain } from '../ui/words';

const TONE = { bound: 'text-ball', open: 'text-open', guess: 'text-ball', covered: 'text-soft' } as const;

/** The verdict in one line: shape, word, why, what it is worth, strength. While a new answer is on its way it stands as old. */
export function Verdict({ report, busy }: { report: ProofReport; busy: boolean }) {
    const key = report.keys[0]?.conflict ? report.keys[0] : null;
    const { byRule, worst } = report.worth;
    return (
        <p
            className={clsx(
                'flex min-w-0 flex-1 items-center gap-2 rounded-md border border-edge bg-paper px-3 py-1.5',
                busy && 'opacity-50',
            )}
            aria-live="polite"
            aria-busy={busy}
            data-testid="verdict"
        >
            <Fork verdict={report.verdict} />
            <b className={TONE[report.verdict]}>{capital(report.verdict)}</b>
            <span className="line-clamp-2 min-w-0 text-[13px] leading-tight" title={report.why}>
                {report.why}
            </span>
            <span
                className="ml-auto text-right leading-tight whitespace-nowrap narrow"
                title={`Chance of success by down and distance, and expected yards: ${plain(byRule.yards)} yd when everybody plays his rule, ${plain(worst.yards)} yd against what hurts it most`}
                data-testid="worth"
            >
                <b>{chance(byRule.chance)}</b> by rule, <b>{chance(worst.chance)}</b> at worst
                <span
                    className="block text-[12px] text-soft"
                    title={
                        key ? `Least margin over everything the ${key.defender} may do` : 'What the ball has to spare'
                    }
                >
                    {plain(byRule.yards)} yd · strength {marginOr(report.strength, 'none')}
                </span>
            </span>
        </p>
    );
}
