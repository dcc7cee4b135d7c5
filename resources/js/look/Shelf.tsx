import { clsx } from 'clsx';
import type { SavedLook, SheetCell } from '../api/types';
import { Fork } from '../ui/Fork';
import { chances } from '../ui/words';
import { Select } from '../ui/Select';

type Props = {
    looks: SavedLook[];
    cells: SheetCell[];
    current: number;
    opponents: string[];
    opponent: string;
    onOpponent: (name: string) => void;
    onPick: (index: number) => void;
};

/** The shelf of an opponent's looks: each with its verdict and how often it was shown; [ and ] flip through. */
export function Shelf({ looks, cells, current, opponents, opponent, onOpponent, onPick }: Props) {
    return (
        <div className="flex items-stretch gap-2 border-b border-edge px-3 py-1.5 phone:flex-col">
            <label className="flex shrink-0 flex-col justify-center text-[11px] text-soft narrow">
                Looks of
                <Select
                    bare
                    value={opponent}
                    onChange={(e) => onOpponent(e.target.value)}
                    className="max-w-28 text-[13px]"
                >
                    {opponents.map((o) => (
                        <option key={o}>{o}</option>
                    ))}
                </Select>
            </label>
            <div role="tablist" aria-label="Looks" className="flex min-w-0 flex-1 gap-1.5 overflow-x-auto p-0.5">
                {looks.map((l, i) => {
                    const cell = cells[i];
                    return (
                        <button
                            key={l.id}
                            type="button"
                            role="tab"
                            aria-selected={i === current}
                            title={`${l.words}. ${l.opponent}: shown ${l.shown} times. Chance of success, at worst to by rule`}
                            onClick={() => onPick(i)}
                            className={clsx(
                                'flex w-[136px] min-w-[118px] shrink items-center gap-1.5 rounded-md border px-2 py-0.5 text-left',
                                i === current ? 'border-ink bg-card' : 'border-edge bg-paper hover:border-soft',
                            )}
                        >
                            {cell ? <Fork verdict={cell.verdict} size={18} /> : <span className="size-[18px]" />}
                            <span className="min-w-0 leading-tight">
                                <span className="line-clamp-2 text-[13px] leading-[1.1] font-semibold narrow">
                                    {short(l.words, looks)}
                                </span>
                                <span className="block text-[11px] whitespace-nowrap text-soft narrow">
                                    {cell ? chances(cell.worth) : 'proving'} · {l.shown} times
                                </span>
                            </span>
                        </button>
                    );
                })}
            </div>
        </div>
    );
}

/** A look's words without the front that most of the shelf share. */
function short(words: string, looks: SavedLook[]): string {
    const front = words.split(', ')[0];
    const same = looks.filter((l) => l.words.startsWith(front)).length;
    return same > looks.length / 2 ? words.slice(front.length + 2) : words;
}
