import { clsx } from 'clsx';
import type { SavedLook, SheetCell } from '../api/types';
import { Fork } from '../ui/Fork';
import { margin } from '../ui/words';

type Props = { looks: SavedLook[]; cells: SheetCell[]; current: number; onPick: (index: number) => void };

/** The shelf of looks: each with its verdict and how often the opponent has shown it; [ and ] flip through. */
export function Shelf({ looks, cells, current, onPick }: Props) {
    return (
        <div role="tablist" aria-label="Looks" className="flex gap-1.5 border-b border-edge px-3 py-2">
            {looks.map((l, i) => {
                const cell = cells[i];
                return (
                    <button
                        key={l.id}
                        type="button"
                        role="tab"
                        aria-selected={i === current}
                        title={`${l.opponent}: shown ${l.shown} times`}
                        onClick={() => onPick(i)}
                        className={clsx(
                            'flex min-w-0 flex-1 items-center gap-2 rounded-md border px-2.5 py-1 text-left',
                            i === current ? 'border-ink bg-card' : 'border-edge bg-paper hover:border-soft',
                        )}
                    >
                        {cell ? <Fork verdict={cell.verdict} size={20} /> : <span className="size-5" />}
                        <span className="min-w-0 leading-tight">
                            <span className="block truncate text-[13px] font-semibold narrow">{l.words}</span>
                            <span className="block text-[11px] text-soft narrow">
                                {cell ? `${cell.verdict} ${margin(cell.strength)}` : 'proving'} · shown {l.shown}
                            </span>
                        </span>
                    </button>
                );
            })}
        </div>
    );
}
