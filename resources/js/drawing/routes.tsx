import type { StageMan, StageRoute, XY } from '../api/types';
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

const lineOf = (line: [number, number][], scale: Scale) =>
    line.map(([x, y], i) => `${i ? 'L' : 'M'}${scale.x(x).toFixed(1)} ${scale.y(Math.min(y, 27)).toFixed(1)}`).join('');

/** What a route may become by what he sees: a thin branch with its condition on it. */
export function Ghosts({ route, scale, chosen }: { route: StageRoute; scale: Scale; chosen: boolean }) {
    return (
        <g aria-hidden="true">
            {route.ghosts.map((g) => {
                const [x, y] = g.line.at(-1)!;
                return (
                    <g key={g.words} opacity={chosen ? 1 : 0.6}>
                        <path
                            d={lineOf(g.line, scale)}
                            fill="none"
                            stroke="var(--ink)"
                            strokeWidth={1}
                            strokeDasharray="2 3"
                        />
                        {chosen && (
                            <text
                                x={scale.x(x)}
                                y={scale.y(Math.min(y, 26)) - 5}
                                textAnchor="middle"
                                className="text-[11px] narrow"
                                fill="var(--soft)"
                            >
                                {g.words}
                            </text>
                        )}
                    </g>
                );
            })}
        </g>
    );
}

/** How far a break may stray while the bind holds: the band of depths at its handle. */
export function Band({
    route,
    band,
    scale,
}: {
    route: StageRoute;
    band: { fromYd: number; toYd: number } | undefined;
    scale: Scale;
}) {
    if (!band || band.toYd - band.fromYd < 0.25) return null;
    const x = scale.x(route.break.xYd);
    const [top, bottom] = [scale.y(band.toYd), scale.y(band.fromYd)];
    return (
        <g role="img" aria-label={`${route.man} may break from ${band.fromYd} to ${band.toYd} yards`}>
            <line x1={x} x2={x} y1={top} y2={bottom} stroke="var(--open)" strokeWidth={7} opacity={0.28} />
            {[top, bottom].map((y) => (
                <line key={y} x1={x - 5} x2={x + 5} y1={y} y2={y} stroke="var(--open)" strokeWidth={1.6} />
            ))}
            <title>
                {route.man} may break from {band.fromYd} to {band.toYd} yd: the bind holds
            </title>
        </g>
    );
}

/** The path being drawn from a man. */
export function DrawnPath({ points, man, scale }: { points: XY[]; man: StageMan; scale: Scale }) {
    const line: [number, number][] = [[man.xYd, man.yYd], ...points.map((p) => [p.xYd, p.yYd] as [number, number])];
    return <path d={lineOf(line, scale)} fill="none" stroke="var(--ball)" strokeWidth={2.2} strokeLinecap="round" />;
}
