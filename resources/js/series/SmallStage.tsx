import { BlockLine, TrackLine } from '../drawing/runs';
import { scaleFor } from '../drawing/scale';
import type { SeriesMember } from './types';

/** The middle of the field, small: men, blocks, routes and tracks; whoever gives the play away is lit. */
export function SmallStage({ stage, lit }: { stage: SeriesMember['stage']; lit: Set<string> }) {
    const scale = scaleFor(stage.field.left, stage.field.right);
    const top = scale.y(16);
    const bottom = scale.y(-8.5);
    return (
        <svg
            viewBox={`0 ${top} ${scale.width} ${bottom - top}`}
            className="block w-full"
            role="img"
            aria-label="Picture of the call"
        >
            <line x1={0} x2={scale.width} y1={scale.y(0)} y2={scale.y(0)} stroke="var(--edge)" strokeWidth={1.4} />
            {stage.routes.map((r) => (
                <polyline
                    key={r.man}
                    points={r.line.map(([x, y]) => `${scale.x(x)},${scale.y(y)}`).join(' ')}
                    fill="none"
                    stroke={r.read === 1 ? 'var(--ball)' : 'var(--ink)'}
                    strokeWidth={r.read === null ? 1.4 : 2.6}
                    opacity={r.read === null ? 0.5 : 1}
                />
            ))}
            {stage.blocks.map((b) => (
                <BlockLine key={b.man} block={b} scale={scale} dim={false} chosen={false} />
            ))}
            {stage.tracks.map((t) => (
                <TrackLine key={t.action} track={t} scale={scale} gets={t.rule} dim={false} />
            ))}
            {stage.defenders.map((d) => (
                <text
                    key={d.role}
                    x={scale.x(d.xYd)}
                    y={scale.y(d.yYd)}
                    textAnchor="middle"
                    className="text-[19px] font-bold"
                    fill="var(--plum)"
                >
                    {d.letter}
                </text>
            ))}
            {stage.men.map((m) => (
                <g key={m.letter}>
                    <circle
                        cx={scale.x(m.xYd)}
                        cy={scale.y(m.yYd)}
                        r={10}
                        fill={lit.has(m.letter) ? 'var(--amber-wash)' : 'var(--paper)'}
                        stroke={lit.has(m.letter) ? 'var(--amber)' : 'var(--ink)'}
                        strokeWidth={lit.has(m.letter) ? 3.4 : 1.4}
                    />
                    <text
                        x={scale.x(m.xYd)}
                        y={scale.y(m.yYd) + 4}
                        textAnchor="middle"
                        className="text-[11px] font-bold"
                        fill="var(--ink)"
                    >
                        {m.letter}
                    </text>
                </g>
            ))}
        </svg>
    );
}
