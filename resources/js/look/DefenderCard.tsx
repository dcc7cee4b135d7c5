import type { DefenderChange, LookDocument, StageDefender, Vocabulary } from '../api/types';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { capital } from '../ui/words';
import { changing, restored } from '../model/lookStore';

type Props = {
    defender: StageDefender;
    look: LookDocument;
    words: Vocabulary;
    receivers: string[];
    onChange: (look: LookDocument) => void;
    onClose: () => void;
};

/** One defender by hand: job, receiver, movement, leverage, cushion, reaction. The proof runs what is set here. */
export function DefenderCard({ defender: d, look, words, receivers, onChange, onClose }: Props) {
    const change = (look.changes ?? []).find((c) => c.defender === d.role);
    const set = (next: Partial<DefenderChange>) => onChange(changing(look, d.role, next));
    return (
        <section aria-label={`The ${d.role}`} className="border-b-2 border-plum bg-plum-wash/40 px-4 py-2.5">
            <h2 className="flex items-baseline gap-2">
                <b className="text-plum">{capital(d.role)}</b>
                <span className="min-w-0 flex-1 text-xs leading-tight text-soft">{d.job}</span>
                <button type="button" onClick={onClose} aria-label="Close" className="px-1 text-soft hover:text-ink">
                    ✕
                </button>
            </h2>
            <div className="mt-1.5 grid grid-cols-2 gap-x-3 gap-y-1.5">
                <Choice
                    label="Job"
                    value={change?.job ?? ''}
                    empty="by the shell"
                    options={words.jobs}
                    onChange={(job) => set({ job: job || null })}
                />
                <Choice
                    label="Takes or reads"
                    value={change?.on ?? ''}
                    empty={d.takes ?? 'by the shell'}
                    options={receivers}
                    onChange={(on) => set({ on: (on || null) as DefenderChange['on'], job: change?.job ?? 'man' })}
                />
                <Choice
                    label="Movement"
                    value={change?.movement?.kind ?? ''}
                    empty="none"
                    options={words.movements.map((m) => m.name)}
                    onChange={(kind) =>
                        set({ movement: kind ? { kind: kind as never, side: change?.movement?.side ?? null } : null })
                    }
                />
                <Choice
                    label="To the"
                    value={change?.movement?.side ?? ''}
                    empty="his own side"
                    options={['left', 'right']}
                    disabled={!change?.movement}
                    onChange={(side) =>
                        change?.movement && set({ movement: { ...change.movement, side: (side || null) as never } })
                    }
                />
                <Choice
                    label="Leverage"
                    value={change?.leverage?.at(-1) ?? ''}
                    empty={d.leverage ?? 'by the shell'}
                    options={words.leverages}
                    onChange={(word) => set({ leverage: word ? [word as never] : [] })}
                />
                <Choice
                    label="Reaction"
                    value={change?.reactionS?.toString() ?? ''}
                    empty="0.25 s"
                    options={['0.15', '0.35', '0.45', '0.6']}
                    unit=" s"
                    onChange={(s) => set({ reactionS: s ? Number(s) : null })}
                />
            </div>
            <div className="mt-1.5 grid grid-cols-2 gap-x-3">
                <Choice
                    label="In the box"
                    value={change?.counted ?? ''}
                    empty="by where he stands"
                    options={['in', 'out']}
                    onChange={(way) => set({ counted: (way || null) as DefenderChange['counted'] })}
                />
                <label className="block text-[11px] text-soft narrow">
                    Because
                    <input
                        key={`${d.role}${change?.reason ?? ''}`}
                        defaultValue={change?.reason ?? ''}
                        disabled={!change?.counted}
                        maxLength={120}
                        placeholder="he is on the slot"
                        onBlur={(e) =>
                            e.target.value !== (change?.reason ?? '') && set({ reason: e.target.value || null })
                        }
                        className="field block w-full text-[13px] text-ink disabled:opacity-50"
                    />
                </label>
            </div>
            <div className="mt-2 flex items-center gap-3 text-[13px]">
                <label className="flex items-center gap-1.5">
                    <input
                        type="checkbox"
                        checked={change?.walked ?? false}
                        onChange={(e) => set({ walked: e.target.checked })}
                        className="accent-[var(--plum)]"
                    />
                    Walked up
                </label>
                <Button
                    kind="quiet"
                    className="ml-auto"
                    disabled={!change}
                    onClick={() => onChange(restored(look, d.role))}
                >
                    Back to his rule
                </Button>
            </div>
        </section>
    );
}
