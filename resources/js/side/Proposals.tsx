import type { CallDocument, Suggestion } from '../api/types';
import { chance } from '../ui/words';

/** Single changes that make the call good against a look; pressing one draws it. */
export function Proposals({
    suggestions,
    onDraw,
}: {
    suggestions: Suggestion[] | null;
    onDraw: (document: CallDocument) => void;
}) {
    return (
        <section className="rounded-md border border-edge bg-card px-3 py-2">
            <h3 className="font-bold narrow">What would make it good</h3>
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
                        <span className="text-xs text-open narrow">
                            {s.verdict}, {chance(s.chance)} at worst
                        </span>
                    </button>
                ))
            )}
        </section>
    );
}
