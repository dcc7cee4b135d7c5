import { useCallback, useRef, useState } from 'react';
import type { Angle, Clip } from '../api/types';

/** Size and rate a picture has while there is no film. */
const NONE: [number, number] = [640, 360];

/** The film on the clock of the snap: nought at the start of the wide clip; the tight one is shifted onto it. Seconds. */
export function usePlayer(clip: Clip | null, angle: Angle) {
    const video = useRef<HTMLVideoElement | null>(null);
    const [t, setT] = useState(0);
    const [loop, setLoop] = useState<{ from: number; to: number } | null>(null);
    const [rate, setRate] = useState(1);
    const shift = (clip?.from_s ?? 0) + (angle === 'tight' ? (clip?.sync_s ?? 0) : 0);
    const fps = clip?.video?.fps ?? 30;
    // Where the film of this angle ends on that clock: one that began later ends later.
    const durationS = clip ? (clip.to_s ?? clip.video?.durationS ?? 6) - shift : 6;
    const size: [number, number] = clip?.video ? [clip.video.widthPx, clip.video.heightPx] : NONE;

    const seek = useCallback(
        (to: number) => {
            const v = video.current;
            const bound = Math.max(0, Math.min(durationS - 0.01, to));
            if (v) {
                v.pause();
                v.currentTime = bound + shift;
            }
            setT(bound);
        },
        [shift, durationS],
    );
    const step = (frames: number) => seek(Math.round(t * fps + frames) / fps + 0.001);
    const play = () => {
        const v = video.current;
        if (!v) return;
        if (!v.paused) return v.pause();
        if (v.currentTime - shift >= durationS - 0.06) v.currentTime = shift;
        v.playbackRate = rate;
        void v.play().catch(() => undefined);
    };
    const speed = (to: number) => {
        setRate(to);
        if (video.current) video.current.playbackRate = to;
    };
    /** Loops a range at a rate; an empty one ends the loop. */
    const setRange = (from: number, to: number, at: number) => {
        speed(at);
        if (to <= from) return setLoop(null);
        setLoop({ from, to: Math.max(to, from + 0.1) });
        const v = video.current;
        if (!v) return;
        v.currentTime = from + shift;
        v.playbackRate = at;
        void v.play().catch(() => undefined);
    };
    return { video, t, setT, seek, step, play, loop, setRange, rate, speed, shift, fps, durationS, size };
}

export type Player = ReturnType<typeof usePlayer>;
