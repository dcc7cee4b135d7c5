import { useCallback, useEffect, useRef, useState } from 'react';

/** A clock that runs at real speed and can be set by hand, seconds. */
export function usePlayback(until: number) {
    const [t, setT] = useState(0);
    const [running, setRunning] = useState(false);
    const last = useRef(0);

    useEffect(() => {
        if (!running) return;
        last.current = performance.now();
        let frame = requestAnimationFrame(function tick(now: number) {
            const passed = (now - last.current) / 1000;
            last.current = now;
            setT((before) => {
                const next = before + passed;
                if (next >= until) setRunning(false);
                return Math.min(until, next);
            });
            frame = requestAnimationFrame(tick);
        });
        return () => cancelAnimationFrame(frame);
    }, [running, until]);

    const play = useCallback(() => {
        setT((now) => (now >= until - 0.01 ? 0 : now));
        setRunning(true);
    }, [until]);
    const set = useCallback(
        (next: number) => {
            setRunning(false);
            setT(Math.max(0, Math.min(until, next)));
        },
        [until],
    );
    return { t, running, play, stop: () => setRunning(false), set };
}
