import { useCallback, useEffect, useRef, useState } from 'react';
import { api } from '../api/client';
import type { CallDocument, MenuRow, SheetCell } from '../api/types';
import type { Situation } from '../api/useProof';

/** Looks asked for in one question, and questions that are on their way at once. */
const PART = 8;
const AT_ONCE = 3;

export type Progress = { done: number; of: number; stopped: boolean };

/** Does a list of work in parts, a few at once; can be stopped; starts over when the work changes. */
function useParts<T>(
    work: (() => Promise<T>)[] | null,
    onPart: (part: T, n: number) => void,
): Progress & { stop: () => void } {
    const [progress, setProgress] = useState<Progress>({ done: 0, of: 0, stopped: false });
    const halted = useRef(false);
    useEffect(() => {
        if (!work) return;
        let alive = true;
        halted.current = false;
        setProgress({ done: 0, of: work.length, stopped: false });
        let next = 0;
        const run = async () => {
            while (alive && !halted.current && next < work.length) {
                const n = next++;
                const part = await work[n]().catch(() => null);
                if (!alive) return;
                if (part !== null) onPart(part, n);
                setProgress((p) => ({ ...p, done: p.done + 1 }));
            }
        };
        void Promise.all(Array.from({ length: AT_ONCE }, run));
        return () => void (alive = false);
    }, [work]); // eslint-disable-line
    const stop = useCallback(() => {
        halted.current = true;
        setProgress((p) => ({ ...p, stopped: true }));
    }, []);
    return { ...progress, stop };
}

/** The cells of a call against looks, in the order of the looks, filling as they come. */
export function useCells(document: CallDocument | null, looks: string[], situation: Situation, named: boolean) {
    const [cells, setCells] = useState<(SheetCell | undefined)[]>([]);
    const [work, setWork] = useState<(() => Promise<SheetCell[]>)[] | null>(null);
    useEffect(() => {
        setCells([]);
        if (!document || looks.length === 0) return setWork(null);
        const parts = Array.from({ length: Math.ceil(looks.length / PART) }, (_, i) =>
            looks.slice(i * PART, (i + 1) * PART),
        );
        setWork(
            parts.map(
                (part) => () =>
                    api
                        .post<{ cells: SheetCell[] }>('sheets', { document, looks: part, situation, named })
                        .then((a) => a.cells),
            ),
        );
    }, [document, looks, situation, named]);
    const progress = useParts(work, (part, n) =>
        setCells((now) => {
            const all = [...now];
            part.forEach((cell, i) => (all[n * PART + i] = cell));
            return all;
        }),
    );
    return { cells, ...progress };
}

type Row = { id: string; situation: Situation; looks: string[] };

/** Calls against the looks of several situations: rows by situation and look. */
export function useSituationMenus(rows: Row[] | null, calls: string[] | null, named: boolean) {
    const [menus, setMenus] = useState<Record<string, Record<string, MenuRow[]>>>({});
    const [work, setWork] = useState<(() => Promise<[string, string, MenuRow[]]>)[] | null>(null);
    useEffect(() => {
        setMenus({});
        if (!rows || !calls || calls.length === 0) return setWork(null);
        setWork(
            rows.flatMap(({ id, situation, looks }) =>
                looks.map(
                    (look) => () =>
                        api
                            .post<{ rows: MenuRow[] }>('menus', { look, situation, named, calls })
                            .then((a): [string, string, MenuRow[]] => [id, look, a.rows]),
                ),
            ),
        );
    }, [rows, calls, named]);
    const progress = useParts(work, ([id, look, found]) =>
        setMenus((now) => ({ ...now, [id]: { ...now[id], [look]: found } })),
    );
    return { menus, ...progress };
}

/** Every saved call against each of the looks: rows by look. */
export function useMenus(looks: string[], situation: Situation, named: boolean) {
    const [rows, setRows] = useState<Record<string, MenuRow[]>>({});
    const [work, setWork] = useState<(() => Promise<[string, MenuRow[]]>)[] | null>(null);
    useEffect(() => {
        setRows({});
        setWork(
            looks.map(
                (look) => () =>
                    api
                        .post<{ rows: MenuRow[] }>('menus', { look, situation, named })
                        .then((a): [string, MenuRow[]] => [look, a.rows]),
            ),
        );
    }, [looks, situation, named]);
    const progress = useParts(work, ([look, found]) => setRows((now) => ({ ...now, [look]: found })));
    return { rows, ...progress };
}
