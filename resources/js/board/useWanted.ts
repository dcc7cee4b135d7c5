import { useEffect, useRef } from 'react';
import { api } from '../api/client';
import { refused } from '../api/problems';
import type { CallDocument, SavedCall } from '../api/types';
import { openCall, useBoard } from '../model/callStore';

/** The number of a saved call, which is no call in words. */
const IS_NUMBER = /^[0-9a-z]{26}$/;

/**
 * Opens what the address asks for: a saved call by its number or its name, else a call in words. Without any the first
 * of the saved ones, unless a call is on the board already.
 */
export function useWanted(wanted: string | undefined, calls: SavedCall[] | undefined) {
    const said = useRef<string | null>(null);
    useEffect(() => {
        if (!calls) return;
        const board = useBoard.getState();
        const named = calls.find((c) => c.id === wanted) ?? calls.find((c) => c.name === wanted);
        if (named) {
            if (named.id !== board.id) openCall(named);
            return;
        }
        if (wanted === undefined) {
            if (board.id === null && board.document === null && calls.length > 0) openCall(calls[0]);
            return;
        }
        // Words are read once: what was changed since then stands.
        if (said.current === wanted) return;
        said.current = wanted;
        if (IS_NUMBER.test(wanted)) {
            // Whoever has just thrown it away knows.
            if (board.id !== wanted) refused(null, 'The call in the address is no longer in the book.');
            if (calls.length > 0) openCall(calls[0]);
            return;
        }
        const read = () =>
            api
                .post<{ document: CallDocument; words: string }>('words', { words: wanted })
                .then((answer) => openCall({ id: null, name: '', document: answer.document }))
                .catch((e: unknown) => {
                    refused(e, 'The call in the address was not read.', read);
                    if (useBoard.getState().document === null && calls.length > 0) openCall(calls[0]);
                });
        void read();
    }, [calls, wanted]);
}
