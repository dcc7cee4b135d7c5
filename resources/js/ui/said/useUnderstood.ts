import { useEffect, useState } from 'react';
import { api } from '../../api/client';

/** A pause in typing after which the words are read, milliseconds. */
const PAUSE = 250;

export type Understood = { words: string; assumed: string[] };

/**
 * What the words typed so far are read as, once the fingers rest; null while they mean nothing yet.
 *
 * @param what who reads them: a call or a look
 * @param more what goes with the words; the same object as long as it says the same
 */
export function useUnderstood(
    what: 'words' | 'look-words',
    text: string,
    typing: boolean,
    more?: object,
): Understood | null {
    const [understood, setUnderstood] = useState<{ text: string; read: Understood } | null>(null);
    useEffect(() => {
        if (!typing || text.trim() === '') return;
        const stop = new AbortController();
        const timer = setTimeout(() => {
            api.post<Understood>(what, { words: text, ...more }, stop.signal)
                .then(({ words, assumed }) => setUnderstood({ text, read: { words, assumed } }))
                .catch(() => undefined);
        }, PAUSE);
        return () => {
            clearTimeout(timer);
            stop.abort();
        };
    }, [what, text, typing, more]);
    return typing && understood?.text === text ? understood.read : null;
}
