import type { Drill } from '../api/drillTypes';

/** The piece of the field a drill is drawn on, yards. */
export type Frame = { left: number; right: number; top: number; bottom: number };

const LEAST_YD = 8;

/** All of a drill with a margin around it, no smaller than eight yards either way and no narrower than it is long. */
export function frameOf(drill: Drill, marginYd = 1.6): Frame {
    const all = [...drill.cones, ...drill.bags, drill.coach, ...drill.paths.flatMap((p) => p.points)];
    const span = (values: number[]): [number, number] => {
        const [low, high] = [Math.min(...values) - marginYd, Math.max(...values) + marginYd];
        const short = Math.max(0, LEAST_YD - (high - low)) / 2;
        return [low - short, high + short];
    };
    const [low, high] = span(all.map((p) => p.xYd));
    const [bottom, top] = span(all.map((p) => p.yYd));
    // No narrower than it is long, so that it fills its place on screen and paper.
    const wide = Math.max(0, top - bottom - (high - low)) / 2;
    return { left: low - wide, right: high + wide, top, bottom };
}

/** Whole yards inside a stretch. */
export function yards(from: number, to: number): number[] {
    const first = Math.ceil(from);
    return Array.from({ length: Math.max(0, Math.floor(to) - first + 1) }, (_, n) => first + n);
}
