import { clsx } from 'clsx';
import type { Measured } from '../../api/types';
import { capital } from '../../ui/words';
import { Select } from '../../ui/Select';

type Props = {
    measured: Measured;
    onSeen: (man: string, what: 'choice' | 'action' | 'owner' | 'mesh spoiled', value: string) => void;
    onRun: () => void;
    running: boolean;
};

/** The decision with its reason and what it rests on; what cannot be measured is said here by eye. */
export function DecisionCard({ measured, onSeen, onRun, running }: Props) {
    const { decision, blame } = measured;
    const keys = [...new Set(measured.choices.map((c) => c.defender))];
    return (
        <section className="shrink-0 border-b border-edge px-3 py-2" aria-live="polite" data-testid="decision">
            <div className="flex items-baseline gap-2">
                <h2
                    className={clsx(
                        'font-bold',
                        decision.decision === 'right' ? 'text-open' : decision.decision ? 'text-ball' : 'text-soft',
                    )}
                >
                    {decision.decision ? `Decision: ${decision.decision}` : 'Decision: not yet'}
                    {decision.lucky && ', lucky'}
                </h2>
                <button
                    type="button"
                    onClick={onRun}
                    aria-pressed={running}
                    title="The proof's run of what the key did, beside the film (F)"
                    className="ml-auto text-xs font-semibold underline underline-offset-2"
                >
                    {running ? 'Put the plan’s run away' : 'Run the plan beside it'}
                </button>
            </div>
            <p className="mt-0.5 text-[13px] leading-snug">{decision.why}</p>
            {decision.evidence.length > 0 && (
                <p className="mt-0.5 text-xs text-soft">
                    {decision.evidence
                        .slice(0, 5)
                        .map((e) => `${e.what} ${e.value} ${e.unit}`)
                        .join(' · ')}
                </p>
            )}
            {decision.alsoRight.length > 0 && (
                <p className="text-xs text-soft">Also open: {decision.alsoRight.join('; ')}.</p>
            )}
            {blame && (
                <p className="mt-1 text-[13px]">
                    <b>Whose: {blame.man ?? blame.owner}.</b> {blame.why}{' '}
                    {blame.owner === 'undetermined' && (
                        <Select
                            aria-label="Whose fault it was"
                            value=""
                            onChange={(e) => e.target.value && onSeen('Q', 'owner', e.target.value)}
                            className="text-xs"
                        >
                            <option value="">settle it</option>
                            {['player', 'partner', 'call', 'formation', 'staff', 'opponent', 'undetermined'].map(
                                (o) => (
                                    <option key={o}>{o}</option>
                                ),
                            )}
                        </Select>
                    )}
                </p>
            )}
            <div className="mt-1 flex flex-wrap gap-x-2 gap-y-1">
                {keys.map((k) => (
                    <ByEye
                        key={k}
                        label={`${capital(k)}, by eye`}
                        options={measured.choices.filter((c) => c.defender === k).map((c) => c.name)}
                        onChange={(v) => onSeen(k, 'choice', v)}
                    />
                ))}
                {measured.actions.length > 0 && (
                    <ByEye
                        label="The ball, by eye"
                        options={measured.actions}
                        onChange={(v) => onSeen('Q', 'action', v)}
                    />
                )}
            </div>
        </section>
    );
}

function ByEye({ label, options, onChange }: { label: string; options: string[]; onChange: (v: string) => void }) {
    return (
        <Select
            aria-label={label}
            value=""
            onChange={(e) => onChange(e.target.value === 'as measured' ? '' : e.target.value)}
            className="max-w-40 text-xs text-soft"
        >
            <option value="">{label}</option>
            {options.map((o) => (
                <option key={o}>{o}</option>
            ))}
            <option>as measured</option>
        </Select>
    );
}
