import type { FilmDocument } from './types';

/* What the film room, the grades and the roster get from the API. */

export type Grade = {
    id: string;
    clip_id: string;
    man: string;
    mark: number;
    asked: string;
    done: string;
    decision: string | null;
    reason: string;
    faults: string[];
    version: number;
    updated_at: string;
};
export type Clip = {
    id: string;
    title: string;
    reel: string;
    week: number;
    mime: string;
    document: FilmDocument;
    version: number;
    grades: Grade[];
    grades_count?: number;
};
export type MeasureRow = {
    man: string;
    measure: string;
    unit: string;
    planned: number | null;
    done: number;
    error: number | null;
    sd: number;
};
export type Decision = {
    defender: string | null;
    choice: string | null;
    rightRead: string | null;
    decision: string | null;
    why: string;
};
export type Planned = {
    man: string;
    number: number | null;
    breakAt: number;
    depthYd: number;
    slot: [number, number] | null;
    route: string;
};
export type Measured = {
    plots: { id: string; man: string; atS: number; xYd: number; yYd: number; sdYd: number }[];
    assignments: MeasureRow[];
    faults: { man: string; fault: string; label: string; error: number; unit: string }[];
    decision: Decision;
    planned: Planned[];
    keys: string[];
    defenders: string[];
    labels: Record<string, string[]>;
    proposed: Record<string, string[]>;
};
export type Overlay = {
    marks: Record<string, number>;
    lines?: [number, number][][];
    doubt?: { xPx: number; yPx: number; inches: number }[];
    residualPx?: number;
};
export type Player = {
    id: string;
    name: string;
    letter: string;
    number: number;
    depth: number;
    forty_s: number | null;
    stride_yd: number | null;
    throws: 'left' | 'right';
    flags: string[] | null;
    version: number;
    grades_count?: number;
};
export type PlayerPage = {
    player: Player;
    assignments: { call: string; words: string; job: string }[];
    grades: (Grade & { clip: { id: string; title: string; week: number; reel: string } })[];
};
