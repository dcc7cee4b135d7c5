import { useEffect, useState } from 'react';
import { api } from '../api/client';
import type { Situation } from '../api/useProof';

/** A pause in typing after which the words are read, milliseconds. */
const PAUSE = 250;

export type Understood = { words: string; assumed: string[] };

/** What the words typed so far are read as, once the fingers rest; null while they mean nothing yet. */
export function useUnderstood(text: string, situation: Situation, typing: boolean): Understood | null {
    const [understood, setUnderstood] = useState<{ text: string; read: Understood } | null>(null);
    useEffect(() => {
        if (!typing || text.trim() === '') return;
        const stop = new AbortController();
        const timer = setTimeout(() => {
            api.post<Understood>('words', { words: text, situation }, stop.signal)
                .then(({ words, assumed }) => setUnderstood({ text, read: { words, assumed } }))
                .catch(() => undefined);
        }, PAUSE);
        return () => {
            clearTimeout(timer);
            stop.abort();
        };
    }, [text, situation, typing]);
    return typing && understood?.text === text ? understood.read : null;
}
