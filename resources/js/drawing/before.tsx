import type { MotionRow, Stage } from '../api/types';
import type { Scale } from './scale';

/** How far a man must have moved before the snap to be drawn where he stood, yards. */
const MOVED_YD = 1;

/** Men who move before the snap: where they stood, dots along their way, and the spot they are needed at. */
export function MotionPaths({ stage, motions, scale }: { stage: Stage; motions: MotionRow[]; scale: Scale }) {
    return (
        <g aria-hidden="true">
            {motions.map((m) => {
                const man = stage.men.find((one) => one.letter === m.man)!;
                const way = [...m.path.slice(0, -1), [man.xYd, man.yYd]];
                return (
                    <g key={m.man}>
                        <path
                            d={way.map(([x, y], i) => `${i ? 'L' : 'M'}${scale.x(x)} ${scale.y(y)}`).join('')}
                            fill="none"
                            stroke="var(--ink)"
                            strokeWidth={2}
                            strokeDasharray="0.1 6"
                            strokeLinecap="round"
                        />
                        <circle
                            cx={scale.x(man.startXYd)}
                            cy={scale.y(man.startYYd)}
                            r={8}
                            fill="var(--paper)"
                            stroke="var(--soft)"
                            strokeDasharray="3 3"
                        />
                        {Math.abs(m.lateYd) >= 0.5 && (
                            <path
                                d={`M${scale.x(m.needed.xYd) - 5} ${scale.y(m.needed.yYd)}h10m-5 -5v10`}
                                stroke="var(--amber)"
                                strokeWidth={2}
                            />
                        )}
                    </g>
                );
            })}
        </g>
    );
}

/** Defenders who answered the motion: a thin line from where they stood. */
export function ShownSpots({ stage, scale }: { stage: Stage; scale: Scale }) {
    return (
        <g aria-hidden="true">
            {stage.defenders
                .filter((d) => Math.hypot(d.xYd - d.shownXYd, d.yYd - d.shownYYd) > MOVED_YD)
                .map((d) => (
                    <line
                        key={d.role}
                        x1={scale.x(d.shownXYd)}
                        y1={scale.y(d.shownYYd)}
                        x2={scale.x(d.xYd)}
                        y2={scale.y(d.yYd)}
                        stroke="var(--plum)"
                        strokeWidth={1.4}
                        strokeDasharray="0.1 5"
                        strokeLinecap="round"
                    />
                ))}
        </g>
    );
}

/** The name of the landmark a dragged man stands on. */
export function SnapName({ stage, scale, man, name }: { stage: Stage; scale: Scale; man: string; name: string }) {
    const at = stage.men.find((m) => m.letter === man)!;
    const x = Math.max(90, Math.min(scale.width - 90, scale.x(at.startXYd)));
    return (
        <text
            x={x}
            y={scale.y(at.startYYd) + 26}
            textAnchor="middle"
            className="text-[13px] font-semibold narrow"
            fill="var(--ink)"
            data-testid="landmark"
        >
            {name}
        </text>
    );
}
