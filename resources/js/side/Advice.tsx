import type { Resting } from '../api/useProof';
import type { CallDocument, LookDocument, ProofReport } from '../api/types';
import { chance, isGood, margin } from '../ui/words';
import { Proposals } from './Proposals';

type Props = {
    report: ProofReport;
    resting: Resting;
    onDraw: (document: CallDocument) => void;
    onOpen: (call: string) => void;
    onChoose: (who: string) => void;
    onLook: (look: LookDocument) => void;
};

/** What beats this call, which call of the book punishes that; and for a call that is not good what would make it so. */
export function Advice({ report, resting, onDraw, onOpen, onChoose, onLook }: Props) {
    const { beats, suggestions } = resting;
    return (
        <div className="m-3 space-y-2 text-[13px]">
            {!isGood(report.verdict) && <Proposals suggestions={suggestions} onDraw={onDraw} />}
            {beats?.change && (
                <section className="rounded-md border border-edge bg-card px-3 py-2">
                    <h3 className="font-bold narrow">What beats this</h3>
                    <button
                        type="button"
                        className="text-left hover:text-plum"
                        onClick={() => onChoose(beats.change!.defender)}
                    >
                        {beats.change.leftS !== null && 'Neither one man nor two who trade cover it. Closest: '}
                        {beats.change.why} It costs {beats.change.with ? 'them' : 'him'} {beats.change.costYd} yd
                        {beats.change.leftS === null ? '.' : ` and leaves ${margin(beats.change.leftS)}.`}
                    </button>{' '}
                    {beats.change.look && (
                        <button
                            type="button"
                            className="font-semibold text-ball"
                            onClick={() => onLook(beats.change!.look!)}
                        >
                            See it
                        </button>
                    )}
                    {beats.punishing.length > 0 && (
                        <p className="mt-1 text-soft">
                            Then call{' '}
                            {beats.punishing.map((c, i) => (
                                <span key={c.id}>
                                    {i > 0 && ', '}
                                    <button
                                        type="button"
                                        onClick={() => onOpen(c.id)}
                                        className="font-bold text-ball"
                                        title={`${c.man} ${c.route}, ${margin(c.margin)}, ${chance(c.chance)} at worst`}
                                    >
                                        {c.name}
                                    </button>
                                </span>
                            ))}
                            .
                        </p>
                    )}
                </section>
            )}
        </div>
    );
}
