import { clsx } from 'clsx';
import { useEffect, useRef } from 'react';
import type { ReviewStep } from '../../api/types';

type Props = {
    steps: ReviewStep[];
    at: number | null;
    onAt: (step: number) => void;
    /** What the snap made of the next one. */
    after: string | null;
};

/** The order in which a snap is looked at, step by step; each shows on the film what it speaks of. */
export function ReviewOrder({ steps, at, onAt, after }: Props) {
    const now = useRef<HTMLLIElement>(null);
    useEffect(() => {
        now.current?.scrollIntoView({ block: 'nearest' });
    }, [at]);
    return (
        <ol className="min-h-0 flex-1 overflow-y-auto py-1" aria-label="Order of the review" tabIndex={0}>
            {steps.map((s, n) => {
                const says = s.id === 'next' ? [after ?? 'The next snap is not charted.'] : s.says;
                return (
                    <li
                        key={s.id}
                        ref={n === at ? now : undefined}
                        aria-current={n === at ? 'step' : undefined}
                        className={clsx('border-b border-faint', n === at && 'bg-ball-wash')}
                    >
                        <button
                            type="button"
                            onClick={() => onAt(n)}
                            className="flex w-full items-baseline gap-2 px-3 pt-1.5 text-left text-sm font-bold"
                        >
                            <span className="w-5 text-right text-soft narrow">{n + 1}</span>
                            <span className="flex-1">{s.title}</span>
                            <span className="text-[11px] font-normal text-soft narrow">{shows(s)}</span>
                        </button>
                        <ul className="pr-3 pb-1.5 pl-10 text-[13px] leading-snug">
                            {says.map((line, i) => (
                                <li key={i}>{line}</li>
                            ))}
                            {says.length === 0 && <li className="text-soft">Nothing charted or measured.</li>}
                        </ul>
                    </li>
                );
            })}
        </ol>
    );
}

function shows(s: ReviewStep): string {
    if (s.fromS === null) return '';
    if (s.toS === null) return `frozen at ${s.fromS.toFixed(1)} s`;
    return `${s.angle}${s.rate < 1 ? ', slow' : ''}`;
}
