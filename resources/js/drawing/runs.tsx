import type { StageBlock, StageTrack } from '../api/types';
import type { Scale } from './scale';

const path = (line: [number, number][], scale: Scale) =>
    line
        .map(
            ([x, y], i) =>
                `${i ? 'L' : 'M'}${scale.x(x).toFixed(1)} ${scale.y(Math.min(y, scale.topYd - 0.5)).toFixed(1)}`,
        )
        .join('');

/** A block as coaches draw it: a line that ends in a bar. A block that cannot be made is dashed in amber. */
export function BlockLine({
    block,
    scale,
    dim,
    chosen,
}: {
    block: StageBlock;
    scale: Scale;
    dim: boolean;
    chosen: boolean;
}) {
    const late = block.makeable === false;
    const color = late ? 'var(--amber)' : 'var(--ink)';
    const [x, y] = block.line.at(-1)!;
    const [fromX, fromY] = block.line.at(-2)!;
    const turn = Math.atan2(scale.y(y) - scale.y(fromY), scale.x(x) - scale.x(fromX)) + Math.PI / 2;
    const bar = 6.5;
    const [bx, by] = [scale.x(x), scale.y(y)];
    return (
        <g opacity={dim ? 0.25 : 1} pointerEvents="none">
            <path
                d={path(block.line, scale)}
                fill="none"
                stroke={color}
                strokeWidth={chosen ? 3 : 1.7}
                strokeDasharray={late ? '4 3' : undefined}
                strokeLinejoin="round"
            />
            <path
                d={`M${bx + bar * Math.cos(turn)} ${by + bar * Math.sin(turn)}L${bx - bar * Math.cos(turn)} ${by - bar * Math.sin(turn)}`}
                stroke={color}
                strokeWidth={chosen ? 3.4 : 2.4}
                strokeLinecap="round"
            />
        </g>
    );
}

/** The way a carrier runs: the one who has the ball by rule, or by the prong pressed, in vermilion. */
export function TrackLine({
    track,
    scale,
    gets,
    dim,
}: {
    track: StageTrack;
    scale: Scale;
    gets: boolean;
    dim: boolean;
}) {
    const id = `track-${track.action}`;
    const color = gets ? 'var(--ball)' : 'var(--ink)';
    return (
        <g opacity={dim ? 0.3 : gets ? 1 : 0.6} pointerEvents="none">
            <marker
                id={id}
                viewBox="0 0 8 8"
                refX="6"
                refY="4"
                markerWidth={gets ? 4.4 : 6}
                markerHeight={gets ? 4.4 : 6}
                orient="auto"
            >
                <path d="M0 0.6 7 4 0 7.4Z" fill={color} />
            </marker>
            <path
                d={path(track.line, scale)}
                fill="none"
                stroke={color}
                strokeWidth={gets ? 3.2 : 1.6}
                strokeDasharray={gets ? undefined : '7 4'}
                strokeLinejoin="round"
                markerEnd={`url(#${id})`}
            />
            <title>
                {track.action} {track.man}, {track.where}
            </title>
        </g>
    );
}

/** A ring around a man nobody has. */
export function NobodyHas({ xYd, yYd, role, scale }: { xYd: number; yYd: number; role: string; scale: Scale }) {
    const [x, y] = [scale.x(xYd), scale.y(yYd)];
    return (
        <g pointerEvents="none">
            <circle
                cx={x}
                cy={y - 4}
                r={15}
                fill="none"
                stroke="var(--amber)"
                strokeWidth={2.4}
                strokeDasharray="5 3"
            />
            <title>Nobody has the {role}</title>
        </g>
    );
}
