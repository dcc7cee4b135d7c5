import { chance } from '../ui/words';

type Props = { worth: number; low: number; high: number };

/** A chance of success with what the counts leave open: the tick is the worth, the band where it may lie. */
export function WorthBar({ worth, low, high }: Props) {
    return (
        <span
            className="inline-flex items-center gap-2 whitespace-nowrap"
            title={`with so few snaps it may be anything from ${chance(low)} to ${chance(high)}`}
        >
            <b className="w-9 text-right tabular-nums">{chance(worth)}</b>
            <svg width={72} height={10} role="img" aria-label={`between ${chance(low)} and ${chance(high)}`}>
                <line x1={0} x2={72} y1={5} y2={5} stroke="var(--edge)" />
                <rect x={72 * low} width={Math.max(2, 72 * (high - low))} y={2.5} height={5} fill="var(--open-wash)" />
                <line x1={72 * worth} x2={72 * worth} y1={0} y2={10} stroke="var(--ink)" strokeWidth={2} />
            </svg>
        </span>
    );
}
