import type { SketchLine } from '../api/types';

/** A thumbnail of the routes, the first read in vermilion. */
export function SketchPicture({ lines, letters = false }: { lines: SketchLine[]; letters?: boolean }) {
    return (
        <svg viewBox="-27 -23 54 31" className="block w-full" aria-hidden="true">
            <line x1="-26" x2="26" y1="0" y2="0" stroke="var(--edge)" strokeWidth="0.5" />
            {[-2, -1, 0, 1, 2].map((n) => (
                <rect key={n} x={n * 1.6 - 0.6} y="-0.2" width="1.2" height="1.2" fill="var(--ink)" />
            ))}
            {lines.map((l) => (
                <g key={l.man}>
                    <polyline
                        points={l.points.map(([x, y]) => `${x},${-Math.min(y, 22.5)}`).join(' ')}
                        fill="none"
                        stroke={l.read === 1 ? 'var(--ball)' : 'var(--ink)'}
                        strokeWidth={(l.read === 1 ? 1.1 : 0.7) * (letters ? 0.55 : 1)}
                        opacity={l.read === null ? 0.5 : 1}
                        strokeLinejoin="round"
                    />
                    {letters && (
                        <text
                            x={l.points[0][0]}
                            y={-l.points[0][1] + 3.2}
                            textAnchor="middle"
                            fontSize="2.6"
                            fontWeight="700"
                            fill="var(--ink)"
                        >
                            {l.man}
                        </text>
                    )}
                </g>
            ))}
        </svg>
    );
}
