import type { SavedLook, SheetCell } from '../api/types';
import { isGood } from '../ui/words';

export type Named = { front: string; shell: string; words: string };
export type Order = 'catalogue' | 'weakest' | 'worth' | 'shown';

const RANK = { bound: 2, open: 2, guess: 1, covered: 0 };

/** The better of two cells: good before guess before covered, then the one worth more at its worst. */
export const better = (a: SheetCell, b: SheetCell) =>
    RANK[b.verdict] - RANK[a.verdict] || b.worth.worst.chance - a.worth.worst.chance;

/** How often an opponent has shown a front with a shell. */
export const weightOf = (look: { front: string; shell: string }, shown: SavedLook[]): number =>
    shown
        .filter((s) => s.document.front === look.front && s.document.shell === look.shell)
        .reduce((sum, s) => sum + s.shown, 0);

/** Share of the weights that is good, among those proved; null when nothing weighs. */
export function share(cells: (SheetCell | undefined)[], weights: number[]): number | null {
    let sum = 0;
    let good = 0;
    cells.forEach((c, n) => {
        if (!c) return;
        sum += weights[n];
        good += isGood(c.verdict) ? weights[n] : 0;
    });
    return sum === 0 ? null : good / sum;
}

/** Where a row or a column stands in an order: less comes first. */
export function rank(
    looks: Named[],
    cells: (SheetCell | undefined)[],
    weights: number[],
    order: Order,
    mine: (l: Named) => boolean,
): number {
    if (order === 'catalogue') return 0;
    const mean = (of: (n: number) => number) => {
        const ns = looks.map((_, n) => n).filter((n) => mine(looks[n]));
        return ns.reduce((sum, n) => sum + of(n), 0) / Math.max(1, ns.length);
    };
    if (order === 'shown') return -mean((n) => weights[n]);
    return order === 'worth'
        ? mean((n) => cells[n]?.worth.worst.chance ?? 0)
        : mean((n) => Math.max(-1, Math.min(2, cells[n]?.strength ?? 0)));
}

/** Names in an order, those that stand alike as they were. */
export const sorted = (names: string[], by: (name: string) => number): string[] =>
    names
        .map((name, i) => ({ name, i, by: by(name) }))
        .sort((a, b) => a.by - b.by || a.i - b.i)
        .map((n) => n.name);

/** Where the ball goes in a cell when everybody plays his rule. */
export const ballWords = (cell: SheetCell): string =>
    cell.best ? `${cell.best.man} ${cell.best.route}` : cell.protection === 'free' ? 'rush is free' : 'throw it away';
