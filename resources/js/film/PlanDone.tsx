import { clsx } from 'clsx';
import type { Clip, Grade, Measured, MeasureRow } from '../api/types';
import { capital, error, plain } from '../ui/words';

type Props = {
    measured: Measured;
    clip: Clip;
    man: string;
    onMan: (man: string) => void;
    onGrade: (man: string, mark: number) => void;
    faults: string[];
    onFault: (label: string) => void;
};

const MEN = ['Q', 'H', 'Z', 'X', 'Y', 'R', 'LT', 'LG', 'C', 'RG', 'RT'];

/** The ledger of the film: plan against done for every man, the decision with its reason, and the grade. */
export function PlanDone({ measured, clip, man, onMan, onGrade, faults, onFault }: Props) {
    const { decision } = measured;
    const labels = measured.labels[man] ?? [];
    return (
        <div className="flex h-full flex-col">
            <h2 className="label flex justify-between px-4 pt-3 pb-1">
                <span>Plan against done</span>
                <span>done, error, grade</span>
            </h2>
            <ul className="min-h-0 flex-1 overflow-y-auto" tabIndex={0} aria-label="Men">
                {MEN.map((m) => (
                    <Row
                        key={m}
                        man={m}
                        rows={measured.assignments.filter((a) => a.man === m)}
                        plan={measured}
                        grade={clip.grades.find((g) => g.man === m)}
                        chosen={m === man}
                        onMan={onMan}
                    />
                ))}
            </ul>
            <section
                className="mx-3 mt-2 rounded-md border border-edge bg-card px-3 py-2.5"
                aria-live="polite"
                data-testid="decision"
            >
                <h2
                    className={clsx(
                        'font-bold',
                        decision.decision === 'right' ? 'text-open' : decision.decision ? 'text-ball' : 'text-soft',
                    )}
                >
                    {decision.decision ? `Decision: ${decision.decision}` : 'Decision: not yet'}
                </h2>
                <p className="mt-0.5 text-[13px]">{decision.why}</p>
                {measured.assignments
                    .filter((a) => measured.keys.includes(a.man))
                    .map((a) => (
                        <p key={a.man} className="mt-1 text-[13px] text-plum">
                            {capital(a.man)}: {plain(a.done)} ± {a.sd.toFixed(1)} yd deep at ball out
                            {decision.choice ? `, ${decision.choice}` : ''}
                        </p>
                    ))}
            </section>
            <section className="px-3 pt-2 pb-2">
                <h2 className="label pb-1.5">Grade {man}</h2>
                <div className="grid grid-cols-2 gap-1.5">
                    {labels.map((label, i) => (
                        <button
                            key={label}
                            type="button"
                            aria-pressed={faults.includes(label)}
                            onClick={() => onFault(label)}
                            className={clsx(
                                'truncate rounded-md border px-2 py-1 text-left text-[12.5px] narrow',
                                faults.includes(label)
                                    ? 'border-ball bg-ball text-on-strong font-bold'
                                    : 'border-edge hover:border-ink',
                            )}
                        >
                            <span className="mr-1.5 opacity-70">{i + 1}</span>
                            {label}
                        </button>
                    ))}
                </div>
                <div className="mt-2 flex gap-1.5">
                    {[
                        { mark: 1, name: 'Plus', key: '+' },
                        { mark: 0, name: 'Even', key: '0' },
                        { mark: -1, name: 'Minus', key: '−' },
                    ].map((g) => (
                        <button
                            key={g.mark}
                            type="button"
                            onClick={() => onGrade(man, g.mark)}
                            title={`Grade ${g.name} (key ${g.key})`}
                            className="flex-1 rounded-md border border-ink py-1.5 text-sm font-bold narrow hover:bg-ink hover:text-paper"
                        >
                            {g.name} {g.key}
                        </button>
                    ))}
                </div>
            </section>
        </div>
    );
}

function Row({
    man,
    rows,
    plan,
    grade,
    chosen,
    onMan,
}: {
    man: string;
    rows: MeasureRow[];
    plan: Measured;
    grade?: Grade;
    chosen: boolean;
    onMan: (m: string) => void;
}) {
    const planned = plan.planned.find((p) => p.man === man);
    const fault = plan.faults.find((f) => f.man === man);
    const asked =
        man === 'Q'
            ? 'reads in order, ball out'
            : planned
              ? `${planned.route} at ${plain(planned.depthYd)} yd`
              : 'protects';
    return (
        <li>
            <button
                type="button"
                onClick={() => onMan(man)}
                aria-pressed={chosen}
                className={clsx(
                    'flex w-full items-baseline gap-2 border-b border-faint px-4 text-left',
                    rows.length > 0 ? 'py-[4px]' : 'py-[2px]',
                    chosen && 'bg-ball-wash',
                )}
            >
                <span className="w-6 font-bold">{man}</span>
                <span className="min-w-0 flex-1 text-[13px]">
                    {asked}
                    {rows.map((r) => (
                        <span
                            key={r.measure}
                            className={clsx(
                                'flex justify-between gap-2 text-xs',
                                fault && r.measure === 'break depth' ? 'font-bold text-ball' : 'text-soft',
                            )}
                        >
                            <span>{r.measure}</span>
                            <span className="narrow">
                                {r.done.toFixed(r.unit === 's' ? 2 : 1)} ± {r.sd.toFixed(r.unit === 's' ? 2 : 1)}{' '}
                                {r.unit}
                                {r.error !== null && <b className="ml-2">{error(r.error, r.unit)}</b>}
                            </span>
                        </span>
                    ))}
                </span>
                <span
                    aria-label={
                        grade ? `graded ${grade.mark > 0 ? 'plus' : grade.mark < 0 ? 'minus' : 'even'}` : 'not graded'
                    }
                    className={clsx(
                        'grid size-5 shrink-0 place-items-center self-center rounded-full border text-xs font-bold',
                        !grade && 'border-edge text-soft',
                        grade && grade.mark > 0 && 'border-open text-open',
                        grade && grade.mark < 0 && 'border-ball text-ball',
                        grade && grade.mark === 0 && 'border-ink',
                    )}
                >
                    {grade ? (grade.mark > 0 ? '+' : grade.mark < 0 ? '−' : '0') : '·'}
                </span>
            </button>
        </li>
    );
}
