import type { Measured } from '../api/types';

/** The grade a coach gives, with what was asked and done as measured. */
export function gradeOf(man: string, mark: number, measured: Measured, faults: string[]) {
    const planned = measured.planned.find((p) => p.man === man);
    const depth = measured.assignments.find((a) => a.man === man && a.measure === 'break depth');
    const out = measured.assignments.find((a) => a.man === 'Q' && a.measure === 'ball out');
    if (man === 'Q') {
        const order = measured.planned.filter((p) => p.number !== null).map((p) => `${p.man} ${p.route}`);
        return {
            mark,
            asked: order.join(', then '),
            done: out ? `Ball out at ${out.done.toFixed(2)} s` : '',
            decision: measured.decision.decision,
            reason: measured.decision.why,
            faults,
        };
    }
    return {
        mark,
        asked: planned ? `${planned.route} at ${planned.depthYd} yd` : 'Protect',
        done: depth ? `Broke at ${depth.done.toFixed(1)} yd` : '',
        decision: null,
        reason: depth ? `Planned ${depth.planned} yd, done ${depth.done.toFixed(1)} ± ${depth.sd.toFixed(1)} yd.` : '',
        faults,
    };
}
