import type { ProofReport } from '../api/types';
import { Fork } from '../ui/Fork';

/** The sideline view of a run, readable at arm's length: who is left and the tag that has him. Any key or a touch closes it. */
export function Sideline({ report, look, onClose }: { report: ProofReport; look: string; onClose: () => void }) {
    const run = report.run;
    if (!run) return null;
    const answer = run.answers[0];
    return (
        <div
            role="dialog"
            aria-label="Sideline"
            tabIndex={-1}
            ref={(node) => node?.focus()}
            onClick={onClose}
            onKeyDown={(e) => (e.preventDefault(), e.stopPropagation(), onClose())}
            className="fixed inset-0 z-40 flex flex-col justify-center gap-6 bg-paper p-14 outline-none"
        >
            <p className="flex items-center gap-6 text-4xl font-semibold narrow">
                <Fork verdict={report.verdict} size={56} /> {look}
            </p>
            {run.unaccounted.length > 0 ? (
                <p className="text-7xl leading-tight font-bold text-ball">
                    Nobody has the {run.unaccounted.join(' and the ')}
                </p>
            ) : (
                <p className="text-7xl leading-tight font-bold">Everybody is accounted for</p>
            )}
            {run.keysInOrder.length > 0 && <p className="text-5xl">Read the {run.keysInOrder.join(', then the ')}</p>}
            {answer && (
                <p className="text-6xl leading-tight font-bold text-plum">
                    Tag {answer.tag}
                    <span className="block pt-2 text-4xl font-normal text-ink">{answer.words}</span>
                </p>
            )}
            {!answer && run.unaccounted.length > 0 && (
                <p className="text-5xl">
                    Throw outside: {report.picture.outside.left.yes ? 'left' : ''}
                    {report.picture.outside.left.yes && report.picture.outside.right.yes ? ' or ' : ''}
                    {report.picture.outside.right.yes ? 'right' : ''}
                    {!report.picture.outside.left.yes &&
                        !report.picture.outside.right.yes &&
                        'neither side is ours, another run'}
                </p>
            )}
            <p className="text-3xl text-soft">{report.why}</p>
        </div>
    );
}
