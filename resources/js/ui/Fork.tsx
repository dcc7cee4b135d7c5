import type { ProofReport } from '../api/types';

type Props = { verdict: ProofReport['verdict']; size?: number };

/** The verdict by shape first: both prongs tipped when bound, one when a guess, no fork when covered. */
export function Fork({ verdict, size = 18 }: Props) {
    const strong = verdict === 'bound';
    const half = verdict === 'guess';
    return (
        <svg width={size} height={size} viewBox="0 0 18 18" role="img" aria-label={verdict} className="shrink-0">
            {verdict === 'covered' ? (
                <path d="M9 16V7M4 7h10" fill="none" stroke="var(--shut)" strokeWidth="1.8" strokeLinecap="round" />
            ) : (
                <>
                    <path
                        d="M9 16v-5M9 11C9 8 4 8.5 4 4.5M9 11c0-3 5-2.5 5-6.5"
                        fill="none"
                        stroke="var(--ball)"
                        strokeWidth="1.8"
                        strokeLinecap="round"
                        strokeDasharray={half ? '3 2' : undefined}
                    />
                    <circle cx="4" cy="3.2" r="2.3" fill="var(--ball)" />
                    <circle
                        cx="14"
                        cy="3.2"
                        r="2.1"
                        fill={strong ? 'var(--ball)' : 'var(--paper)'}
                        stroke="var(--ball)"
                        strokeWidth="1.1"
                    />
                </>
            )}
        </svg>
    );
}
