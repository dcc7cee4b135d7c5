import { useState } from 'react';
import type { CallDocument, ProofAnswer, Vocabulary } from '../api/types';
import { Select } from '../ui/Select';

type Props = {
    proof: ProofAnswer;
    document: CallDocument;
    words: Vocabulary;
    onDraw: (document: CallDocument) => void;
};
type Rule = NonNullable<CallDocument['rules']>[number];

const KEEP = 'w-full rounded-md border border-edge bg-paper px-1.5 py-1 text-[13px]';

/** The staff's own rules with this call: if a defender does this, then the ball goes there. Chosen from lists. */
export function RuleCard({ proof, document, words, onDraw }: Props) {
    const rules = document.rules ?? [];
    const roles = proof.stage.defenders.map((d) => d.role);
    const men = document.assignments.filter((a) => a.job === 'route').map((a) => a.man);
    const run = proof.report.run !== null;
    const key = proof.report.keys[0];
    const [open, setOpen] = useState(false);
    const [defender, setDefender] = useState(key?.defender ?? roles[0]);
    const [act, setAct] = useState(key?.choices[0]?.name ?? words.acts[0]);
    const [phase, setPhase] = useState('fake');
    const [then, setThen] = useState('');
    const actions = [...(run ? words.actions.filter((a) => a !== 'throw') : []), ...men.map((m) => `throw ${m}`)];
    const chosen = then || actions[0] || '';
    const put = (next: Rule[]) => onDraw({ ...document, rules: next });
    const add = () => {
        const [action, man] = chosen.split(' ');
        put([...rules, { defender, act, phase, action, ...(man ? { man } : {}) } as Rule]);
        setOpen(false);
    };
    return (
        <section className="mx-3 my-2 text-[13px]" aria-label="Our own rules">
            {rules.map((r, n) => (
                <p key={n} className="flex items-baseline gap-2 border-b border-faint py-1">
                    <span className="min-w-0 flex-1">
                        If the <b className="text-plum">{r.defender}</b> {r.act} ({r.phase}), then{' '}
                        <b>{r.action ? [r.action, r.man].filter(Boolean).join(' ') : `${r.man} ${r.job}`}</b>
                    </span>
                    <button
                        type="button"
                        className="text-soft hover:text-ball"
                        onClick={() => put(rules.filter((_, i) => i !== n))}
                    >
                        Take out
                    </button>
                </p>
            ))}
            {!open && actions.length > 0 && rules.length < 8 && (
                <button
                    type="button"
                    className="py-1 font-semibold text-soft narrow hover:text-ink"
                    onClick={() => setOpen(true)}
                >
                    Add a rule of our own
                </button>
            )}
            {open && (
                <div className="grid grid-cols-[44px_1fr] items-center gap-1 rounded-md border border-edge bg-card p-2">
                    <Choice label="If" value={defender} options={roles} onChange={setDefender} />
                    <Choice label="does" value={act} options={words.acts} onChange={setAct} />
                    <Choice label="in the" value={phase} options={words.phases} onChange={setPhase} />
                    <Choice label="then" value={chosen} options={actions} onChange={setThen} />
                    <span />
                    <span className="flex gap-3 pt-1">
                        <button type="button" className="font-bold text-ball" onClick={add}>
                            Put it in
                        </button>
                        <button type="button" className="text-soft" onClick={() => setOpen(false)}>
                            Not now
                        </button>
                    </span>
                </div>
            )}
        </section>
    );
}

function Choice({
    label,
    value,
    options,
    onChange,
}: {
    label: string;
    value: string;
    options: string[];
    onChange: (value: string) => void;
}) {
    return (
        <>
            <label className="text-soft narrow" htmlFor={`rule-${label}`}>
                {label}
            </label>
            <Select id={`rule-${label}`} className={KEEP} value={value} onChange={(e) => onChange(e.target.value)}>
                {options.map((o) => (
                    <option key={o}>{o}</option>
                ))}
            </Select>
        </>
    );
}
