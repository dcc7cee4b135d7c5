import { useEffect, useState } from 'react';
import { api } from '../../api/client';
import type { Angle, Drawn, FilmDocument } from '../../api/types';

const NONE: Drawn[] = [];

/** Where the drawings of a document lie on the picture of an angle, as it stands; the server places them. */
export function useDrawn(document: FilmDocument | null, angle: Angle): Drawn[] {
    const [drawn, setDrawn] = useState<Drawn[]>(NONE);
    const any = (document?.drawings ?? []).length > 0;
    const key = JSON.stringify([document?.drawings, document?.calibrations, document?.moves?.length]);
    useEffect(() => {
        if (!document || !any) return setDrawn(NONE);
        const stop = new AbortController();
        const { kind, version, drawings, calibrations, moves } = document;
        api.post<{ drawings: Drawn[] }>(
            'drawings',
            { document: { kind, version, drawings, calibrations, moves }, angle },
            stop.signal,
        )
            .then((d) => setDrawn(d.drawings))
            .catch(() => undefined);
        return () => stop.abort();
    }, [key, angle]); // eslint-disable-line
    return drawn;
}
