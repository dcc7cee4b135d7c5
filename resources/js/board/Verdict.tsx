import { clsx } from 'clsx';
import type { ProofReport } from '../api/types';
import { Fork } from '../ui/Fork';
import { capital, chance, chances, marginOr, plain, strengthWord } from '../ui/words';

const TONE = { bound: 'text-ball', open: 'text-open', guess: 'text-ball', covered: 'text-soft' } as const;

/** The verdict in a box that never moves the field: shape, word, why, what it is worth, strength; faded while a new one is on its way. */
export function Verdict({ report, busy }: { report: ProofReport; busy: boolean }) {
    const key = report.keys[0]?.conflict ? report.keys[0] : null;
    const { byRule, worst } = report.worth;
    return (
        <p
            className={clsx(
                'flex min-h-[62px] min-w-0 flex-1 items-center gap-2 rounded-md border border-edge bg-paper px-3 py-1',
                'transition-opacity',
                busy && 'opacity-50 delay-150',
            )}
            aria-live="polite"
            aria-busy={busy}
            data-testid="verdict"
        >
            <Fork verdict={report.verdict} />
            <b className={TONE[report.verdict]}>{capital(report.verdict)}</b>
            <span className="min-w-0 leading-tight">
                <span className="block text-[13px] narrow">{report.why}</span>
                <span
                    className="block text-[12px] text-soft narrow"
                    title={`Chance of success by down and distance: ${chance(byRule.chance)} and ${plain(byRule.yards)} yd when everybody plays his rule, ${chance(worst.chance)} and ${plain(worst.yards)} yd against what hurts it most`}
                    data-testid="worth"
                >
                    <b className="text-ink">{chances(report.worth)}</b> chance, {plain(byRule.yards)} yd{' '}
                    <span
                        title={
                            key
                                ? `Least margin over everything the ${key.defender} may do`
                                : 'What the ball has to spare'
                        }
                    >
                        · {strengthWord(report.verdict)} {marginOr(report.strength, 'none')}
                    </span>
                </span>
            </span>
        </p>
    );
}
