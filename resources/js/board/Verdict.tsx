import type { ProofReport } from '../api/types';
import { Fork } from '../ui/Fork';
import { capital, margin } from '../ui/words';

/** The verdict in one line: shape, word, why, strength. */
export function Verdict({ report, busy }: { report: ProofReport; busy: boolean }) {
    const key = report.keys[0];
    return (
        <p
            className="flex min-w-0 flex-1 items-center gap-2 rounded-md border border-edge bg-paper px-3 py-1.5"
            aria-live="polite"
            aria-busy={busy}
            data-testid="verdict"
        >
            <Fork verdict={report.verdict} />
            <b className={report.verdict === 'covered' ? 'text-soft' : 'text-ball'}>{capital(report.verdict)}</b>
            <span className="line-clamp-2 min-w-0 text-[13px] leading-tight" title={report.why}>
                {report.why}
            </span>
            <span
                className="ml-auto font-semibold whitespace-nowrap narrow"
                title={key ? `Least margin over everything the ${key.defender} may do` : 'Margin of the best read'}
            >
                strength {margin(report.strength)}
            </span>
        </p>
    );
}
