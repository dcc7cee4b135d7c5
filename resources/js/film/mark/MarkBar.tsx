import type { Charting } from '../../api/types';
import { Button } from '../../ui/Button';
import { capital } from '../../ui/words';
import { Select } from '../../ui/Select';

type Props = {
    catalogue: Charting['marks'];
    who: string;
    men: string[];
    defenders: string[];
    onWho: (who: string) => void;
    onMark: (kind: string) => void;
};

/** Kinds on a key of their own. */
export const MARK_KEYS: Record<string, string> = { snap: 'S', break: 'B', 'ball out': 'O', catch: 'C', mesh: 'M' };

/** Whose mark, and which: the usual ones on keys, the rest in a list. */
export function MarkBar({ catalogue, who, men, defenders, onWho, onMark }: Props) {
    return (
        <>
            <label className="sr-only" htmlFor="who">
                Whose mark or plot
            </label>
            <Select
                id="who"
                value={who}
                onChange={(e) => onWho(e.target.value)}
                className="max-w-28 text-sm font-semibold"
            >
                {men.map((m) => (
                    <option key={m}>{m}</option>
                ))}
                {defenders.map((m) => (
                    <option key={m}>{m}</option>
                ))}
                <option value="?">? unknown man</option>
            </Select>
            {Object.entries(MARK_KEYS).map(([kind, key]) => (
                <Button key={kind} onClick={() => onMark(kind)} keys={key} className="!px-2">
                    {capital(kind)}
                </Button>
            ))}
            <Select
                aria-label="Another mark"
                value=""
                onChange={(e) => e.target.value && onMark(e.target.value)}
                className="w-32 text-sm text-soft"
            >
                <option value="">More marks</option>
                {catalogue
                    .filter((m) => !(m.kind in MARK_KEYS))
                    .map((m) => (
                        <option key={m.kind} value={m.kind} title={m.seen}>
                            {m.kind}: {m.seen}
                        </option>
                    ))}
            </Select>
        </>
    );
}
