import type { Drawn } from '../api/types';

/** A picture belongs to a moment when it is this near, seconds: less than two pictures of a film. */
const NEAR_S = 0.06;

/** The line of a drawing at a moment, or null before it and after it. */
export function lineAt(d: Drawn, t: number): [number, number][] | null {
    if (t < d.atS - NEAR_S || t > d.untilS + NEAR_S) return null;
    const away = (f: Drawn['frames'][number]) => Math.abs(f.atS - t);
    return d.frames.reduce((best, f) => (away(f) < away(best) ? f : best)).line;
}

/** The first drawing whose moment lies between two moments of a film that runs, or undefined. */
export const passed = (drawings: Drawn[], from: number, to: number): Drawn | undefined =>
    drawings.find((d) => d.atS > from && d.atS <= to);
