import type { StageMan, StageRoute } from '../api/types';
import type { Scale } from './scale';

/** A route from the man's spot to its finish; the read that gets the ball in vermilion. */
export function RouteLine({
    route,
    man,
    scale,
    gets,
    dim,
    chosen,
}: {
    route: StageRoute;
    man: StageMan;
    scale: Scale;
    gets: boolean;
    dim: boolean;
    chosen: boolean;
}) {
    const points = [[man.xYd, man.yYd] as [number, number], ...route.line];
    const d = points
        .map(([x, y], i) => `${i ? 'L' : 'M'}${scale.x(x).toFixed(1)} ${scale.y(Math.min(y, 27)).toFixed(1)}`)
        .join('');
    const width = gets ? 3.4 : route.read !== null ? 2.1 : 1.3;
    const id = `tip-${route.man}`;
    return (
        <g opacity={dim ? 0.28 : 1}>
            <marker
                id={id}
                viewBox="0 0 8 8"
                refX="6"
                refY="4"
                markerWidth={gets ? 4.2 : 6}
                markerHeight={gets ? 4.2 : 6}
                orient="auto"
            >
                {route.settles ? (
                    <path d="M6 0v8" stroke={gets ? 'var(--ball)' : 'var(--ink)'} strokeWidth="2" />
                ) : (
                    <path d="M0 0.6 7 4 0 7.4Z" fill={gets ? 'var(--ball)' : 'var(--ink)'} />
                )}
            </marker>
            <path
                d={d}
                fill="none"
                stroke={gets ? 'var(--ball)' : 'var(--ink)'}
                strokeWidth={chosen ? width + 0.8 : width}
                strokeLinejoin="round"
                strokeDasharray={route.flag === 'check-down' ? '5 4' : undefined}
                opacity={route.read === null && !gets ? 0.62 : 1}
                markerEnd={`url(#${id})`}
            />
        </g>
    );
}

/** The number of a read at its break. */
export function ReadFlag({ route, scale, gets }: { route: StageRoute; scale: Scale; gets: boolean }) {
    const out = route.break.xYd < 0 ? -1 : 1;
    const x = scale.x(route.break.xYd) + out * 17;
    const y = scale.y(route.break.yYd);
    return (
        <g pointerEvents="none">
            <circle cx={x} cy={y} r={8.5} fill={gets ? 'var(--ball)' : 'var(--ink)'} />
            <text x={x} y={y + 4.2} textAnchor="middle" className="text-[12px] font-bold" fill="var(--on-strong)">
                {route.read}
            </text>
        </g>
    );
}
