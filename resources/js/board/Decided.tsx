import type { ProofReport } from '../api/types';

/** Of two calls, which is played against this look and what the quarterback saw; over the field, where it is drawn. */
export function Decided({ killed, seen }: NonNullable<ProofReport['decided']>) {
    return (
        <p
            className="absolute top-3 left-5 z-10 rounded-md border border-edge bg-paper px-2.5 py-1 text-[13px]"
            role="status"
        >
            <b>{killed ? 'Killed to the second call' : 'The first call stands'}</b>: {seen}.
            {killed && <span className="text-soft"> It is changed on the call line.</span>}
        </p>
    );
}
