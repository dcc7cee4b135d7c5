import { temporal } from 'zundo';
import { create } from 'zustand';
import type { Angle, FilmDocument, Snap } from '../api/types';

type Film = {
    snap: Snap | null;
    document: FilmDocument | null;
    work: (change: (d: FilmDocument) => FilmDocument) => void;
};

/** The snap being worked on. Its document can be undone step by step. */
export const useFilm = create<Film>()(
    temporal(
        (set) => ({
            snap: null,
            document: null,
            work: (change) => set((s) => (s.document ? { document: change(s.document) } : {})),
        }),
        { partialize: (s) => ({ document: s.document }), equality: (a, b) => a.document === b.document, limit: 300 },
    ),
);

export function openSnap(snap: Snap): void {
    useFilm.setState({ snap, document: snap.document });
    useFilm.temporal.getState().clear();
}

type Mark = NonNullable<FilmDocument['marks']>[number];
/** No snap is worked on any more: its film was thrown away. */
export function closeSnap(): void {
    useFilm.setState({ snap: null, document: null });
}

export type MarkKind = Mark['kind'];
export type MarkRule = { kind: string; perMan: boolean; counted: boolean };

/** Sets a mark: a kind stands once, or once for each man; a counted or free one as often as it is set. */
export function withMark(d: FilmDocument, rule: MarkRule, atS: number, man?: string, label?: string): FilmDocument {
    const kind = rule.kind as MarkKind;
    const his = (m: Mark) => m.kind === kind && (!rule.perMan || (m.man ?? undefined) === man);
    const many = rule.counted || kind === 'free';
    const others = (d.marks ?? []).filter((m) => many || !his(m));
    const mark: Mark = { kind, atS: round(atS, 4), ...(man ? { man } : {}), ...(label ? { label } : {}) };
    const marks = [...others, mark].sort((a, b) => a.atS - b.atS);
    let n = 0;
    return { ...d, marks: rule.counted ? marks.map((m) => (his(m) ? { ...m, n: ++n } : m)) : marks };
}

export function withoutMark(d: FilmDocument, index: number): FilmDocument {
    return { ...d, marks: (d.marks ?? []).filter((_, i) => i !== index) };
}

/** A hand misses what it aims at on a screen by so many of the screen's pixels, one standard deviation. */
const HAND_PX = 1.5;

/** By how many pixels of a picture a hand misses, by how wide the picture is and how wide it is shown. */
export const handMissPx = (widthPx: number, shownPx: number): number =>
    round(Math.max(0.1, Math.min(200, (HAND_PX * widthPx) / Math.max(1, shownPx))), 2);

type Plot = NonNullable<FilmDocument['plots']>[number];

/** Plots this near in time are on one picture, seconds. */
const ONE_PICTURE_S = 0.05;

/** Plots a man on an angle; a second click within a twentieth of a second replaces the first. */
export function withPlot(
    d: FilmDocument,
    man: string,
    atS: number,
    at: [number, number],
    angle: Angle = 'wide',
    how: { confidence?: number; missPx?: number } = {},
): FilmDocument {
    const others = (d.plots ?? []).filter(
        (p) => p.man !== man || (p.angle ?? 'wide') !== angle || Math.abs(p.atS - atS) > ONE_PICTURE_S,
    );
    const plot: Plot = {
        id: `${angle[0]}${man.replace(/\W/g, '')}-${Math.round(atS * 1000)}`.slice(0, 40),
        man,
        atS: round(atS, 4),
        xPx: round(at[0], 1),
        yPx: round(at[1], 1),
        ...(angle === 'wide' ? {} : { angle }),
        ...(how.confidence === undefined ? {} : { confidence: round(how.confidence, 3) }),
        ...(how.missPx === undefined ? {} : { clickPx: how.missPx }),
    };
    return { ...d, plots: [...others, plot] };
}

/** The next man after this one who is not plotted on the picture of a moment yet; this one when all are. */
export function nextToPlot(d: FilmDocument, men: string[], man: string, atS: number, angle: Angle = 'wide'): string {
    const here = (d.plots ?? []).filter((p) => (p.angle ?? 'wide') === angle && Math.abs(p.atS - atS) <= ONE_PICTURE_S);
    const at = men.indexOf(man);
    const order = [...men.slice(at + 1), ...men.slice(0, Math.max(0, at))];
    return order.find((one) => !here.some((p) => p.man === one)) ?? man;
}

/** Takes the followed plots of a man away after a moment; the clicked ones stay. */
export function withoutFollowed(d: FilmDocument, man: string, angle: Angle, after: number): FilmDocument {
    return {
        ...d,
        plots: (d.plots ?? []).filter(
            (p) =>
                p.man !== man || (p.angle ?? 'wide') !== angle || p.confidence === undefined || p.atS <= after + 0.01,
        ),
    };
}

type Calibration = NonNullable<FilmDocument['calibrations']>[number];
export type Point = Calibration['points'][number];

/** The calibration clicked on the picture of this moment. */
export function calibrationAt(d: FilmDocument, atS: number, angle: Angle = 'wide'): Calibration | undefined {
    return (d.calibrations ?? []).find((c) => (c.angle ?? 'wide') === angle && Math.abs(c.atS - atS) < 0.025);
}

/** Sets the points of the calibration of this moment; none take it away. */
export function withPoints(d: FilmDocument, atS: number, points: Point[], angle: Angle = 'wide'): FilmDocument {
    const here = calibrationAt(d, atS, angle);
    const others = (d.calibrations ?? []).filter((c) => c !== here);
    const made: Calibration = {
        ...(angle === 'wide' ? {} : { angle }),
        atS: here?.atS ?? round(atS, 3),
        points,
    };
    return {
        ...d,
        calibrations: points.length === 0 ? others : [...others, made].sort((a, b) => a.atS - b.atS),
    };
}

/** Adds a clicked field mark to the calibration of this moment; the same mark clicked again moves. */
export function withPoint(d: FilmDocument, atS: number, point: Point, angle: Angle = 'wide'): FilmDocument {
    const points = calibrationAt(d, atS, angle)?.points ?? [];
    return withPoints(d, atS, [...points.filter((p) => p.mark !== point.mark), point], angle);
}

export type Move = NonNullable<FilmDocument['moves']>[number];

/** Puts the followed movement of an angle in place of what stood there for the same time. */
export function withMoves(d: FilmDocument, angle: Angle, moves: Move[]): FilmDocument {
    if (moves.length === 0) return d;
    const [from, to] = [moves[0].fromS, moves[moves.length - 1].toS];
    const others = (d.moves ?? []).filter(
        (m) => (m.angle ?? 'wide') !== angle || m.toS <= from + 1e-6 || m.fromS >= to - 1e-6,
    );
    return { ...d, moves: [...others, ...moves].sort((a, b) => a.fromS - b.fromS) };
}

type Seen = NonNullable<FilmDocument['seen']>[number];

/** Says something by eye: one answer for each man and question; an empty one takes it back. */
export function withSeen(
    d: FilmDocument,
    man: string,
    what: Seen['what'],
    value: string | number,
    certain = true,
): FilmDocument {
    const others = (d.seen ?? []).filter((s) => s.man !== man || s.what !== what);
    return {
        ...d,
        seen: value === '' ? others : [...others, { man, what, value, ...(certain ? {} : { certain: false }) }],
    };
}

export type Chart = NonNullable<FilmDocument['chart']>;
export type Situation = NonNullable<FilmDocument['situation']>;

/** Changes what is charted; undefined takes a field away. */
export function withChart(d: FilmDocument, chart: Partial<Chart>, situation: Partial<Situation> = {}): FilmDocument {
    const kept = <T extends object>(a: T): T =>
        Object.fromEntries(Object.entries(a).filter(([, v]) => v !== undefined && v !== '')) as T;
    return {
        ...d,
        chart: kept({ ...d.chart, ...chart }),
        situation: kept({ ...d.situation, ...situation }),
    };
}

export type Drawing = NonNullable<FilmDocument['drawings']>[number];

/** Puts a drawing on the picture of a moment. */
export function withDrawing(d: FilmDocument, drawing: Omit<Drawing, 'id'>): FilmDocument {
    const drawings = d.drawings ?? [];
    const made: Drawing = {
        ...drawing,
        id: `${drawing.kind}-${Math.round(drawing.atS * 1000)}-${1 + drawings.length}`,
        atS: round(drawing.atS, 4),
        points: drawing.points.map((p) => p.map((v) => round(v, 1))),
    };
    const taken = drawings.some((one) => one.id === made.id);
    return { ...d, drawings: [...drawings, taken ? { ...made, id: `${made.id}-${Date.now()}`.slice(0, 40) } : made] };
}

export function withoutDrawing(d: FilmDocument, id: string): FilmDocument {
    return { ...d, drawings: (d.drawings ?? []).filter((one) => one.id !== id) };
}

const round = (v: number, digits: number) => Math.round(v * 10 ** digits) / 10 ** digits;
