import { useRef, useState } from 'react';
import { toast } from 'sonner';
import type { Angle, FilmDocument } from '../../api/types';
import { follow, type Followed } from './follow';
import { useFilm, withMoves, withoutFollowed, withPlot } from '../../model/filmStore';
import { refused } from '../../api/problems';

/** Following the paint through a clip, or a man from where he was clicked; what was found goes into the document. */
export function useFollowing(src: string, angle: Angle, shift: number, durationS: number) {
    const [share, setShare] = useState<number | null>(null);
    const stop = useRef<AbortController | null>(null);
    const work = useFilm.getState().work;

    const run = async (fromS: number, toS: number, man?: [number, number]): Promise<Followed | null> => {
        stop.current?.abort();
        const mine = (stop.current = new AbortController());
        setShare(0);
        try {
            return await follow({
                src,
                fromS: fromS + shift,
                toS: toS + shift,
                man,
                onProgress: setShare,
                signal: mine.signal,
            });
        } catch (e) {
            refused(e, e instanceof Error ? e.message : 'The film could not be followed.');
            return null;
        } finally {
            setShare(null);
        }
    };

    /** The paint from the first to the last picture of the clip. */
    const paint = async () => {
        const found = await run(0, durationS - 0.05);
        if (!found) return;
        work((d) => withMoves(d, angle, onClock(found, angle, shift)));
        toast(
            found.stopped
                ? `${found.stopped.why} It stopped at ${(found.stopped.atS - shift).toFixed(1)} s.`
                : `Followed ${found.moves.length} pictures of paint.`,
        );
    };

    /** A man from where he is plotted at this moment, to the end of the clip or until he is lost. */
    const man = async (who: string, document: FilmDocument, t: number): Promise<number | null> => {
        const start = (document.plots ?? []).find(
            (p) => p.man === who && (p.angle ?? 'wide') === angle && Math.abs(p.atS - t) < 0.06,
        );
        if (!start) {
            toast(`Click ${who} on this picture first, then follow him.`);
            return null;
        }
        const found = await run(start.atS, durationS - 0.05, [start.xPx, start.yPx]);
        if (!found) return null;
        work((d) =>
            found.spots.reduce(
                (doc, s) => withPlot(doc, who, s.atS - shift, s.at, angle, { confidence: s.confidence }),
                withMoves(withoutFollowed(d, who, angle, start.atS), angle, onClock(found, angle, shift)),
            ),
        );
        toast(found.stopped ? found.stopped.why : `${who} followed over ${found.spots.length} pictures.`);
        return found.stopped ? found.stopped.atS - shift : null;
    };

    return { share, paint, man, stop: () => stop.current?.abort() };
}

/** Movements on the clock of the snap. */
const onClock = (found: Followed, angle: Angle, shift: number) =>
    found.moves
        .map((m) => ({
            ...m,
            ...(angle === 'wide' ? {} : { angle }),
            fromS: Math.round((m.fromS - shift) * 1000) / 1000,
            toS: Math.round((m.toS - shift) * 1000) / 1000,
        }))
        .filter((m) => m.fromS >= 0);
