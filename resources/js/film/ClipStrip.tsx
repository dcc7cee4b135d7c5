import { clsx } from 'clsx';
import type { Clip } from '../api/types';

type Props = { clips: Clip[]; current: string | null; onOpen: (clip: Clip) => void };

/** The clips as a strip of starting pictures. */
export function ClipStrip({ clips, current, onOpen }: Props) {
    return (
        <nav aria-label="Clips" className="col-span-2 flex gap-2 overflow-x-auto border-t border-edge bg-card p-2">
            {clips.map((c) => (
                <button
                    key={c.id}
                    type="button"
                    aria-current={c.id === current}
                    onClick={() => onOpen(c)}
                    className={clsx(
                        'relative flex h-full w-48 shrink-0 gap-2 overflow-hidden rounded-md border bg-paper text-left',
                        c.id === current ? 'border-2 border-ball' : 'border-edge hover:border-ink',
                    )}
                >
                    <video
                        src={`/api/v1/clips/${c.id}/video#t=1`}
                        preload="metadata"
                        muted
                        tabIndex={-1}
                        aria-hidden="true"
                        className="h-full w-24 bg-rail object-cover"
                    />
                    <span className="min-w-0 py-1 pr-1">
                        <span className="line-clamp-2 block text-xs leading-tight font-semibold narrow">{c.title}</span>
                        <span className="block text-[11px] text-soft narrow">
                            {c.grades_count
                                ? `${c.grades_count} graded`
                                : (c.document.marks ?? []).length > 0
                                  ? 'worked'
                                  : 'not worked'}
                        </span>
                    </span>
                </button>
            ))}
        </nav>
    );
}
