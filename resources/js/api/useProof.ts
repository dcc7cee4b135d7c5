import { useEffect, useRef, useState } from 'react';
import { api, Problem } from './client';
import type {
    Act,
    Bands,
    Beats,
    CallDocument,
    Frames,
    LookDocument,
    ProofAnswer,
    SheetCell,
    Suggestion,
} from './types';

/** A look in words, or as a document when it was changed by hand. */
export type AnyLook = string | LookDocument;

export type Situation = {
    hash: 'left' | 'middle' | 'right';
    down: number;
    toGoYd: number;
    ballOnYd: number;
    rules: 'nfhs' | 'ncaa' | 'nfl';
};

/** What the man in a receiver's face does, by receiver. */
export type Press = Record<string, string>;

type Asked = { document: CallDocument; look: AnyLook; situation: Situation; named: boolean; press: Press };

/**
 * The proof of the call as it is drawn now. While one answer is on its way only the newest change waits, so a drag is
 * followed as fast as the server answers.
 */
export function useProof(
    document: CallDocument | null,
    look: AnyLook,
    situation: Situation,
    named: boolean,
    press: Press,
) {
    const [answer, setAnswer] = useState<ProofAnswer | null>(null);
    const [problem, setProblem] = useState('');
    const [proved, setProved] = useState<Pick<Asked, 'look' | 'document'> | null>(null);
    const waiting = useRef<Asked | null>(null);
    const busy = useRef(false);

    useEffect(() => {
        if (!document || !look) return;
        waiting.current = { document, look, situation, named, press };
        const next = async () => {
            if (busy.current || waiting.current === null) return;
            busy.current = true;
            const body = waiting.current;
            waiting.current = null;
            try {
                const arrived = await api.post<ProofAnswer>('proofs', body);
                // An answer to a look that was left meanwhile is not shown: its keys are not those on the board.
                if (isWanted(body.look, waiting.current)) {
                    setAnswer(arrived);
                    setProved({ look: body.look, document: body.document });
                    setProblem('');
                }
            } catch (e) {
                setProblem(e instanceof Problem ? e.message : 'The proof did not arrive.');
            } finally {
                busy.current = false;
                void next();
            }
        };
        void next();
    }, [document, look, situation, named, press]);

    return { answer, problem, current: proved?.look === look && proved.document === document };
}

/** Whether an answer to a look is still asked for while something else may wait. */
export const isWanted = (look: AnyLook, waits: { look: AnyLook } | null): boolean =>
    waits === null || waits.look === look;

/** The verdict against every look on the shelf, asked for when the drawing rests. */
export function useShelf(document: CallDocument | null, looks: string[], situation: Situation, named: boolean) {
    const [cells, setCells] = useState<SheetCell[]>([]);
    useEffect(() => {
        if (!document || looks.length === 0) return;
        const stop = new AbortController();
        const timer = setTimeout(() => {
            api.post<{ cells: SheetCell[] }>('sheets', { document, looks, situation, named }, stop.signal)
                .then((a) => setCells(a.cells))
                .catch(() => undefined);
        }, SHELF_MS);
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
    press: Press,
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
            { document, look, situation, named, press, frames: true, ...(act ? { act } : {}) },
            stop.signal,
        )
            .then((a) => setFrames(a.frames ?? null))
            .catch(() => undefined);
        return () => stop.abort();
    }, [document, look, situation, act, wanted, named, press]);
    return frames;
}

/** What is worked out once the drawing rests, from one proof: what beats the call, its bands, what would make it good. */
export function useResting(document: CallDocument | null, look: AnyLook, situation: Situation, named: boolean) {
    const [resting, setResting] = useState<Resting>(NOTHING);
    useEffect(() => {
        setResting(NOTHING);
        if (!document || !look) return;
        const stop = new AbortController();
        const timer = setTimeout(() => {
            api.post<Resting>('restings', { document, look, situation, named }, stop.signal)
                .then(setResting)
                .catch(() => undefined);
        }, RESTS_MS);
        return () => {
            clearTimeout(timer);
            stop.abort();
        };
    }, [document, look, situation, named]);
    return resting;
}

/** The shelf waits for a pause between two keys, so that it never takes time from the proof of the next one. */
const SHELF_MS = 350;

/** A drawing that was not touched this long rests. */
const RESTS_MS = 700;

export type Resting = { bands: Bands; beats: Beats | null; suggestions: Suggestion[] | null };

const NOTHING: Resting = { bands: {}, beats: null, suggestions: null };
