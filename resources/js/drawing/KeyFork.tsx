import type { KeyRow } from '../api/types';
import { outcomeWords, wins } from '../ui/outcome';
import type { Scale } from './scale';

type Props = {
    row: KeyRow;
    scale: Scale;
    /** His spot before the snap, where the cards belong, and where he is now, where the fork is held. */
    xYd: number;
    yYd: number;
    now: [number, number];
    prong: number | null;
    /** 0 for the first key, 1 for the second: its cards stand across the ball and its keys are 3 and 4. */
    place: number;
    /** Whether two keys wear forks. */
    pairs: boolean;
    onProng: (index: number) => void;
};

const WIDE = 138;
const CARD = 42;

/** The fork on a key: each prong leads to a choice, what it gives, and runs the play when pressed. */
export function KeyFork({ row, scale, xYd, yYd, now, prong, place, pairs, onProng }: Props) {
    // The cards stand where nobody does: over a deep key, behind the line under one who is near it.
    const run = scale.backYd > 9;
    const deep = yYd >= 9;
    const side = Math.abs(xYd) > 8 ? xYd - 3.5 * Math.sign(xYd) : xYd < 0 ? -12.6 : 12.6;
    // Of two keys the first has its cards on the other side of the ball, so that they stand clear of each other.
    const clear = deep ? xYd : pairs ? (place === 0 ? -1 : 1) * Math.sign(xYd || 1) * 13 : side;
    const x = Math.max(WIDE + 14, Math.min(scale.width - WIDE - 14, scale.x(clear)));
    const at = deep ? Math.max(6, scale.y(yYd) - 96) : run ? scale.height - CARD - 6 : scale.y(-4.6);
    const from = deep ? scale.y(now[1]) - 12 : scale.y(now[1]) + 11;
    const tip = deep ? at + CARD : at;
    return (
        <g>
            {row.choices.slice(0, 2).map((c, i) => {
                const out = i === 0 ? -1 : 1;
                const left = i === 0 ? x - WIDE - 6 : x + 6;
                const open = wins(c);
                return (
                    <g
                        key={c.name + i}
                        role="button"
                        tabIndex={0}
                        aria-pressed={prong === i}
                        aria-description={`Runs the play with the ${row.defender} choosing this`}
                        className="prong cursor-pointer"
                        onClick={() => onProng(i)}
                        onKeyDown={(e) =>
                            (e.key === 'Enter' || e.key === ' ') &&
                            (e.preventDefault(), e.stopPropagation(), onProng(i))
                        }
                    >
                        <path
                            d={`M${scale.x(now[0])} ${from}C${scale.x(now[0])} ${from + (tip - from) * 0.75} ${left + WIDE / 2} ${from + (tip - from) * 0.55} ${left + WIDE / 2 - out * 10} ${tip}`}
                            fill="none"
                            stroke="var(--ball)"
                            strokeWidth={prong === i ? 3 : 2}
                            strokeLinecap="round"
                        />
                        <rect
                            x={left}
                            y={at}
                            width={WIDE}
                            height={CARD}
                            rx={6}
                            fill={prong === i ? 'var(--ball-wash)' : 'var(--paper)'}
                            stroke={prong === i ? 'var(--ball)' : 'var(--edge)'}
                            strokeWidth={1.4}
                        />
                        <text x={left + 8} y={at + 16} className="text-[13px] font-bold narrow" fill="var(--plum)">
                            {c.name}
                        </text>
                        <text
                            x={left + WIDE - 8}
                            y={at + 16}
                            textAnchor="end"
                            className="text-[11px] narrow"
                            fill="var(--soft)"
                        >
                            {2 * place + i + 1}
                        </text>
                        <text
                            x={left + 8}
                            y={at + 32}
                            className="text-[12px] font-semibold narrow"
                            fill={open ? 'var(--open)' : 'var(--ball)'}
                        >
                            {outcomeWords(c)}
                        </text>
                    </g>
                );
            })}
        </g>
    );
}
