import { clsx } from 'clsx';
import type { ProofAnswer } from '../api/types';
import { capital, plain } from '../ui/words';

type Props = {
    proof: ProofAnswer;
    chosen: string | null;
    onChoose: (man: string) => void;
    onFix: (move: { man: string; xYd: number; yYd: number }) => void;
};

/** Eleven rows, one a man, then what the look says and what a coach would want to be told. */
export function Ledger({ proof, chosen, onChoose, onFix }: Props) {
    const { report } = proof;
    const rows = [...report.assignments].sort((a, b) => order(a.man, report) - order(b.man, report));
    return (
        <div className="flex h-full flex-col overflow-y-auto">
            <h2 className="label flex justify-between px-4 pt-3 pb-1">
                <span>Assignments</span>
                <span>depth</span>
            </h2>
            <ul>
                {rows.map((a) => {
                    const read = report.reads.find((r) => r.man === a.man);
                    const findings = report.findings.filter((f) => f.man === a.man);
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
                                <span className="w-6 font-bold">{a.man}</span>
                                <span className="min-w-0 flex-1 text-[13px]">
                                    {jobOf(a.job)}
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
                                <span className="narrow font-semibold">{read ? `${plain(read.depthYd)} yd` : ''}</span>
                            </button>
                        </li>
                    );
                })}
            </ul>
            <Findings proof={proof} onFix={onFix} />
            <Picture proof={proof} />
        </div>
    );
}

const jobOf = (job: string) => job.replace(/ at [\d.]+ yd$/, '');

function order(man: string, report: ProofAnswer['report']): number {
    if (man === 'Q') return 0;
    const read = report.reads.findIndex((r) => r.man === man);
    return read >= 0 ? 1 + read : 20 + ['LT', 'LG', 'C', 'RG', 'RT'].indexOf(man);
}

function Findings({ proof, onFix }: { proof: ProofAnswer; onFix: Props['onFix'] }) {
    const { findings, spoilers } = proof.report;
    if (findings.length === 0 && spoilers.length === 0) return null;
    return (
        <div className="m-3 space-y-2">
            {findings.map((f) => (
                <div key={f.text} className="rounded-md border border-amber bg-amber-wash px-3 py-2 text-[13px]">
                    {f.text}
                    {f.move && (
                        <button
                            type="button"
                            onClick={() => onFix(f.move!)}
                            className="mt-1 block font-bold text-amber"
                        >
                            {f.fix}
                        </button>
                    )}
                </div>
            ))}
            {spoilers.length > 0 && (
                <div className="rounded-md border border-edge bg-card px-3 py-2 text-[13px]">
                    <b className="narrow">What beats this</b>
                    {spoilers.map((s) => (
                        <p key={s.defender + s.name}>{s.why}</p>
                    ))}
                </div>
            )}
        </div>
    );
}

function Picture({ proof }: { proof: ProofAnswer }) {
    const p = proof.report.picture;
    const rows = [
        ['Middle', p.middle === p.middleAfterSnap ? p.middle : `${p.middle}, then ${p.middleAfterSnap}`],
        ['Box', `${p.box} against ${p.boxBlockers} blockers`],
        ['Left', `${p.numbers.left}: ${p.receivers.left.join(', ')}`],
        ['Right', `${p.numbers.right}: ${p.receivers.right.join(', ')}`],
        ['Support', `${p.support.left}, ${p.support.right}`],
        ['Protection', proof.report.protection],
    ];
    return (
        <section className="mt-auto px-4 pt-2 pb-3">
            <h2 className="label pb-1">This look says</h2>
            <dl className="grid grid-cols-[76px_1fr] gap-y-0.5 text-[13px]">
                {rows.map(([k, v]) => (
                    <div key={k} className="contents">
                        <dt className="text-soft">{k}</dt>
                        <dd className="font-semibold">{capital(v)}</dd>
                    </div>
                ))}
            </dl>
        </section>
    );
}
