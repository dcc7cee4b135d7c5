import { clsx } from 'clsx';
import type { KeyboardEventHandler, PointerEventHandler } from 'react';
import type { Stage, StageDefender, StageMan } from '../api/types';
import { plain } from '../ui/words';
import type { Scale } from './scale';

/** Paint: yard lines, hashes, numbers, the line of scrimmage and the sticks. */
export function FieldPaint({ stage, scale }: { stage: Stage; scale: Scale }) {
    const { ballOnYd, toGoYd, hashes, numbers } = stage.field;
    const lines: number[] = [];
    for (
        let yard = Math.ceil((ballOnYd - scale.backYd) / 5) * 5;
        yard <= Math.min(100, ballOnYd + scale.topYd);
        yard += 5
    )
        lines.push(yard);
    const ticks: number[] = [];
    for (let yard = Math.ceil(ballOnYd - scale.backYd); yard <= Math.min(100, ballOnYd + scale.topYd); yard += 1)
        ticks.push(yard);
    const y = (yard: number) => scale.y(yard - ballOnYd);
    return (
        <g aria-hidden="true">
            <rect width={scale.width} height={scale.height} fill="var(--paper)" stroke="var(--edge)" />
            {ballOnYd + scale.topYd > 100 && <rect width={scale.width} height={y(100)} fill="var(--card)" />}
            {lines.map((yard) => (
                <line
                    key={yard}
                    x1={0}
                    x2={scale.width}
                    y1={y(yard)}
                    y2={y(yard)}
                    stroke="var(--faint)"
                    strokeWidth={yard % 10 === 0 ? 1.6 : 1}
                />
            ))}
            {ticks.map((yard) =>
                hashes.map((x) => (
                    <line
                        key={`${yard}${x}`}
                        x1={scale.x(x) - 4}
                        x2={scale.x(x) + 4}
                        y1={y(yard)}
                        y2={y(yard)}
                        stroke="var(--edge)"
                    />
                )),
            )}
            {lines
                .filter((yard) => yard % 10 === 0 && yard > 0 && yard < 100)
                .map((yard) =>
                    [0, 1].map((side) => (
                        <text
                            key={`${yard}-${side}`}
                            transform={`translate(${scale.x((numbers[0][side] + numbers[1][side]) / 2)} ${y(yard)}) rotate(${side ? -90 : 90})`}
                            textAnchor="middle"
                            dominantBaseline="central"
                            className="text-[24px] font-bold narrow"
                            fill="var(--faint)"
                        >
                            {yard <= 50 ? yard : 100 - yard}
                        </text>
                    )),
                )}
            <line x1={0} x2={scale.width} y1={scale.y(0)} y2={scale.y(0)} stroke="var(--soft)" strokeWidth={1.6} />
            <line
                x1={0}
                x2={scale.width}
                y1={scale.y(toGoYd)}
                y2={scale.y(toGoYd)}
                stroke="var(--amber)"
                strokeWidth={1.3}
                strokeDasharray="2 5"
            />
            <text
                x={scale.width - 6}
                y={scale.y(toGoYd) - 5}
                textAnchor="end"
                className="text-[12px] narrow"
                fill="var(--amber)"
            >
                sticks, {plain(toGoYd)} to go
            </text>
        </g>
    );
}

type ChipProps = {
    man: StageMan;
    scale: Scale;
    xYd: number;
    yYd: number;
    filled: boolean;
    chosen: boolean;
    label: string;
    onPointerDown?: PointerEventHandler;
    onKeyDown?: KeyboardEventHandler;
    onFocus?: () => void;
    letter?: string;
    /** Whether nobody can take hold of him: he is part of a picture. */
    still?: boolean;
};

/** An offensive man: a letter on a chip, its lower edge flat on the line and notched off it, filled when he gets the ball. */
export function ManChip({
    man,
    scale,
    xYd,
    yYd,
    filled,
    chosen,
    label,
    letter,
    onPointerDown,
    onKeyDown,
    onFocus,
    still = false,
}: ChipProps) {
    const held = !still && !man.lineman;
    const w = man.lineman ? 6.8 : 9;
    const edge = man.onLine ? `V9H${-w}` : `V9L0 5L${-w} 9`;
    return (
        <g
            transform={`translate(${scale.x(xYd)} ${scale.y(yYd)})`}
            tabIndex={held ? 0 : -1}
            role={held ? 'button' : 'img'}
            aria-label={label}
            onPointerDown={onPointerDown}
            onKeyDown={onKeyDown}
            onFocus={onFocus}
            className={clsx('chip', held && 'cursor-grab')}
        >
            <path
                d={`M${-w} -8H${w}${edge}Z`}
                fill={filled ? 'var(--ball)' : 'var(--paper)'}
                stroke={filled ? 'var(--ball)' : 'var(--ink)'}
                strokeWidth={chosen ? 2.6 : 1.5}
                strokeLinejoin="round"
            />
            <text
                y={man.onLine ? 4.5 : 3}
                textAnchor="middle"
                className={man.lineman ? 'text-[9.5px] font-bold narrow' : 'text-[12.5px] font-bold'}
                fill={filled ? 'var(--on-strong)' : 'var(--ink)'}
            >
                {man.lineman ? man.letter.slice(-1) : (letter ?? man.letter)}
            </text>
        </g>
    );
}

/** A defender: a letter, a tick on the side of his leverage, his cushion in yards. */
export function DefenderMark({
    defender: d,
    scale,
    xYd,
    yYd,
    moving,
    chosen,
    onPointerDown,
    onKeyDown,
    onFocus,
}: {
    defender: StageDefender;
    scale: Scale;
    xYd: number;
    yYd: number;
    moving: boolean;
    chosen: boolean;
    onPointerDown: PointerEventHandler;
    onKeyDown: KeyboardEventHandler;
    onFocus: () => void;
}) {
    const inward = d.xYd < 0 ? 1 : -1;
    const tick = d.leverage === null ? 0 : d.leverage === 'inside' ? inward : -inward;
    return (
        <>
            <g
                transform={`translate(${scale.x(xYd)} ${scale.y(yYd)})`}
                role="button"
                tabIndex={0}
                aria-label={`${d.role}: ${d.job}`}
                className="chip cursor-grab"
                onPointerDown={onPointerDown}
                onKeyDown={onKeyDown}
                onFocus={onFocus}
            >
                <title>{`${d.role}: ${d.job}${d.cushionYd !== null ? `; ${d.cushionYd} yd off ${d.over}` : ''}`}</title>
                <rect
                    x={-9}
                    y={-9}
                    width={18}
                    height={18}
                    fill="var(--paper)"
                    fillOpacity={0.72}
                    stroke={chosen ? 'var(--plum)' : 'none'}
                    strokeWidth={2}
                    rx={3}
                />
                {!moving && d.rushes && d.yYd > 1.5 && (
                    <path d="M0 11v10M-4 17l4 5 4-5" fill="none" stroke="var(--plum)" strokeWidth={2} />
                )}
                <text aria-hidden="true" y={5} textAnchor="middle" className="text-[15px] font-bold" fill="var(--plum)">
                    {d.letter}
                </text>
                {!moving && tick !== 0 && (
                    <line
                        x1={tick * 10}
                        x2={tick * 10}
                        y1={-6}
                        y2={6}
                        stroke="var(--plum)"
                        strokeWidth={2.4}
                        strokeLinecap="round"
                    />
                )}
            </g>
            {!moving && d.cushionYd !== null && (
                <text
                    aria-hidden="true"
                    x={scale.x(xYd) - tick * 9}
                    y={scale.y(yYd) + 17}
                    textAnchor="middle"
                    className="text-[10.5px] narrow"
                    fill="var(--plum)"
                >
                    {plain(d.cushionYd)} yd
                </text>
            )}
        </>
    );
}
