import type { Clip, Interval, Reel } from './types';

export type Filter = Record<string, string | number | boolean | (string | number | boolean)[]>;
export type TallyRow = {
    name: string;
    tries: number;
    average: number | null;
    success: Interval;
    explosive: number;
    negative: number;
    throws: number;
    complete: number;
    drops: number;
    touchdowns: number;
    outS: number | null;
    outOf: number;
    fouls: number;
    ids: string[];
    /** Ids of the snaps each number counts. */
    of: Record<string, string[]>;
};
export type GroupsAnswer = { by: Record<string, string>; all: Omit<TallyRow, 'name'>; rows: TallyRow[] };
export type DecisionTable = {
    rows: { value: string; done: string; read: Interval; result: Interval; average: number | null }[];
    read: Interval;
    result: Interval;
};
export type Leaning = {
    by: string;
    name: string;
    leans: string;
    share: number;
    of: number;
    low: number;
    ids: string[];
};
export type ModelRow = {
    opponent: string;
    n: number;
    predictedYd: number;
    measuredYd: number;
    offYd: number;
    agree: number;
    ids: string[];
};
export type Pair = { kind: string; what: string; a: string; b: string; why: string };
export type EvidenceRow = {
    topic: string;
    of: string;
    name: string;
    share: Interval;
    success: Interval;
    average: number | null;
    ids: string[];
};
export type Cutup = { id: string; name: string; filter: Filter; shared: boolean; user_id: string; version: number };
export type ListedSnap = {
    id: string;
    reel_id: string;
    place: number;
    number: number | null;
    down: number | null;
    to_go_yd: number | null;
    call: string | null;
    front: string | null;
    shell: string | null;
    choice: string | null;
    decision: string | null;
    result: string | null;
    gain_yd: number | null;
    snap_s: number | null;
    reel: Pick<Reel, 'id' | 'title' | 'week' | 'opponent' | 'kind'>;
    clips: Pick<Clip, 'id' | 'angle' | 'from_s' | 'to_s'>[];
};
