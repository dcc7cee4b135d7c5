import { useEffect, useState } from 'react';
import { api } from '../api/client';
import type { CallDocument, LookDocument, PressureRow } from '../api/types';
import type { Situation } from '../api/useProof';

/** Who is free against each pressure, asked for when it is to be seen and the drawing rests. */
export function usePressures(document: CallDocument, look: LookDocument, situation: Situation, wanted: boolean) {
    const [rows, setRows] = useState<PressureRow[] | null>(null);
    const key = JSON.stringify([document, look, situation]);
    useEffect(() => {
        setRows(null);
        if (!wanted) return;
        const stop = new AbortController();
        const timer = setTimeout(() => {
            api.post<{ pressures: PressureRow[] }>('pressures', { document, look, situation }, stop.signal)
                .then((a) => setRows(a.pressures))
                .catch(() => undefined);
        }, 250);
        return () => {
            clearTimeout(timer);
            stop.abort();
        };
    }, [key, wanted]); // eslint-disable-line
    return rows;
}
