import { readFileSync } from 'node:fs';

type Truth = {
    widthPx: number;
    heightPx: number;
    stepS: number;
    camera: { from: [number, number, number]; distortion: number };
    views: [number, number, number][];
    marks: Record<string, number>;
    spots: Record<string, [number, number]>[];
};

/** What is true about a demo clip, as the simulated camera wrote it. */
export const truth = (name: string): Truth => JSON.parse(readFileSync(`database/demo/film/${name}.truth.json`, 'utf8'));

/** Pixels of a place on the field at a moment: the simulated camera's own pinhole. */
export function pixel(t: Truth, atS: number, [x, y]: [number, number]): [number, number] {
    const [ax, ay, focal] = t.views[Math.round(atS / t.stepS)];
    const [fx, fy, fz] = t.camera.from;
    const unit = (v: number[]) => v.map((c) => c / Math.hypot(...v));
    const dot = (a: number[], b: number[]) => a.reduce((s, c, i) => s + c * b[i], 0);
    const forward = unit([ax - fx, ay - fy, -fz]);
    const right = unit([forward[1], -forward[0], 0]);
    const down = [
        forward[1] * right[2] - forward[2] * right[1],
        forward[2] * right[0] - forward[0] * right[2],
        forward[0] * right[1] - forward[1] * right[0],
    ];
    const d = [x - fx, y - fy, -fz];
    const [u, v] = [dot(right, d) / dot(forward, d), dot(down, d) / dot(forward, d)];
    const bend = 1 + t.camera.distortion * (u * u + v * v);
    return [t.widthPx / 2 + focal * u * bend, t.heightPx / 2 + focal * v * bend];
}

/** Where a man is at a moment, pixels. */
export const feet = (t: Truth, atS: number, man: string): [number, number] =>
    pixel(t, atS, t.spots[Math.round(atS / t.stepS)][man]);
