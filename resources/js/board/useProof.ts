import { useEffect, useRef, useState } from 'react';
import { api, Problem } from '../api/client';
import type { Act, CallDocument, Frames, LookDocument, ProofAnswer, SheetCell } from '../api/types';

/** A look in words, or as a document when it was changed by hand. */
export type AnyLook = string | LookDocument;

export type Situation = {
    hash: 'left' | 'middle' | 'right';
    down: number;
    toGoYd: number;
    ballOnYd: number;
    rules: 'nfhs' | 'ncaa' | 'nfl';
};

/**
 * The proof of the call as it is drawn now. While one answer is on its way only the newest change waits, so a drag is
 * followed as fast as the server answers.
 */
export function useProof(document: CallDocument | null, look: AnyLook, situation: Situation, named: boolean) {
    const [answer, setAnswer] = useState<ProofAnswer | null>(null);
    const [problem, setProblem] = useState('');
    const [proved, setProved] = useState<AnyLook>('');
    const waiting = useRef<{ document: CallDocument; look: AnyLook; situation: Situation; named: boolean } | null>(
        null,
    );
    const busy = useRef(false);

    useEffect(() => {
        if (!document || !look) return;
        waiting.current = { document, look, situation, named };
        const next = async () => {
            if (busy.current || waiting.current === null) return;
            busy.current = true;
            const body = waiting.current;
            waiting.current = null;
            try {
                setAnswer(await api.post<ProofAnswer>('proofs', body));
                setProved(body.look);
                setProblem('');
            } catch (e) {
                setProblem(e instanceof Problem ? e.message : 'The proof did not arrive.');
            } finally {
                busy.current = false;
                void next();
            }
        };
        void next();
    }, [document, look, situation, named]);

    return { answer, problem, current: proved === look };
}

/** The verdict against every look on the shelf, asked for when the drawing rests. */
export function useShelf(document: CallDocument | null, looks: string[], situation: Situation, named: boolean) {
    const [cells, setCells] = useState<SheetCell[]>([]);
    useEffect(() => {
        if (!document || looks.length === 0) return;
        const stop = new AbortController();
        const timer = setTimeout(() => {
            api.post<{ cells: SheetCell[] }>('proofs', { document, looks, situation, named }, stop.signal)
                .then((a) => setCells(a.cells))
                .catch(() => undefined);
        }, 180);
        return () => {
            clearTimeout(timer);
            stop.abort();
        };
    }, [document, looks, situation, named]);
    return cells;
}

/** The play as frames, for the rule-true run or a key's act; fetched when it is to be seen. */
export function useFrames(
    document: CallDocument | null,
    look: AnyLook,
    situation: Situation,
    act: Act | null,
    wanted: boolean,
    named: boolean,
) {
    const [frames, setFrames] = useState<Frames | null>(null);
    useEffect(() => {
        if (!document || !wanted) {
            setFrames(null);
            return;
        }
        const stop = new AbortController();
        api.post<ProofAnswer>(
            'proofs',
            { document, look, situation, named, frames: true, ...(act ? { act } : {}) },
            stop.signal,
        )
            .then((a) => setFrames(a.frames ?? null))
            .catch(() => undefined);
        return () => stop.abort();
    }, [document, look, situation, act, wanted, named]);
    return frames;
}
