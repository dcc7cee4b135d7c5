import { useEffect, useState } from 'react';
import { api, Problem } from '../api/client';
import type { FilmDocument, Measured, Overlay } from '../api/types';
import type { Point } from './filmStore';

/** Plan against done for the document as it stands. */
export function useMeasured(document: FilmDocument | null) {
    const [measured, setMeasured] = useState<Measured | null>(null);
    const [problem, setProblem] = useState('');
    useEffect(() => {
        if (!document) return;
        const stop = new AbortController();
        api.post<Measured>('measurements', { document }, stop.signal)
            .then((m) => (setMeasured(m), setProblem('')))
            .catch((e: unknown) => {
                if (e instanceof Problem) setProblem(e.message);
            });
        return () => stop.abort();
    }, [document]);
    return { measured, problem };
}

/** The paint laid over the picture by the clicked points, or why it cannot be. */
export function useOverlay(points: Point[], document: FilmDocument | null) {
    const [overlay, setOverlay] = useState<Overlay | null>(null);
    const [problem, setProblem] = useState('');
    const video = document?.video;
    const rules = document?.situation?.rules ?? 'nfhs';
    useEffect(() => {
        if (!document) return;
        const stop = new AbortController();
        const place = (sent: Point[]) =>
            api.post<Overlay>(
                'calibrations',
                {
                    points: sent.map(({ xPx, yPx, fieldXYd, fieldYYd }) => ({ xPx, yPx, fieldXYd, fieldYYd })),
                    rules,
                    widthPx: video?.widthPx ?? 640,
                    heightPx: video?.heightPx ?? 360,
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
    }, [points, rules, video?.widthPx, video?.heightPx]); // eslint-disable-line
    return { overlay, problem };
}
