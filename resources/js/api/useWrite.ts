import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query';
import { isStale, refused } from './problems';
import type { Problem } from './client';

type Write<A, R> = {
    /** Sends it; rejects with a Problem. */
    send: (what: A) => Promise<R>;
    /** What is said when the server gives no reason. */
    otherwise: string;
    /** What is done with the answer. */
    done?: (answer: R, what: A) => unknown;
    /** When somebody else was faster; without it the refusal is said. */
    stale?: (e: Problem, what: A) => unknown;
    /** Changes under one name are sent one after the other, each once the one before is answered. */
    inOrder?: string;
    /** What the server is asked for again afterwards, refused or not. */
    asksAgain?: readonly QueryKey[];
};

/**
 * A change sent to the server: one place for its errors, for trying again, and for what has to be asked anew. `write`
 * resolves to the answer, or to undefined when it was refused.
 */
export function useWrite<A = void, R = unknown>({
    send,
    otherwise,
    done,
    stale,
    inOrder,
    asksAgain = [],
}: Write<A, R>) {
    const client = useQueryClient();
    const mutation = useMutation({
        mutationFn: send,
        networkMode: 'always',
        scope: inOrder === undefined ? undefined : { id: inOrder },
        onSuccess: done,
        onError: (e, what) => {
            if (stale && isStale(e)) stale(e, what);
            else refused(e, otherwise, () => mutation.mutate(what));
        },
        onSettled: async () => {
            await Promise.all(asksAgain.map((queryKey) => client.invalidateQueries({ queryKey })));
        },
    });
    const write = (what: A): Promise<R | undefined> => mutation.mutateAsync(what).catch(() => undefined);
    return { write, busy: mutation.isPending };
}
