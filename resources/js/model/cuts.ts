import type { Angle, StripSnap } from '../api/filmTypes';

/** A piece of a long film, seconds from its beginning. */
export type Cut = { fromS: number; toS: number };

/** Shorter than this is no snap, seconds. */
export const SHORTEST_S = 0.5;

const round = (s: number) => Math.round(s * 100) / 100;

/** The cuts with one more, in the order of the film; a reason where it cannot be one. */
export function withCut(cuts: Cut[], fromS: number, toS: number): { cuts: Cut[]; problem: string } {
    const cut = { fromS: round(fromS), toS: round(toS) };
    if (cut.toS - cut.fromS < SHORTEST_S) {
        return { cuts, problem: 'A snap lasts half a second at least: go on a little before you end it.' };
    }
    const into = cuts.find((c) => cut.fromS < c.toS && c.fromS < cut.toS);
    if (into) {
        return {
            cuts,
            problem: `It runs into the snap from ${clock(into.fromS)} to ${clock(into.toS)}: take that one off first.`,
        };
    }
    return { cuts: [...cuts, cut].sort((a, b) => a.fromS - b.fromS), problem: '' };
}

/** The cuts without the one that was ended last before a moment, or at it. */
export function withoutLast(cuts: Cut[], atS: number): Cut[] {
    const before = cuts.filter((c) => c.fromS <= atS + 0.01);
    const last = before[before.length - 1] ?? cuts[0];
    return cuts.filter((c) => c !== last);
}

/** The snap each cut goes to: the charted ones without film of that angle in their order, then new ones (null). */
export function goesTo(cuts: Cut[], snaps: StripSnap[], angle: Angle, ontoCharted: boolean): (StripSnap | null)[] {
    const free = ontoCharted ? snaps.filter((s) => !s.clips.some((c) => c.angle === angle)) : [];
    return cuts.map((_, n) => free[n] ?? null);
}

/** "1:07.5" */
export function clock(s: number): string {
    const tenths = Math.round(s * 10);
    const minutes = Math.floor(tenths / 600);
    const rest = ((tenths % 600) / 10).toFixed(1);
    return minutes === 0 ? `${rest} s` : `${minutes}:${rest.padStart(4, '0')}`;
}
