import { clsx } from 'clsx';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { useFilm, withoutMark } from '../../model/filmStore';

type Props = {
    fps: number;
    loop: { from: number; to: number } | null;
    onSeek: (t: number) => void;
    onLoop: (from: number, to: number, rate: number) => void;
};

/** The marks of the snap: press one to go there; press two for the time between them, and to loop what lies there. */
export function Marks({ fps, loop, onSeek, onLoop }: Props) {
    const { document, work } = useFilm();
    const [two, setTwo] = useState<number[]>([]);
    const marks = document?.marks ?? [];
    const press = (i: number) => {
        onSeek(marks[i].atS);
        setTwo((before) => (before.includes(i) ? before.filter((n) => n !== i) : [...before.slice(-1), i]));
    };
    const [a, b] = two.map((i) => marks[i]).filter(Boolean);
    const between = a && b ? Math.abs(b.atS - a.atS) : null;
    const range = a && b ? ([Math.min(a.atS, b.atS), Math.max(a.atS, b.atS)] as const) : null;
    return (
        <div className="flex flex-wrap items-center gap-1.5 bg-card px-3 pb-1.5">
            <ul aria-label="Marks" className="flex flex-wrap gap-1">
                {marks.map((m, i) => (
                    <li
                        key={`${i}${m.kind}${m.man ?? ''}`}
                        className={clsx(
                            'flex items-center rounded border bg-paper text-xs narrow',
                            two.includes(i) ? 'border-ball' : 'border-edge',
                            (m.man === '?' || m.certain === false) && 'text-amber',
                        )}
                    >
                        <button
                            type="button"
                            aria-pressed={two.includes(i)}
                            onClick={() => press(i)}
                            className="py-px pl-1.5"
                        >
                            {m.kind === 'free' ? (m.label ?? 'free') : m.kind} {m.n ?? ''} {m.man ?? ''}{' '}
                            {m.atS.toFixed(2)} s
                        </button>
                        <button
                            type="button"
                            aria-label={`Take the ${m.kind} ${m.man ?? ''} mark away`}
                            onClick={() => (setTwo([]), work((d) => withoutMark(d, i)))}
                            className="px-1 text-soft hover:text-ball"
                        >
                            ×
                        </button>
                    </li>
                ))}
            </ul>
            {between !== null && range && (
                <p className="ml-auto flex items-center gap-1.5 text-xs" role="status">
                    <b data-testid="between">
                        {between.toFixed(2)} s, {Math.round(between * fps)} frames
                    </b>
                    {[1, 0.5, 0.25].map((rate) => (
                        <Button
                            key={rate}
                            className="!px-1.5 !py-0 !text-xs"
                            onClick={() => onLoop(range[0], range[1], rate)}
                        >
                            Loop {rate === 1 ? '' : rate === 0.5 ? '½' : '¼'}
                        </Button>
                    ))}
                    {loop && (
                        <Button kind="quiet" className="!px-1.5 !py-0 !text-xs" onClick={() => onLoop(0, 0, 1)}>
                            End loop
                        </Button>
                    )}
                </p>
            )}
        </div>
    );
}
