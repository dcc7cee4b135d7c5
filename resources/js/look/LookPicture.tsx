import type { PointerEvent } from 'react';
import type { DrawnDefender, DrawnMan } from '../api/types';

type Props = {
    field: { left: number; right: number };
    men: DrawnMan[];
    defenders: DrawnDefender[];
    label: string;
    /** Seen from the defense's side of the ball, as who lines up in it sees it. */
    turned?: boolean;
    /** Lets the defenders be dragged: called with the place of one in the list. */
    onMove?: (index: number, xYd: number, yYd: number) => void;
};

const TOP_YD = 15.5;
const BACK_YD = 8;

/** Eleven on eleven before the snap: letters, techniques on the line, arrows on who rushes. */
export function LookPicture({ field, men, defenders, label, turned = false, onMove }: Props) {
    const width = field.right - field.left;
    const x = (yd: number) => (turned ? field.right - yd : yd - field.left);
    const y = (yd: number) => (turned ? BACK_YD + yd : TOP_YD - yd);
    const drag = (index: number) => (e: PointerEvent<SVGGElement>) => {
        if (!onMove || !e.buttons) return;
        const svg = e.currentTarget.ownerSVGElement!;
        const at = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
        onMove(
            index,
            Math.max(field.left + 1, Math.min(field.right - 1, at.x + field.left)),
            Math.max(0.5, Math.min(TOP_YD - 0.5, TOP_YD - at.y)),
        );
    };
    return (
        <svg
            viewBox={`0 0 ${width} ${TOP_YD + BACK_YD}`}
            className="block w-full touch-none select-none"
            role="group"
            aria-label={label}
        >
            <rect width={width} height={TOP_YD + BACK_YD} fill="var(--paper)" />
            {[0, 5, 10, 15].map((yd) => (
                <line
                    key={yd}
                    x1={0}
                    x2={width}
                    y1={y(yd)}
                    y2={y(yd)}
                    stroke={yd === 0 ? 'var(--soft)' : 'var(--faint)'}
                    strokeWidth={yd === 0 ? 0.14 : 0.09}
                />
            ))}
            {men.map((m) => (
                <g key={m.letter} transform={`translate(${x(m.xYd)} ${y(m.yYd)})`}>
                    <rect
                        x={-0.62}
                        y={-0.62}
                        width={1.24}
                        height={1.24}
                        rx={m.onLine ? 0.1 : 0.5}
                        fill="var(--paper)"
                        stroke="var(--ink)"
                        strokeWidth={0.12}
                    />
                    {!m.lineman && (
                        <text y={0.42} textAnchor="middle" fontSize={1.15} fontWeight={700} fill="var(--ink)">
                            {m.letter}
                        </text>
                    )}
                </g>
            ))}
            {defenders.map((d, i) => (
                <g
                    key={d.role}
                    transform={`translate(${x(d.xYd)} ${y(d.yYd)})`}
                    onPointerDown={onMove && ((e) => e.currentTarget.setPointerCapture(e.pointerId))}
                    onPointerMove={drag(i)}
                    className={onMove ? 'cursor-grab' : undefined}
                    role="img"
                    aria-label={d.role}
                >
                    <title>{`${d.role}: ${d.job}`}</title>
                    <circle r={0.85} fill="var(--paper)" fillOpacity={0.75} />
                    <text y={0.6} textAnchor="middle" fontSize={1.75} fontWeight={700} fill="var(--plum)">
                        {d.letter}
                    </text>
                    {d.technique !== null && (
                        <text y={turned ? 1.75 : -0.95} textAnchor="middle" fontSize={1.05} fill="var(--plum)">
                            {d.technique}
                        </text>
                    )}
                    {d.rushes && d.yYd > 1.5 && (
                        <path
                            d="M0 .8v1.1M-.4 1.4l.4.5.4-.5"
                            transform={turned ? 'scale(1 -1)' : undefined}
                            fill="none"
                            stroke="var(--plum)"
                            strokeWidth={0.16}
                        />
                    )}
                </g>
            ))}
        </svg>
    );
}
