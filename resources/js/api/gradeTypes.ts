import type { Clip, Reel } from './filmTypes';

/* What the grades, the numbers and the roster get from the API. */

/** What is said of a grade beyond the mark. */
export type Remark = {
    correction: string;
    caveat: string;
    certain: boolean;
    hard: boolean;
    caused_by: string | null;
    charged_to: string | null;
};
export type Grade = Remark & {
    id: string;
    snap_id: string;
    man: string;
    mark: number;
    marks: Record<string, number | null> | null;
    bust: boolean;
    impact: boolean;
    asked: string;
    done: string;
    decision: string | null;
    reason: string;
    faults: string[];
    counts: boolean;
    not_counted: string | null;
    version: number;
    updated_at: string;
};
export type Interval = { hits: number; of: number; share: number | null; low: number; high: number; ids?: string[] };
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
export type Played = Grade & {
    snap: {
        id: string;
        number: number;
        call: string | null;
        result: string | null;
        gain_yd: number | null;
        snapAt: number;
        reel: Pick<Reel, 'id' | 'title' | 'week' | 'kind' | 'played_on'>;
        clips: Pick<Clip, 'id' | 'angle' | 'from_s' | 'to_s'>[];
    };
};
export type PlayerPage = {
    player: Player;
    assignments: { call: string; words: string; job: string }[];
    grades: Played[];
    trend: {
        weeks: {
            week: number;
            snaps: number;
            interval: Interval;
            percent: number | null;
            weightedPercent: number | null;
            earned: number;
            possible: number;
            won: boolean | null;
        }[];
        says: string;
    };
    scale: string;
    winning: number;
    faults: {
        id: string;
        label: string;
        times: number;
        praise: boolean;
        wanted: string;
        drill: string | null;
        ids: string[];
    }[];
    byAssignment: { asked: string; interval: Interval; ids: string[] }[];
    repeats: { fault: string; label: string; times: number; state: string; text: string; ids: string[] }[];
    labels: Record<string, string>;
    watch: { snap: string; why: string }[];
    /** What he did that made or cost another man the play. */
    led: { snap: string; number: number; reel: string; title: string; for: string; helped: boolean; does: string }[];
};
