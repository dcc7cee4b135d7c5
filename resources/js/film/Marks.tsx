import { useFilm, withoutMark } from './filmStore';

/** The marks of the clip: press one to go there, or take it away. */
export function Marks({ onSeek }: { onSeek: (t: number) => void }) {
    const { document, work } = useFilm();
    return (
        <ul aria-label="Marks" className="flex flex-wrap gap-1.5 bg-card px-3 pb-2">
            {(document?.marks ?? []).map((m, i) => (
                <li
                    key={`${m.kind}${m.man ?? ''}`}
                    className="flex items-center rounded border border-edge bg-paper text-xs narrow"
                >
                    <button type="button" onClick={() => onSeek(m.atS)} className="px-2 py-0.5">
                        {m.kind} {m.man ?? ''} {m.atS.toFixed(2)} s
                    </button>
                    <button
                        type="button"
                        aria-label={`Take the ${m.kind} ${m.man ?? ''} mark away`}
                        onClick={() => work((d) => withoutMark(d, i))}
                        className="px-1.5 text-soft hover:text-ball"
                    >
                        ×
                    </button>
                </li>
            ))}
        </ul>
    );
}
