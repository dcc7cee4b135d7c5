import type { Resting } from '../board/useProof';
import type { CallDocument, ProofReport } from '../api/types';
import { margin } from '../ui/words';

type Props = {
    report: ProofReport;
    resting: Resting;
    onDraw: (document: CallDocument) => void;
    onOpen: (call: string) => void;
    onChoose: (who: string) => void;
};

/** What beats this call, which call of the book punishes that; and for a call that is not bound what would bind it. */
export function Advice({ report, resting, onDraw, onOpen, onChoose }: Props) {
    const { beats, suggestions } = resting;
    return (
        <div className="m-3 space-y-2 text-[13px]">
            {report.verdict !== 'bound' && (
                <section className="rounded-md border border-edge bg-card px-3 py-2">
                    <h3 className="font-bold narrow">What would bind it</h3>
                    {suggestions === null ? (
                        <p className="text-soft">Trying depths, finishes, swaps and the back’s release…</p>
                    ) : suggestions.length === 0 ? (
                        <p className="text-soft">No single change does. Say another call to this look.</p>
                    ) : (
                        suggestions.map((s) => (
                            <button
                                key={s.words}
                                type="button"
                                onClick={() => onDraw(s.document)}
                                className="mt-0.5 flex w-full items-baseline gap-2 rounded text-left hover:text-ball"
                            >
                                <span className="flex-1 font-semibold">{s.words}</span>
                                <span className="text-xs text-open narrow">bound, {margin(s.strength)}</span>
                            </button>
                        ))
                    )}
                </section>
            )}
            {beats?.change && (
                <section className="rounded-md border border-edge bg-card px-3 py-2">
                    <h3 className="font-bold narrow">What beats this</h3>
                    <button
                        type="button"
                        className="text-left hover:text-plum"
                        onClick={() => onChoose(beats.change!.defender)}
                    >
                        {beats.change.why} It costs him {beats.change.costYd} yd.
                    </button>
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
                                        title={`${c.man} ${c.route}, ${margin(c.margin)}`}
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
