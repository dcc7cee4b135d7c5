import { clsx } from 'clsx';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import type { EyeFact, FilmDocument } from '../../api/types';
import { useFilm, withSeen } from '../../model/filmStore';
import { Select } from '../../ui/Select';

type Props = {
    man: string;
    facts: EyeFact[];
    document: FilmDocument;
    open: boolean;
    onOpen: (open: boolean) => void;
};

/** What is said of a man by eye, in the order a rep is looked at: sub-marks first, then facts. Each is kept as it is said. */
export function ByEye({ man, facts, document, open, onOpen }: Props) {
    const [certain, setCertain] = useState(true);
    const said = (what: EyeFact['what']) => document.seen?.find((s) => s.man === man && s.what === what);
    const say = (what: EyeFact['what'], value: string | number) =>
        useFilm.getState().work((d) => withSeen(d, man, what, value, certain));
    const any = facts.some((f) => said(f.what));
    return (
        <Popover.Root open={open} onOpenChange={onOpen}>
            <Popover.Trigger
                title={`What is seen of ${man} by eye, in order (H)`}
                className={clsx(
                    'w-11 rounded-md border px-0.5 text-[11px] font-semibold narrow',
                    any ? 'border-ink bg-ink text-paper' : 'border-edge text-soft',
                )}
            >
                by eye
            </Popover.Trigger>
            <Popover.Portal>
                <Popover.Content
                    side="top"
                    align="end"
                    sideOffset={6}
                    aria-label={`${man} by eye`}
                    onOpenAutoFocus={(e) => {
                        // The first sub-mark, not the box of the guess.
                        e.preventDefault();
                        (e.currentTarget as HTMLElement).querySelector<HTMLElement>('li button')?.focus();
                    }}
                    className="z-30 max-h-[72vh] w-80 overflow-y-auto rounded-md border border-edge bg-paper p-3 shadow-lg"
                >
                    <div className="mb-1 flex items-baseline justify-between text-xs text-soft">
                        <b className="text-sm text-ink">{man}, as a rep is looked at</b>
                        <label className="flex items-center gap-1.5" title="Kept, asked again, and not counted">
                            <input type="checkbox" checked={!certain} onChange={(e) => setCertain(!e.target.checked)} />
                            as a guess
                        </label>
                    </div>
                    <ul className="grid grid-cols-2 gap-x-2">
                        {facts
                            .filter((f) => f.part !== null)
                            .map((f) => (
                                <SubMark
                                    key={f.what}
                                    fact={f}
                                    value={said(f.what)?.value as string | undefined}
                                    guess={said(f.what)?.certain === false}
                                    onSay={(v) => say(f.what, v)}
                                />
                            ))}
                    </ul>
                    <ul className="mt-2 grid grid-cols-2 gap-x-2 gap-y-1 border-t border-faint pt-2">
                        {facts
                            .filter((f) => f.part === null)
                            .map((f) => (
                                <Fact
                                    key={f.what}
                                    fact={f}
                                    value={said(f.what)?.value}
                                    guess={said(f.what)?.certain === false}
                                    onSay={(v) => say(f.what, v)}
                                />
                            ))}
                    </ul>
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}

type SaidProps<T> = { fact: EyeFact; value: T | undefined; guess: boolean; onSay: (value: string | number) => void };

/** Empty, plus, minus, empty. */
function SubMark({ fact, value, guess, onSay }: SaidProps<string>) {
    const next = value === undefined ? 'plus' : value === 'plus' ? 'minus' : '';
    return (
        <li>
            <button
                type="button"
                title={`${fact.part}; ${fact.means}`}
                aria-label={`${fact.what}: ${value ?? 'not seen'}`}
                onClick={() => onSay(next)}
                className={clsx(
                    'flex w-full justify-between border-b border-faint py-[3px] text-left text-[13px]',
                    value === 'plus' && 'font-bold text-open',
                    value === 'minus' && 'font-bold text-ball',
                    guess && 'italic',
                )}
            >
                {fact.what}
                <span>{value === undefined ? '·' : value === 'plus' ? '+' : '−'}</span>
            </button>
        </li>
    );
}

function Fact({ fact, value, guess, onSay }: SaidProps<string | number>) {
    const field = clsx(
        'block w-full rounded border border-edge bg-paper px-1 py-0.5 text-[13px] text-ink',
        guess && 'italic',
    );
    return (
        <li>
            <label className="block text-[11px] text-soft narrow" title={fact.means}>
                {fact.what}
                {fact.unit && !fact.what.includes(fact.unit) ? `, ${fact.unit}` : ''}
                {fact.values ? (
                    <Select value={value ?? ''} onChange={(e) => onSay(e.target.value)} className={field}>
                        <option value="">not seen</option>
                        {fact.values.map((v) => (
                            <option key={v}>{v}</option>
                        ))}
                    </Select>
                ) : (
                    <input
                        type="number"
                        min={0}
                        max={99}
                        step={fact.unit === 'yd' ? 0.5 : 1}
                        value={value ?? ''}
                        placeholder="not seen"
                        onChange={(e) => onSay(e.target.value === '' ? '' : Number(e.target.value))}
                        className={field}
                    />
                )}
            </label>
        </li>
    );
}
