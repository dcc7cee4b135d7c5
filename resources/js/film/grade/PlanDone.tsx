import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { Charting, Grade, Measured, MeasureRow, Proposed, Snap } from '../../api/types';
import { error } from '../../ui/words';
import { Again } from './Again';
import { Select } from '../../ui/Select';

type Props = {
    measured: Measured;
    snap: Snap;
    man: string;
    onMan: (man: string) => void;
    onGrade: (man: string, mark: number) => void;
    onConfirm: () => void;
    onOthers: () => void;
    faults: string[];
    library: Charting['library'];
    onFault: (id: string) => void;
    flags: { bust: boolean; impact: boolean };
    onFlag: (flag: 'bust' | 'impact') => void;
    marks: Record<string, number | null>;
    onPart: (part: string) => void;
    remarks: ReactNode;
};

/** What a man is marked on; the result stands apart and never makes the grade. */
const PARTS = ['alignment', 'assignment', 'eyes', 'technique', 'effort', 'decision', 'result'];

const ORDER = ['Q', 'X', 'Z', 'H', 'Y', 'R', 'F', 'LT', 'LG', 'C', 'RG', 'RT'];

/** The ledger of the film: plan against done for all eleven, a grade proposed for whoever was measured, and one key to keep it. */
export function PlanDone(p: Props) {
    const { measured, man } = p;
    const rows = [...measured.proposals].sort((a, b) => ORDER.indexOf(a.man) - ORDER.indexOf(b.man));
    const open = rows.filter((r) => r.mark !== null && !p.snap.grades.some((g) => g.man === r.man)).length;
    const mine = measured.assignments.filter((a) => a.man === man);
    return (
        <div className="flex min-h-0 flex-1 flex-col">
            <h2 className="label flex justify-between px-3 pt-1.5">
                <span className="flex-1">Plan against done</span>
                {rows.length > p.snap.grades.length && (
                    <button
                        type="button"
                        onClick={p.onOthers}
                        title="Whoever has no grade gets what is proposed for him, or a plus (A)"
                        className="mr-3 font-semibold text-ink underline underline-offset-2"
                    >
                        All others did their job
                    </button>
                )}
                <button
                    type="button"
                    disabled={open === 0}
                    onClick={p.onConfirm}
                    title="Confirm every proposal that was not graded by hand (Shift Enter)"
                    className="font-semibold text-ink underline underline-offset-2 disabled:no-underline"
                >
                    {open > 0 ? `Confirm ${open} proposed` : 'nothing proposed'}
                </button>
            </h2>
            <ul className="min-h-28 flex-1 overflow-y-auto" tabIndex={0} aria-label="Men">
                {rows.map((row) => (
                    <Row
                        key={row.man}
                        row={row}
                        numbers={measured.assignments.filter((a) => a.man === row.man)}
                        fault={measured.faults.find((f) => f.man === row.man)?.measure}
                        grade={p.snap.grades.find((g) => g.man === row.man)}
                        chosen={row.man === man}
                        onMan={p.onMan}
                    />
                ))}
            </ul>
            {mine.length > 1 && (
                <dl
                    className="grid max-h-[58px] shrink-0 grid-cols-[1fr_auto_auto] gap-x-2 overflow-y-auto border-t border-faint px-3 py-1 text-xs"
                    tabIndex={0}
                    aria-label={`Numbers of ${man}`}
                >
                    {mine.map((m) => (
                        <Number key={m.measure} row={m} />
                    ))}
                </dl>
            )}
            <Again letter={man} />
            <Grading {...p} />
        </div>
    );
}

function Number({ row }: { row: MeasureRow }) {
    const digits = row.unit === 's' ? 2 : row.unit === 'steps' ? 0 : 1;
    return (
        <>
            <dt className="text-soft">
                {row.measure}
                {row.byEye ? ' (by eye)' : ''}
            </dt>
            <dd className="text-right narrow">
                {row.done.toFixed(digits)} ± {row.sd.toFixed(digits)} {row.unit}
            </dd>
            <dd className="w-14 text-right font-semibold narrow">
                {row.error === null ? '' : error(row.error, row.unit)}
            </dd>
        </>
    );
}

function Grading({ measured, man, faults, library, onFault, onGrade, flags, onFlag, marks, onPart, remarks }: Props) {
    const keyed = measured.labels[man] ?? [];
    const group = measured.groups[man];
    // What was proposed or seen and stands on no key of his is shown behind the keys.
    const others = faults.filter((id) => !keyed.some((f) => f.id === id));
    const labels = [...keyed, ...library.filter((f) => others.includes(f.id)).map((f) => ({ ...f, key: null }))];
    return (
        <section className="shrink-0 border-t border-edge px-3 pt-1.5 pb-2">
            <div className="grid grid-cols-3 gap-1">
                {labels.map((f) => (
                    <button
                        key={f.id}
                        type="button"
                        aria-pressed={faults.includes(f.id)}
                        title={f.key === null ? f.label : `${f.label} (${f.key})`}
                        onClick={() => onFault(f.id)}
                        className={clsx(
                            'rounded border px-1.5 py-0.5 text-left text-[12px] leading-tight narrow',
                            faults.includes(f.id)
                                ? f.praise
                                    ? 'border-open bg-open font-bold text-on-strong'
                                    : 'border-ball bg-ball font-bold text-on-strong'
                                : f.praise
                                  ? 'border-open text-open hover:border-ink'
                                  : 'border-edge hover:border-ink',
                        )}
                    >
                        {f.key !== null && <span className="mr-1">{f.key}</span>}
                        {f.label}
                    </button>
                ))}
                <Select
                    aria-label={`More of the library for ${man}`}
                    title="Every other fault and praise of his group"
                    value=""
                    onChange={(e) => e.target.value && onFault(e.target.value)}
                    className="min-w-0 text-[12px] text-soft narrow"
                >
                    <option value="">more…</option>
                    {library
                        .filter((f) => f.groups.some((g) => g === group || g === 'any'))
                        .filter((f) => !labels.some((l) => l.id === f.id))
                        .map((f) => (
                            <option key={f.id} value={f.id}>
                                {f.label}
                            </option>
                        ))}
                </Select>
            </div>
            <div className="mt-1 flex justify-between" role="group" aria-label={`Parts of ${man}`}>
                {PARTS.map((part) => {
                    const mark = marks[part] ?? null;
                    return (
                        <button
                            key={part}
                            type="button"
                            onClick={() => onPart(part)}
                            title={`${part}: ${mark === null ? 'not seen' : mark > 0 ? 'plus' : 'minus'}; press to change`}
                            className={clsx(
                                'text-[11px] narrow',
                                mark === null ? 'text-soft' : mark > 0 ? 'font-bold text-open' : 'font-bold text-ball',
                            )}
                        >
                            {part} {mark === null ? '·' : mark > 0 ? '+' : '−'}
                        </button>
                    );
                })}
            </div>
            <div className="mt-1.5 flex gap-1">
                {[
                    { mark: 1, name: 'Plus', key: '+' },
                    { mark: 0, name: 'Even', key: '0' },
                    { mark: -1, name: 'Minus', key: '−' },
                ].map((g) => (
                    <button
                        key={g.mark}
                        type="button"
                        onClick={() => onGrade(man, g.mark)}
                        aria-label={`${g.name} ${g.key}`}
                        title={`Grade ${man} ${g.name.toLowerCase()} (${g.key})`}
                        className="flex-1 rounded-md border border-ink py-1 text-base leading-snug font-bold hover:bg-ink hover:text-paper"
                    >
                        {g.key}
                    </button>
                ))}
                {(['bust', 'impact'] as const).map((f) => (
                    <button
                        key={f}
                        type="button"
                        aria-pressed={flags[f]}
                        onClick={() => onFlag(f)}
                        title={f === 'bust' ? 'A mental error (E)' : 'A plus play (I)'}
                        className={clsx(
                            'w-11 rounded-md border px-0.5 text-[11px] leading-tight font-semibold narrow',
                            flags[f] ? 'border-ink bg-ink text-paper' : 'border-edge text-soft',
                        )}
                    >
                        {f === 'bust' ? 'mental error' : 'plus play'}
                    </button>
                ))}
                {remarks}
            </div>
        </section>
    );
}

type RowProps = {
    row: Proposed;
    numbers: MeasureRow[];
    fault?: string;
    grade?: Grade;
    chosen: boolean;
    onMan: (m: string) => void;
};

/** One man: what he was asked, the number that matters most, and his grade; a ring is proposed, a disk is given. */
function Row({ row, numbers, fault, grade, chosen, onMan }: RowProps) {
    const main =
        numbers.find((n) => n.measure === fault) ??
        numbers.find((n) => n.measure === 'break depth') ??
        numbers.find((n) => n.planned !== null);
    const mark = grade?.mark ?? row.mark;
    return (
        <li>
            <button
                type="button"
                onClick={() => onMan(row.man)}
                aria-pressed={chosen}
                className={clsx(
                    'flex w-full items-center gap-2 border-b border-faint px-3 py-[3px] text-left',
                    chosen && 'bg-ball-wash',
                )}
            >
                <span className="w-6 font-bold">{row.man}</span>
                <span className="min-w-0 flex-1 text-[13px] leading-tight">{row.asked}</span>
                {main && (
                    <span
                        className={clsx(
                            'text-xs whitespace-nowrap narrow',
                            fault ? 'font-bold text-ball' : 'text-soft',
                        )}
                    >
                        {main.done.toFixed(main.unit === 's' ? 2 : 1)} {main.unit}
                        {main.error !== null && ` ${error(main.error, '').trim()}`}
                    </span>
                )}
                <span
                    aria-label={`${grade ? 'graded' : row.mark === null ? 'not measured' : 'proposed'} ${mark === null ? '' : mark > 0 ? 'plus' : mark < 0 ? 'minus' : 'even'}`}
                    title={grade?.not_counted ?? undefined}
                    className={clsx(
                        grade?.counts === false && 'border-dashed opacity-60',
                        'grid size-5 shrink-0 place-items-center rounded-full border text-xs font-bold',
                        mark === null && 'border-edge text-soft',
                        mark !== null &&
                            mark > 0 &&
                            (grade ? 'border-open bg-open text-on-strong' : 'border-open text-open'),
                        mark !== null &&
                            mark < 0 &&
                            (grade ? 'border-ball bg-ball text-on-strong' : 'border-ball text-ball'),
                        mark === 0 && 'border-ink',
                    )}
                >
                    {mark === null ? '·' : mark > 0 ? '+' : mark < 0 ? '−' : '0'}
                </span>
            </button>
        </li>
    );
}
