import type { Place } from '../api/types';

/** A ring at the feet of the man a clip is about. */
export function Ring({ place: p, scale }: { place: Place; scale: number }) {
    const round = { cx: p.xPx, cy: p.yPx, rx: Math.max(6 * scale, p.rxPx), ry: Math.max(3 * scale, p.ryPx) };
    return (
        <g data-testid="ringed" fill="none">
            <ellipse {...round} stroke="#10181a" strokeOpacity={0.6} strokeWidth={4.6 * scale} />
            <ellipse {...round} stroke="#fff6e4" strokeWidth={2 * scale} />
        </g>
    );
}
