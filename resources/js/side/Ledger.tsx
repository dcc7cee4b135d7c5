import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { AssignmentRow } from '../api/schema';
import type { Fix, LookDocument, ProofAnswer } from '../api/types';
import { plain } from '../ui/words';
import { useLetters } from '../api/useLetters';

/** Numbers of this program's own rules: they say nothing to a coach; those of a rule book do. */
const OUR_RULE = /^[A-Z]{3}-\d{2}$/;

type Props = {
    proof: ProofAnswer;
    chosen: string | null;
    onChoose: (man: string) => void;
    onFix: (fix: Fix) => void;
    /** Puts a look on the board, as when a defender does what a branch asks for. */
    onLook: (look: LookDocument) => void;
    /** What comes before the findings. */
    children: ReactNode;
};

/** Eleven rows, one a man, then what a coach would want to be told. */
export function Ledger({ proof, chosen, onChoose, onFix, onLook, children }: Props) {
    const { report } = proof;
    const letters = useLetters();
    const rows = [...report.assignments].sort((a, b) => order(a.man, report) - order(b.man, report));
    return (
        <div>
            <ul>
                {rows.map((a) => {
                    const read = report.reads.find((r) => r.man === a.man);
                    const findings = report.findings.filter((f) => f.man === a.man && f.severity !== 'info');
                    return (
                        <li key={a.man}>
                            <button
                                type="button"
                                onClick={() => onChoose(a.man)}
                                className={clsx(
                                    'flex w-full items-baseline gap-3 border-b border-faint px-4 py-[5px] text-left',
                                    a.man === report.ruleTrue.man && 'bg-ball-wash',
                                    a.man === chosen && 'outline-2 -outline-offset-2 outline-ink',
                                )}
                            >
                                <span className="w-6 font-bold">{letters(a.man)}</span>
                                <span className="min-w-0 flex-1 text-[13px]">
                                    {jobOf(a.job)}
                                    {a.man === chosen && <HowTo row={a} />}
                                    {findings.map((f) => (
                                        <span
                                            key={f.text}
                                            className={clsx(
                                                'block text-xs',
                                                f.severity === 'info' ? 'text-soft' : 'text-amber',
                                            )}
                                        >
                                            {f.text}
                                        </span>
                                    ))}
                                </span>
                                <span className="narrow font-semibold">
                                    {read
                                        ? `${plain(read.depthYd)} yd`
                                        : report.run && <Makeable makeable={a.makeable} />}
                                </span>
                            </button>
                            {a.man === chosen && <Branches row={a} onLook={onLook} />}
                        </li>
                    );
                })}
            </ul>
            {children}
            <Findings proof={proof} onFix={onFix} />
        </div>
    );
}

/** What a man is told besides his job: step, count, aim and eyes. */
function HowTo({ row }: { row: AssignmentRow }) {
    if (!row.step) return null;
    return (
        <span className="block text-xs text-soft">
            Step: {row.step}
            {row.count && `; ${row.count}`}. Aim: {row.aim}. Eyes: {row.eyes}.
        </span>
    );
}

/** What he does instead when a defender does something; what can be tried is tried on the board. */
function Branches({ row, onLook }: { row: AssignmentRow; onLook: Props['onLook'] }) {
    if (!row.branches || row.branches.length === 0) return null;
    return (
        <ul aria-label={`Branches of ${row.man}`} className="border-b border-faint py-1 pr-4 pl-13 text-xs">
            {row.branches.map((b) => (
                <li key={b.if + b.then} className="py-0.5">
                    <span className="text-soft">If</span> {b.if}: {b.then}.{' '}
                    {b.look && (
                        <button
                            type="button"
                            className="font-semibold text-ball"
                            onClick={() => onLook(b.look as LookDocument)}
                        >
                            Try it
                        </button>
                    )}
                </li>
            ))}
        </ul>
    );
}

/** Whether a block can be made: a bar, a broken bar, or a question. */
function Makeable({ makeable }: { makeable: boolean | null }) {
    if (makeable === true) return <span title="He gets there">✓</span>;
    if (makeable === false) return <span className="text-amber">late</span>;
    return null;
}

const jobOf = (job: string) => job.replace(/ at [\d.]+ yd(?=$|,)/, '');

function order(man: string, report: ProofAnswer['report']): number {
    if (man === 'Q') return 0;
    const read = report.reads.findIndex((r) => r.man === man);
    if (report.run && man === report.ruleTrue.man) return 1;
    return read >= 0 ? 1 + read : 20 + ['LT', 'LG', 'C', 'RG', 'RT'].indexOf(man);
}

function Findings({ proof, onFix }: { proof: ProofAnswer; onFix: Props['onFix'] }) {
    const rank = { fault: 0, caution: 1, info: 2 };
    const findings = [...proof.report.findings].sort((a, b) => rank[a.severity] - rank[b.severity]);
    const first = findings.findIndex((f) => f.apply && f.apply.do !== 'number');
    if (findings.length === 0) return null;
    return (
        <div className="m-3 space-y-2">
            {findings.map((f, n) => (
                <div
                    key={f.text + n}
                    className={clsx(
                        'rounded-md border px-3 py-2 text-[13px]',
                        f.severity === 'info' ? 'border-edge bg-card' : 'border-amber bg-amber-wash',
                    )}
                >
                    {f.text}
                    {f.rule && !OUR_RULE.test(f.rule) && <span className="text-soft narrow"> {f.rule}</span>}
                    {f.apply && f.apply.do !== 'number' ? (
                        <button
                            type="button"
                            onClick={() => onFix(f.apply!)}
                            className="mt-1 block text-left font-bold text-amber"
                        >
                            {f.fix}
                            {n === first && <kbd className="ml-2 font-normal text-soft">F</kbd>}
                        </button>
                    ) : (
                        f.fix && <span className="mt-1 block">{f.fix}</span>
                    )}
                </div>
            ))}
        </div>
    );
}
