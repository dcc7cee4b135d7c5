import type { EvidenceRow } from './numberTypes';
import type { Interval } from './types';

export type ScoutIndex = {
    opponents: { name: string; games: number; snaps: number }[];
    /** Parts of a situation, by their name in the API. */
    by: Record<string, string>;
    showings: Record<string, string>;
    /** A share of fewer snaps is told as a count. */
    few: number;
};
export type Habit = {
    by: string;
    name: string;
    showing: string;
    what: string;
    share: Interval;
    else: Interval;
    ids: string[];
};
export type Tell = {
    from: string;
    charted: Record<string, number>;
    enough: boolean;
    told: boolean;
    words: string;
    right: Interval | null;
    byFrequency: number;
    ids: string[];
};
export type ShelfRow = {
    words: string;
    charted: number;
    shown: number;
    share: Interval;
    said: number;
    differs: string | null;
};
export type ScoutPage = {
    opponent: string;
    games: { id: string; title: string; ours: boolean; snaps: number }[];
    snaps: number;
    habits: Habit[];
    tells: Tell[];
    keys: EvidenceRow[];
    shelf: ShelfRow[];
};
export type ShareCell = Interval & { apart: boolean; ids: string[] };
export type ShareTable = {
    columns: string[];
    rows: { name: string; snaps: number; few: boolean; cells: ShareCell[] }[];
    all: ShareCell[];
};
