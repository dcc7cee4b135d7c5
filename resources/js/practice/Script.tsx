import type { Hash, ScriptRow } from '../api/practiceTypes';
import type { SavedCall, SavedLook } from '../api/types';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';

type Props = {
    rows: ScriptRow[];
    /** Whose script it is, for the names of its fields. */
    name: string;
    calls: SavedCall[];
    looks: SavedLook[];
    busy: boolean;
    onRows: (rows: ScriptRow[]) => void;
    onFill: (rows: number) => void;
};

const HASHES: Hash[] = ['left', 'middle', 'right'];

/** Plays a script is filled with where none stand yet. */
const USUAL = 8;

/** The plays of a period in order: call, look, hash; filled by the product and changed by hand. */
export function Script({ rows, name, calls, looks, busy, onRows, onFill }: Props) {
    const change = (place: number, c: Partial<ScriptRow>) =>
        onRows(rows.map((row, n) => (n === place ? { ...row, ...c } : row)));
    return (
        <div className="mt-2 ml-14 stacked:ml-0">
            {rows.length > 0 && (
                <ol className="text-sm">
                    {rows.map((row, n) => (
                        <li key={n} className="flex flex-wrap items-center gap-2 py-0.5">
                            <span className="w-5 text-right text-soft tabular-nums">{n + 1}</span>
                            <Select
                                aria-label={`Call ${n + 1} of ${name}`}
                                className="w-56 font-semibold print:appearance-none print:border-0 print:bg-transparent"
                                value={row.call}
                                onChange={(e) => change(n, { call: e.target.value })}
                            >
                                {!calls.some((c) => c.id === row.call) && (
                                    <option value={row.call}>no longer in the book</option>
                                )}
                                {calls.map((c) => (
                                    <option key={c.id} value={c.id}>
                                        {c.name}
                                    </option>
                                ))}
                            </Select>
                            <Select
                                aria-label={`Look ${n + 1} of ${name}`}
                                className="min-w-0 flex-1 print:appearance-none print:border-0 print:bg-transparent"
                                value={row.look ?? ''}
                                onChange={(e) => change(n, { look: e.target.value || null })}
                            >
                                <option value="">any look</option>
                                {row.look && !looks.some((l) => l.words === row.look) && (
                                    <option value={row.look}>{row.look}</option>
                                )}
                                {looks.map((l) => (
                                    <option key={l.id} value={l.words}>
                                        {l.words}
                                    </option>
                                ))}
                            </Select>
                            <Select
                                aria-label={`Hash ${n + 1} of ${name}`}
                                className="print:appearance-none print:border-0 print:bg-transparent"
                                value={row.hash}
                                onChange={(e) => change(n, { hash: e.target.value as Hash })}
                            >
                                {HASHES.map((hash) => (
                                    <option key={hash} value={hash}>
                                        {hash}
                                    </option>
                                ))}
                            </Select>
                            <Button
                                kind="quiet"
                                className="no-print px-1 stacked:min-h-11 stacked:min-w-11"
                                aria-label={`Take play ${n + 1} out of ${name}`}
                                onClick={() => onRows(rows.filter((_, m) => m !== n))}
                            >
                                ×
                            </Button>
                        </li>
                    ))}
                </ol>
            )}
            <div className="no-print mt-1 flex gap-2">
                <Button disabled={busy} onClick={() => onFill(rows.length || USUAL)} className="stacked:min-h-11">
                    {rows.length > 0 ? `Fill these ${rows.length} anew` : `Fill ${USUAL} plays`}
                </Button>
                <Button
                    kind="quiet"
                    disabled={calls.length === 0}
                    className="stacked:min-h-11"
                    onClick={() => onRows([...rows, { call: calls[0].id, look: null, hash: HASHES[rows.length % 3] }])}
                >
                    Add a play
                </Button>
            </div>
        </div>
    );
}
