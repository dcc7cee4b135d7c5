import type { ProofReport } from '../api/types';

type Props = { verdict: ProofReport['verdict']; size?: number };

const STEM = { fill: 'none', strokeWidth: 1.8, strokeLinecap: 'round' } as const;

/**
 * The verdict by shape first: a fork closed by both its tips when bound, a stem with an open top when open, half a fork when a
 * guess, no fork under a bar when covered.
 */
export function Fork({ verdict, size = 18 }: Props) {
    return (
        <svg width={size} height={size} viewBox="0 0 18 18" role="img" aria-label={verdict} className="shrink-0">
            {verdict === 'covered' && <path d="M9 16V7M4 7h10" stroke="var(--shut)" {...STEM} />}
            {verdict === 'open' && (
                <>
                    <path d="M9 16V7" stroke="var(--open)" {...STEM} />
                    <circle cx="9" cy="4.4" r="2.6" fill="var(--paper)" stroke="var(--open)" strokeWidth="1.6" />
                </>
            )}
            {verdict === 'guess' && (
                <>
                    <path d="M9 16v-5M9 11C9 8 4 8.5 4 4.5" stroke="var(--ball)" {...STEM} />
                    <path d="M9 11c0-3 5-2.5 5-6.5" stroke="var(--ball)" strokeDasharray="1.5 2.6" {...STEM} />
                    <circle cx="4" cy="3.2" r="2.3" fill="var(--ball)" />
                </>
            )}
            {verdict === 'bound' && (
                <>
                    <path d="M9 16v-5M9 11C9 8 4 8.5 4 4.5M9 11c0-3 5-2.5 5-6.5" stroke="var(--ball)" {...STEM} />
                    <circle cx="4" cy="3.2" r="2.3" fill="var(--ball)" />
                    <circle cx="14" cy="3.2" r="2.3" fill="var(--ball)" />
                </>
            )}
        </svg>
    );
}
