import type { Drawn, Place } from '../api/types';

/** A picture belongs to a moment when it is this near, seconds: less than two pictures of a film. */
const NEAR_S = 0.06;

/** A picture this wide is marked with lines of their own width. */
const USUAL_PX = 640;

/** How wide lines are on a picture: wider on one of many pixels, and on one that is shown small. */
export const inkOf = (widthPx: number, shownPx = USUAL_PX): number => widthPx / Math.max(1, shownPx);

/** The line of a drawing at a moment, or null before it and after it. */
export function lineAt(d: Drawn, t: number): [number, number][] | null {
    if (t < d.atS - NEAR_S || t > d.untilS + NEAR_S) return null;
    const away = (f: Drawn['frames'][number]) => Math.abs(f.atS - t);
    return d.frames.reduce((best, f) => (away(f) < away(best) ? f : best)).line;
}

/** The first drawing whose moment lies between two moments of a film that runs, or undefined. */
export const passed = (drawings: Drawn[], from: number, to: number): Drawn | undefined =>
    drawings.find((d) => d.atS > from && d.atS <= to);

/** Where a man is at a moment, between the two places next to it; null before the first and after the last. */
export function placeAt(places: Place[], t: number): Place | null {
    const last = places.at(-1);
    if (!last || t < places[0].atS - NEAR_S || t > last.atS + NEAR_S) return null;
    const found = places.findIndex((p) => p.atS >= t);
    const after = found < 0 ? places.length - 1 : found;
    const [a, b] = [places[Math.max(0, after - 1)], places[after]];
    const share = b.atS > a.atS ? Math.max(0, Math.min(1, (t - a.atS) / (b.atS - a.atS))) : 1;
    const between = (key: keyof Place) => a[key] + share * (b[key] - a[key]);
    return {
        atS: t,
        xPx: between('xPx'),
        yPx: between('yPx'),
        rxPx: between('rxPx'),
        ryPx: between('ryPx'),
        tallPx: between('tallPx'),
    };
}

/** A man fills this share of the height of a picture that follows him, and it is enlarged at most so often. */
const FILLS = 0.4;
const MOST = 4;

/** How a picture is enlarged and moved so that a man stands in its middle, and no edge shows. */
export function following(place: Place, widthPx: number, heightPx: number): { scale: number; transform: string } {
    const scale = Math.max(1, Math.min(MOST, (FILLS * heightPx) / Math.max(1, place.tallPx)));
    const shift = (at: number, whole: number) =>
        Math.max(100 * (1 - scale), Math.min(0, 100 * (0.5 - (scale * at) / whole)));
    const x = shift(place.xPx, widthPx);
    const y = shift(place.yPx - 0.5 * place.tallPx, heightPx);
    return { scale, transform: `translate(${x.toFixed(2)}%, ${y.toFixed(2)}%) scale(${scale.toFixed(3)})` };
}
