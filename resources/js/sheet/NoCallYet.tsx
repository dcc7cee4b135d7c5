import type { ReactNode } from 'react';

/** What to do where no call is on the sheet against an opponent; `then` is what this page is for. */
export function NoCallYet({ opponent, then }: { opponent: string; then: ReactNode }) {
    return (
        <p className="p-6 text-soft">
            No call is on the sheet against {opponent} yet. Put calls on it under <b>The call sheet</b>: {then}
        </p>
    );
}
