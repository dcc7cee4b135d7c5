import { useEffect, useState } from 'react';
import { api, Problem } from '../api/client';
import type { Angle, FilmDocument, Measured, Overlay, View } from '../api/types';
import type { Point } from '../model/filmStore';

/** How long a change rests before it is sent, so that a fast hand sends once; milliseconds. */
const REST = 120;

/** Plan against done for the document as it stands. */
export function useMeasured(document: FilmDocument | null) {
    const [measured, setMeasured] = useState<Measured | null>(null);
    const [problem, setProblem] = useState('');
    useEffect(() => {
        if (!document) return;
        const stop = new AbortController();
        const timer = setTimeout(() => {
            api.post<Measured>('measurements', { document }, stop.signal)
                .then((m) => (setMeasured(m), setProblem('')))
                .catch((e: unknown) => {
                    if (e instanceof Problem) setProblem(e.message);
                });
        }, REST);
        return () => (clearTimeout(timer), stop.abort());
    }, [document]);
    return { measured, problem };
}

/** The paint laid over the picture by the points being clicked, or why it cannot be. */
export function useOverlay(points: Point[], document: FilmDocument | null, size: [number, number]) {
    const [overlay, setOverlay] = useState<Overlay | null>(null);
    const [problem, setProblem] = useState('');
    const rules = document?.situation?.rules ?? 'nfhs';
    const [widthPx, heightPx] = size;
    const open = document !== null;
    useEffect(() => {
        if (!open) return;
        const stop = new AbortController();
        const place = (sent: Point[]) =>
            api.post<Overlay>(
                'calibrations',
                {
                    points: sent.map(({ xPx, yPx, fieldXYd, fieldYYd, clickPx }) => ({
                        xPx,
                        yPx,
                        fieldXYd,
                        fieldYYd,
                        clickPx,
                    })),
                    rules,
                    widthPx,
                    heightPx,
                },
                stop.signal,
            );
        place(points.length >= 4 ? points : [])
            .then((o) => (setOverlay(o), setProblem('')))
            .catch((e: unknown) => {
                if (!(e instanceof Problem)) return;
                setProblem(e.message);
                void place([])
                    .then(setOverlay)
                    .catch(() => undefined);
            });
        return () => stop.abort();
    }, [points, rules, widthPx, heightPx, open]);
    return { overlay, problem };
}

/** Steps in which the plan is laid over the moving picture, seconds, and how many at once. */
const STEP = 0.1;
const AT_ONCE = 60;

/** Where paint, doubt and plan lie on the picture of an angle, every tenth of a second, for the document as it stands. */
export function useViews(document: FilmDocument | null, angle: Angle, durationS: number, size: [number, number]) {
    const [views, setViews] = useState<View[]>([]);
    const [widthPx, heightPx] = size;
    const key = JSON.stringify([
        document?.call,
        document?.look,
        document?.situation,
        document?.calibrations,
        document?.moves?.length,
        document?.marks?.find((m) => m.kind === 'snap'),
    ]);
    useEffect(() => {
        if (!document) return setViews([]);
        const stop = new AbortController();
        const light = { ...document, plots: [], seen: [] };
        const all = Array.from({ length: Math.max(1, Math.ceil(durationS / STEP)) }, (_, i) => i * STEP);
        const load = async () => {
            const found: View[] = [];
            for (let i = 0; i < all.length; i += AT_ONCE) {
                const part = await api.post<{ views: View[] }>(
                    'views',
                    { document: light, angle, atS: all.slice(i, i + AT_ONCE), widthPx, heightPx },
                    stop.signal,
                );
                found.push(...part.views);
            }
            setViews(found);
        };
        const timer = setTimeout(() => void load().catch(() => undefined), 2 * REST);
        return () => (clearTimeout(timer), stop.abort());
    }, [key, angle, durationS, widthPx, heightPx]); // eslint-disable-line
    return views;
}

/** The view nearest to a moment. */
export const viewAt = (views: View[], t: number): View | undefined =>
    views[Math.max(0, Math.min(views.length - 1, Math.round(t / STEP)))];
