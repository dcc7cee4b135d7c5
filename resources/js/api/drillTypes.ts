import type { DrillDocument } from './schema';

export type Drill = DrillDocument;

export type DrillPath = Drill['paths'][number];

export type DrillRow = {
    /** Null where it is a card that ships and the staff has none of its name. */
    id: string | null;
    version: number | null;
    /** Whether a card of this name ships. */
    ships: boolean;
    document: Drill;
    /** In the other direction, the feet swapped. */
    mirrored: Drill;
    cures: { id: string; label: string; wanted: string }[];
    runsYd: { man: string; yards: number }[];
};
