import type { Interval } from '../api/types';

const percent = (i: Interval): string => (i.share === null ? '–' : `${Math.round(100 * i.share)} %`);

/** A share with its interval drawn: the bar is where it may lie, the tick what was seen. */
export function Share({ of: i }: { of: Interval }) {
    return (
        <span
            className="inline-flex items-center gap-2 whitespace-nowrap"
            title={`${i.hits} of ${i.of}; with so few it may be anything from ${Math.round(100 * i.low)} to ${Math.round(100 * i.high)} %`}
        >
            <span className="w-10 text-right">{percent(i)}</span>
            <svg
                width={64}
                height={10}
                role="img"
                aria-label={`between ${Math.round(100 * i.low)} and ${Math.round(100 * i.high)} %`}
            >
                <line x1={0} x2={64} y1={5} y2={5} stroke="var(--edge)" />
                {i.of > 0 && (
                    <rect
                        x={64 * i.low}
                        width={Math.max(2, 64 * (i.high - i.low))}
                        y={2.5}
                        height={5}
                        fill="var(--open-wash)"
                    />
                )}
                {i.share !== null && (
                    <line x1={64 * i.share} x2={64 * i.share} y1={0} y2={10} stroke="var(--ink)" strokeWidth={2} />
                )}
            </svg>
        </span>
    );
}
