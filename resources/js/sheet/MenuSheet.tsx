import { Link } from '@tanstack/react-router';
import { clsx } from 'clsx';
import { useMemo, useState } from 'react';
import type { MenuRow, SavedLook } from '../api/types';
import type { Situation } from '../api/useProof';
import { Fork } from '../ui/Fork';
import { chance } from '../ui/words';
import { Filling } from './Filling';
import { useMenus } from './useSheet';
import { ballWords, better } from './weigh';

type Props = { shown: SavedLook[]; opponent: string; situation: Situation; named: boolean };

/** Every saved call against each look of an opponent: the best call of each look first named, then the whole table. */
export function MenuSheet({ shown, opponent, situation, named }: Props) {
    const words = useMemo(() => shown.map((l) => l.words), [shown]);
    const { rows, ...filling } = useMenus(words, situation, named);
    const [by, setBy] = useState<string | null>(null);
    const first = rows[words.find((w) => rows[w]) ?? ''] ?? [];
    const cellOf = (look: string, id: string) => rows[look]?.find((r) => r.id === id)?.cell;
    const total = shown.reduce((sum, l) => sum + l.shown, 0);
    const worth = (id: string) =>
        shown.reduce((sum, l) => {
            const cell = cellOf(l.words, id);
            return sum + (cell?.worth.byRule.chance ?? 0) * l.shown;
        }, 0) / Math.max(1, total);
    const calls = [...first].sort((a, b) => {
        const [one, two] = by ? [cellOf(by, a.id), cellOf(by, b.id)] : [];
        return one && two ? better(one, two) : worth(b.id) - worth(a.id);
    });
    const best = (look: string): MenuRow | undefined =>
        [...(rows[look] ?? [])].sort((a, b) => better(a.cell, b.cell))[0];

    if (shown.length === 0)
        return (
            <p className="p-6 text-soft">
                No look of an opponent is saved yet. Save one on the board or under Looks, and the menu is proved
                against it.
            </p>
        );
    return (
        <div className="px-5 py-2">
            <div className="no-print mb-1 flex items-center gap-3 text-[12px] text-soft narrow">
                <span>
                    {by ? `Ordered against ${by}` : `Ordered by the chance of success against what ${opponent} shows`}
                    {by && (
                        <button type="button" className="ml-2 font-bold text-ball" onClick={() => setBy(null)}>
                            all looks
                        </button>
                    )}
                </span>
                <span className="flex-1" />
                <Filling {...filling} looks={filling.done} />
            </div>
            <table className="w-full border-collapse text-left">
                <thead>
                    <tr>
                        <th className="w-36" />
                        <th className="label px-1 pb-1 align-bottom">Worth</th>
                        {shown.map((l) => (
                            <th key={l.id} scope="col" className="px-1 pb-1 align-bottom">
                                <button
                                    type="button"
                                    onClick={() => setBy(by === l.words ? null : l.words)}
                                    aria-pressed={by === l.words}
                                    title="Order the calls by this look"
                                    className={clsx(
                                        'text-left text-[12px] leading-tight font-semibold narrow hover:text-ink',
                                        by === l.words ? 'text-ink underline' : 'text-soft',
                                    )}
                                >
                                    {l.words}
                                    <span className="block font-normal">shown {l.shown}</span>
                                </button>
                            </th>
                        ))}
                    </tr>
                    <tr className="border-y border-edge bg-card">
                        <th scope="row" className="px-2 py-1.5 text-[13px]">
                            Call this
                        </th>
                        <td />
                        {shown.map((l) => {
                            const call = best(l.words);
                            return (
                                <td key={l.id} className="px-1 py-1 text-[12px] leading-tight narrow">
                                    {call && (
                                        <Link
                                            to="/board"
                                            search={{ call: call.id, look: l.words }}
                                            className="font-bold text-ball"
                                        >
                                            {call.name}
                                            <span className="block font-normal text-soft">
                                                {chance(call.cell.worth.byRule.chance)},{' '}
                                                {chance(call.cell.worth.worst.chance)} at worst
                                            </span>
                                        </Link>
                                    )}
                                </td>
                            );
                        })}
                    </tr>
                </thead>
                <tbody>
                    {calls.map((c) => (
                        <tr key={c.id} className="border-b border-faint">
                            <th scope="row" className="px-2 py-1 text-[13px] font-semibold" title={c.words}>
                                {c.name}
                            </th>
                            <td className="px-1 text-[13px] font-bold">{chance(worth(c.id))}</td>
                            {shown.map((l) => {
                                const cell = cellOf(l.words, c.id);
                                return (
                                    <td key={l.id} className="px-1 py-1">
                                        {cell && (
                                            <Link
                                                to="/board"
                                                search={{ call: c.id, look: l.words }}
                                                className="flex items-center gap-1 rounded hover:bg-card"
                                            >
                                                <span className="sr-only">{`${c.name} against ${l.words}: ${cell.verdict}`}</span>
                                                <Fork verdict={cell.verdict} size={15} />
                                                <span className="text-[12px] leading-tight narrow">
                                                    <b>{chance(cell.worth.byRule.chance)}</b>
                                                    <span className="block text-[11px] text-soft">
                                                        {ballWords(cell)}
                                                    </span>
                                                </span>
                                            </Link>
                                        )}
                                    </td>
                                );
                            })}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
