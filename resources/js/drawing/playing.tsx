import type { Frames } from '../api/types';
import type { Scale } from './scale';

/** Where everybody is at a moment, between two frames. */
export function positions(frames: Frames, t: number): Map<string, [number, number]> {
    const f = Math.min(frames.at.length - 1.001, t / frames.step);
    const i = Math.max(0, Math.floor(f));
    const part = f - i;
    const names = [...frames.men, ...frames.defenders];
    return new Map(
        names.map((name, n) => {
            const mix = (k: number) =>
                frames.at[i][2 * n + k] + part * (frames.at[i + 1][2 * n + k] - frames.at[i][2 * n + k]);
            return [name, [mix(0), mix(1)]];
        }),
    );
}

/** The ball at a moment; the higher it is, the larger. */
export function Ball({ frames, t, scale }: { frames: Frames; t: number; scale: Scale }) {
    const [x, y, z] = frames.ball[Math.min(frames.ball.length - 1, Math.round(t / frames.step))];
    return (
        <g transform={`translate(${scale.x(x)} ${scale.y(y) - z * 3})`}>
            <ellipse rx={4.5 + z * 0.4} ry={3.2 + z * 0.3} fill="var(--ball)" stroke="var(--paper)" />
        </g>
    );
}
