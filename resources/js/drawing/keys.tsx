import type { Beats, KeyRow, PressRow, ReadState, Stage } from '../api/types';
import { margin, marginOr } from '../ui/words';
import type { Scale } from './scale';

/** The place where the key hurts us least, and the seconds that are left there. */
export function LeastSpot({ row, scale }: { row: KeyRow; scale: Scale }) {
    if (!row.conflict) return null;
    const [x, y] = [scale.x(row.leastAt.xYd), scale.y(Math.min(26, row.leastAt.yYd))];
    return (
        <g>
            <title>
                The {row.defender} hurts us least here ({row.leastAt.act}): {marginOr(row.leastAt.margin, 'nothing')}{' '}
                left
            </title>
            <path
                d={`M${x - 5} ${y - 5}l10 10M${x + 5} ${y - 5}l-10 10`}
                stroke="var(--plum)"
                strokeWidth={1.8}
                strokeLinecap="round"
            />
            <text x={x + 9} y={y + 4} className="text-[11px] font-semibold narrow" fill="var(--plum)">
                {marginOr(row.leastAt.margin, 'no throw')}
            </text>
        </g>
    );
}

/** Where the cheapest change of one defender takes him. */
export function Covers({ change, stage, scale }: { change: NonNullable<Beats['change']>; stage: Stage; scale: Scale }) {
    const d = stage.defenders.find((one) => one.role === change.defender);
    if (!d) return null;
    const [x, y] = [scale.x(change.xYd), scale.y(Math.min(26, change.yYd))];
    return (
        <g aria-hidden="true">
            <line
                x1={scale.x(d.xYd)}
                y1={scale.y(d.yYd)}
                x2={x}
                y2={y}
                stroke="var(--plum)"
                strokeWidth={1.6}
                strokeDasharray="6 4"
            />
            <circle cx={x} cy={y} r={6} fill="none" stroke="var(--plum)" strokeWidth={1.6} />
        </g>
    );
}

/** A press man wears a small fork too: his reactions are on the card at the side. */
export function PressFork({
    row,
    stage,
    scale,
    onChoose,
}: {
    row: PressRow;
    stage: Stage;
    scale: Scale;
    onChoose: (man: string) => void;
}) {
    const d = stage.defenders.find((one) => one.role === row.defender);
    if (!d) return null;
    const [x, y] = [scale.x(d.xYd) + (d.xYd < 0 ? 14 : -14), scale.y(d.yYd) - 4];
    return (
        <g
            role="button"
            tabIndex={0}
            aria-label={`The ${row.defender} presses ${row.man}: what he may do`}
            className="prong cursor-pointer"
            onClick={() => onChoose(row.man)}
            onKeyDown={(e) => (e.key === 'Enter' || e.key === ' ') && (e.preventDefault(), onChoose(row.man))}
        >
            <rect x={x - 8} y={y - 10} width={16} height={20} fill="var(--paper)" fillOpacity={0.01} />
            <path
                d={`M${x} ${y + 7}v-6M${x} ${y + 1}c0-4-5-3-5-7M${x} ${y + 1}c0-4 5-3 5-7`}
                fill="none"
                stroke="var(--plum)"
                strokeWidth={1.5}
                strokeLinecap="round"
            />
        </g>
    );
}

/** The reads gone through: live in teal, dead with what killed them; the last one is where the eyes are. */
export function Walk({ walk, stage, scale }: { walk: ReadState[]; stage: Stage; scale: Scale }) {
    return (
        <g aria-live="polite">
            {walk.map((s, n) => {
                const route = stage.routes.find((r) => r.man === s.man);
                if (!route) return null;
                const [x, y] = [scale.x(route.break.xYd), scale.y(Math.min(26, route.break.yYd))];
                const live = s.state === 'live';
                const words = live ? `live ${margin(s.margin ?? 0)}` : `dead: ${s.killedBy ?? ''}`;
                const wide = words.length * 5.6 + 12;
                const left = Math.max(4, Math.min(scale.width - wide - 4, x - wide / 2));
                return (
                    <g key={s.man}>
                        <circle
                            cx={x}
                            cy={y}
                            r={n === walk.length - 1 ? 15 : 11}
                            fill="none"
                            stroke={live ? 'var(--open)' : 'var(--shut)'}
                            strokeWidth={n === walk.length - 1 ? 3 : 1.6}
                            strokeDasharray={live ? undefined : '3 3'}
                        />
                        <rect
                            x={left}
                            y={y + 18}
                            width={wide}
                            height={18}
                            rx={4}
                            fill="var(--paper)"
                            stroke={live ? 'var(--open)' : 'var(--shut)'}
                        />
                        <text
                            x={left + wide / 2}
                            y={y + 31}
                            textAnchor="middle"
                            className="text-[12px] font-semibold narrow"
                            fill={live ? 'var(--open)' : 'var(--soft)'}
                        >
                            {words}
                        </text>
                    </g>
                );
            })}
        </g>
    );
}
