import type { Understood } from './useUnderstood';

/** What Enter would show of the words typed so far, and what is filled in. */
export function EnterShows({ understood }: { understood: Understood }) {
    return (
        <span>
            <span className="text-soft">Enter shows</span>{' '}
            <span className="font-semibold text-ink">{understood.words}</span>
            {understood.assumed.length > 0 && (
                <span className="text-soft">; assumed: {understood.assumed.join('; ')}</span>
            )}
        </span>
    );
}
