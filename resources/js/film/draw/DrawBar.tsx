import { clsx } from 'clsx';
import type { DrawingKind } from '../../api/types';
import { capital } from '../../ui/words';
import type { DrawingDesk } from './useDrawing';

export const TOOLS: { kind: DrawingKind; key: string; does: string }[] = [
    { kind: 'arrow', key: 'A', does: 'From where to where' },
    { kind: 'line', key: 'L', does: 'A line on the grass' },
    { kind: 'ring', key: 'R', does: 'A ring on the grass: its middle, then a place on it' },
    { kind: 'frame', key: 'F', does: 'A frame round a man, from corner to corner' },
    { kind: 'zone', key: 'Z', does: 'A part of the field, from corner to corner' },
    { kind: 'word', key: 'W', does: 'A word at a place' },
];

type Props = { desk: DrawingDesk; onSeek: (t: number) => void };

/** What can be drawn, and what is drawn on this angle already; a press goes to its moment. */
export function DrawBar({ desk, onSeek }: Props) {
    const { tool, drawn } = desk;
    return (
        <div className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-edge px-3 py-1.5 text-sm">
            <span role="radiogroup" aria-label="What to draw" className="flex gap-1">
                {TOOLS.map((one) => (
                    <button
                        key={one.kind}
                        type="button"
                        role="radio"
                        aria-checked={tool === one.kind}
                        title={`${one.does} (${one.key})`}
                        onClick={() => desk.setTool(one.kind)}
                        className={clsx(
                            'rounded-md border px-2 py-0.5 font-semibold narrow',
                            tool === one.kind ? 'border-ink bg-ink text-paper' : 'border-edge bg-paper',
                        )}
                    >
                        {capital(one.kind)}
                    </button>
                ))}
            </span>
            {drawn.length === 0 && (
                <span className="text-soft">
                    Drag on the picture. The drawing is shown to whoever may watch the clip.
                </span>
            )}
            <ul aria-label="Drawings of this angle" className="flex flex-wrap gap-1">
                {drawn.map((d) => (
                    <li key={d.id} className="flex items-center rounded-md border border-edge bg-card">
                        <button
                            type="button"
                            className="px-2 py-0.5"
                            title={
                                d.onField
                                    ? 'It stays on the grass while the camera moves'
                                    : 'This picture is not placed on the field: it stands on this moment alone'
                            }
                            onClick={() => onSeek(d.atS)}
                        >
                            {d.word ?? capital(d.kind)} {d.atS.toFixed(2)} s{d.onField ? '' : ', still'}
                        </button>
                        <button
                            type="button"
                            aria-label={`Take ${d.word ?? d.kind} at ${d.atS.toFixed(2)} s away`}
                            className="px-1.5 py-0.5 text-soft hover:text-ink"
                            onClick={() => desk.remove(d.id)}
                        >
                            ×
                        </button>
                    </li>
                ))}
            </ul>
        </div>
    );
}
