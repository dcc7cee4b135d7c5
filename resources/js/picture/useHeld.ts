import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { api } from '../api/client';
import type { ClipDrawings } from '../api/types';
import { passed, placeAt } from './drawn';

const NONE: ClipDrawings = { widthPx: 1, heightPx: 1, shiftS: 0, drawings: [], places: [] };

/** How long a film that runs holds where something is drawn, milliseconds. */
export const HOLDS_MS = 2500;

/** What was drawn on a clip and where a man is, the moment it stands at; a film that runs holds at each drawing. */
export function useHeld(
    video: RefObject<HTMLVideoElement | null>,
    clipId: string | undefined,
    { man, holds = true }: { man?: string; holds?: boolean },
) {
    const { data = NONE } = useQuery({
        queryKey: ['clip drawings', clipId, man],
        queryFn: () => api.get<ClipDrawings>(`clips/${clipId}/drawings${man ? `?man=${encodeURIComponent(man)}` : ''}`),
        enabled: clipId !== undefined,
        staleTime: 60_000,
    });
    const [t, setT] = useState(-1);
    const [shownPx, setShownPx] = useState<number>();
    const goesOn = useRef<ReturnType<typeof setTimeout>>(undefined);
    useEffect(() => {
        if (data.drawings.length === 0 && data.places.length === 0) return;
        let last: number | null = null;
        let frame = requestAnimationFrame(function tick() {
            const v = video.current;
            if (v) {
                const now = v.currentTime - data.shiftS;
                const hit =
                    holds && last !== null && !v.paused && now - last < 0.5
                        ? passed(data.drawings, last, now)
                        : undefined;
                if (hit) {
                    v.pause();
                    // Who moves on by himself meanwhile is not called back.
                    const here = v.currentTime;
                    goesOn.current = setTimeout(() => {
                        if (v.paused && v.currentTime === here) void v.play().catch(() => undefined);
                    }, HOLDS_MS);
                }
                last = now;
                setT(now);
                setShownPx(v.clientWidth || undefined);
            }
            frame = requestAnimationFrame(tick);
        });
        return () => (cancelAnimationFrame(frame), clearTimeout(goesOn.current));
    }, [video, data, holds]);
    /** Goes to the next drawing after this moment, from the last one to the first, and stands there. */
    const next = () => {
        const v = video.current;
        const to = data.drawings.find((d) => d.atS > t + 0.02) ?? data.drawings[0];
        if (!v || !to) return;
        clearTimeout(goesOn.current);
        v.pause();
        v.currentTime = to.atS + data.shiftS + 0.001;
    };
    return { ...data, t, shownPx, next, place: placeAt(data.places, t) };
}

export type Held = ReturnType<typeof useHeld>;
