import { temporal } from 'zundo';
import { create } from 'zustand';
import type { Clip, FilmDocument } from '../api/types';

type Film = {
    clip: Clip | null;
    document: FilmDocument | null;
    open: (clip: Clip) => void;
    work: (change: (d: FilmDocument) => FilmDocument) => void;
    saved: (clip: Clip) => void;
};

/** The clip being worked on. Its document can be undone step by step. */
export const useFilm = create<Film>()(
    temporal(
        (set) => ({
            clip: null,
            document: null,
            open: (clip) => set({ clip, document: clip.document }),
            work: (change) => set((s) => (s.document ? { document: change(s.document) } : {})),
            saved: (clip) => set({ clip }),
        }),
        { partialize: (s) => ({ document: s.document }), equality: (a, b) => a.document === b.document, limit: 200 },
    ),
);

export function openClip(clip: Clip): void {
    useFilm.getState().open(clip);
    useFilm.temporal.getState().clear();
}

type Mark = NonNullable<FilmDocument['marks']>[number];
export type MarkKind = Mark['kind'];

/** Sets a mark; a kind stands once, a break once for each man. */
export function withMark(d: FilmDocument, kind: MarkKind, atS: number, man?: string): FilmDocument {
    const others = (d.marks ?? []).filter((m) => m.kind !== kind || (kind === 'break' && m.man !== man));
    const mark: Mark = { kind, atS: round(atS, 4), ...(man ? { man } : {}) };
    return { ...d, marks: [...others, mark].sort((a, b) => a.atS - b.atS) };
}

export function withoutMark(d: FilmDocument, index: number): FilmDocument {
    return { ...d, marks: (d.marks ?? []).filter((_, i) => i !== index) };
}

/** Plots a man; a second click within a tenth of a second replaces the first. */
export function withPlot(d: FilmDocument, man: string, atS: number, xPx: number, yPx: number): FilmDocument {
    const others = (d.plots ?? []).filter((p) => p.man !== man || Math.abs(p.atS - atS) > 0.1);
    const id = `${man.replace(/\W/g, '')}-${Math.round(atS * 1000)}`;
    return { ...d, plots: [...others, { id, man, atS: round(atS, 4), xPx: round(xPx, 1), yPx: round(yPx, 1) }] };
}

export type Point = NonNullable<FilmDocument['calibrations']>[number]['points'][number];

/** Adds a clicked field mark to the calibration of this moment; the first click starts one. */
export function withPoint(d: FilmDocument, atS: number, point: Point): FilmDocument {
    const all = d.calibrations ?? [];
    const here = all.length > 0 ? all[all.length - 1] : { atS: round(atS, 3), points: [] };
    const points = [...here.points.filter((p) => p.mark !== point.mark), point];
    return { ...d, calibrations: [...all.slice(0, -1), { ...here, points }] };
}

export function withPoints(d: FilmDocument, points: Point[]): FilmDocument {
    const all = d.calibrations ?? [];
    return {
        ...d,
        calibrations:
            points.length === 0 ? all.slice(0, -1) : [...all.slice(0, -1), { ...all[all.length - 1], points }],
    };
}

const round = (v: number, digits: number) => Math.round(v * 10 ** digits) / 10 ** digits;
