import { useState } from 'react';
import { Popover } from 'radix-ui';
import { clsx } from 'clsx';
import type { Charting, Remark } from '../../api/types';
import { Button } from '../../ui/Button';
import { capital } from '../../ui/words';
import { Select } from '../../ui/Select';
import { History } from './History';

type Props = {
    snap: string;
    man: string;
    men: string[];
    remark: Remark;
    onRemark: (change: Partial<Remark>) => void;
    owners: Charting['owners'];
    graded: boolean;
    open: boolean;
    onOpen: (open: boolean) => void;
    onKeep: () => void;
};

/** What else is said of a grade: what to do instead, what it leaves open, and whether it is his at all. */
export function Remarks({ snap, man, men, remark, onRemark, owners, graded, open, onOpen, onKeep }: Props) {
    const said = remarked(remark);
    const [looking, setLooking] = useState(false);
    const field = 'mt-0.5 block w-full rounded border border-edge bg-paper px-1.5 py-1 text-[13px] text-ink';
    return (
        <Popover.Root open={open} onOpenChange={onOpen}>
            <Popover.Trigger
                title="Correction, caveat, what caused it, whose it is instead (R)"
                className={clsx(
                    'w-12 rounded-md border px-0.5 text-[11px] font-semibold narrow',
                    said ? 'border-ink bg-ink text-paper' : 'border-edge text-soft',
                )}
            >
                remark
            </Popover.Trigger>
            <Popover.Portal>
                <Popover.Content
                    side="top"
                    align="end"
                    sideOffset={6}
                    aria-label={`Remarks on ${man}`}
                    className="z-30 w-80 rounded-md border border-edge bg-paper p-3 shadow-lg"
                >
                    <form
                        className="space-y-2 text-xs text-soft"
                        onSubmit={(e) => (e.preventDefault(), onOpen(false), onKeep())}
                    >
                        <label className="block">
                            What {man} should do instead
                            <input
                                value={remark.correction}
                                maxLength={300}
                                placeholder="plant the outside foot at 9"
                                onChange={(e) => onRemark({ correction: e.target.value })}
                                className={field}
                            />
                        </label>
                        <label className="block">
                            What the mark leaves open
                            <input
                                value={remark.caveat}
                                maxLength={300}
                                placeholder="the tight angle loses him"
                                onChange={(e) => onRemark({ caveat: e.target.value })}
                                className={field}
                            />
                        </label>
                        <div className="grid grid-cols-2 gap-2">
                            <label className="block min-w-0">
                                Caused by
                                <Select
                                    value={remark.caused_by ?? ''}
                                    onChange={(e) => onRemark({ caused_by: e.target.value || null })}
                                    className={field}
                                >
                                    <option value="">nobody else</option>
                                    {men
                                        .filter((m) => m !== man)
                                        .map((m) => (
                                            <option key={m}>{m}</option>
                                        ))}
                                </Select>
                            </label>
                            <label className="block min-w-0">
                                Whose it is
                                <Select
                                    value={remark.charged_to ?? ''}
                                    onChange={(e) => onRemark({ charged_to: e.target.value || null })}
                                    className={field}
                                >
                                    <option value="">his own</option>
                                    {Object.entries(owners).map(([owner, why]) => (
                                        <option key={owner} value={owner}>
                                            {capital(owner)}: {why}
                                        </option>
                                    ))}
                                </Select>
                            </label>
                        </div>
                        <div className="flex items-center gap-4 text-[13px] text-ink">
                            <label className="flex items-center gap-1.5">
                                <input
                                    type="checkbox"
                                    checked={!remark.certain}
                                    onChange={(e) => onRemark({ certain: !e.target.checked })}
                                />
                                a guess
                            </label>
                            <label className="flex items-center gap-1.5" title="Adds half a point when done well">
                                <input
                                    type="checkbox"
                                    checked={remark.hard}
                                    onChange={(e) => onRemark({ hard: e.target.checked })}
                                />
                                a hard job
                            </label>
                            <Button type="submit" kind="strong" keys="Enter" className="ml-auto !py-1">
                                Keep
                            </Button>
                        </div>
                        <p>
                            {graded ? 'Kept with his grade.' : 'Kept when he is graded.'} A guess, a minus somebody else
                            caused and what is not his are shown and not counted.
                        </p>
                    </form>
                    <div className="mt-2 border-t border-faint pt-2 text-xs text-soft">
                        <button
                            type="button"
                            aria-expanded={looking}
                            className="mb-1 font-semibold text-ink underline"
                            onClick={() => setLooking(!looking)}
                        >
                            Who graded this, and when
                        </button>
                        {looking && <History snap={snap} man={man} />}
                    </div>
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}

/** Whether anything is said beyond the mark. */
export function remarked(r: Remark): boolean {
    return (
        r.correction !== '' || r.caveat !== '' || !r.certain || r.hard || r.caused_by !== null || r.charged_to !== null
    );
}
