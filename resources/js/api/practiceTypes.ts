import type { Interval } from './types';

export type PeriodKind = 'individual' | 'group' | 'inside run' | 'seven on seven' | 'team' | 'walk-through';

/** What a kind of period is: whether plays are run in it, and whether it is full contact where nobody says otherwise. */
export type KindOfPeriod = { kind: PeriodKind; hasScript: boolean; hasDrills: boolean; contact: boolean };

export type Hash = 'left' | 'middle' | 'right';

export type ScriptRow = { call: string; look: string | null; hash: Hash };

export type Period = {
    kind: PeriodKind;
    minutes: number;
    contact: boolean;
    where: string;
    emphasis: string;
    script: ScriptRow[];
    /** Names of drill cards; older periods have none. */
    drills?: string[];
};

export type RunDay = 'zone' | 'gap' | 'any';

export type Practice = {
    id: string;
    /** Year, month, day. */
    held_on: string;
    title: string;
    opponent: string;
    /** Hours and minutes. */
    starts_at: string;
    periods: Period[];
    /** Which family an inside run takes that day. */
    runs: RunDay;
    version: number;
};

export type CallReps = {
    call: string;
    name: string;
    planned: number;
    given: number;
    /** Mental errors on it on last week's film. */
    busts: number;
    /** Triggers of our last game that call for it. */
    due: number;
    needed: number;
    ready: boolean;
    short: number;
};

export type PracticeAnswer = {
    practice: Practice;
    minutes: number;
    contactMinutes: number;
    week: { contactMinutes: number; over: boolean; caution: string };
    kinds: KindOfPeriod[];
    reps: CallReps[];
};

/** What a call that is new this week asks of the men. */
export type InstallCost = {
    call: string;
    name: string;
    new: { man: string; task: string }[];
    /** Who has done it all before. */
    same: string[];
    /** Fronts where somebody's job is another one, or somebody is left over. */
    talks: { front: string; men: string[]; left: string[] }[];
};

/** The practice after this one; `calls` are those that stand in a script of the week for the first time. */
export type NextDay = {
    id: string;
    held_on: string;
    title: string;
    runs: RunDay;
    minutes: number;
    contactMinutes: number;
    calls: string[];
};

export type WeekInstall = { known: number; calls: InstallCost[]; next: NextDay | null };

export type PracticeRow = Pick<Practice, 'id' | 'held_on' | 'title' | 'opponent' | 'version'> & {
    minutes: number;
    contactMinutes: number;
};

/** A drill the faults on the latest film ask for. */
export type ProposedDrill = { drill: string; group: string; minutes: number; times: number; why: string };

/** What became of a fault in games after its drill was given. */
export type DrillEffect = {
    drill: string;
    since: string;
    times: number;
    before: Interval;
    after: Interval;
    said: string;
    isWithoutEffect: boolean;
};

export type DrillWork = {
    proposed: ProposedDrill[];
    /** Names of the drills that fit, period by period. */
    fitting: string[][];
    effects: DrillEffect[];
};
