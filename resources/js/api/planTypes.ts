/** The calls of the sheet against an opponent, in the order of the wristband, and those a game begins with. */
export type Plan = { opponent: string; calls: string[]; openers: string[]; version: number };

/** What a call asks of the opponent: what may be seen, in which share of his looks, and the best call then. */
export type Question = {
    asks: string;
    /** Chance of success that is gained by the answer. */
    tells: number;
    answers: {
        words: string;
        share: number;
        looks: number[];
        next: { id: string; name: string; worth: number };
    }[];
};

export type Opening = { id: string; name: string; worth: number; tells: number; questions: Question[] };

export type PlanRow = {
    id: string;
    name: string;
    /** Chance of success by what he shows, with the doubt of the counts. */
    worth: number;
    low: number;
    high: number;
    /** Share of his looks it is good against. */
    good: number;
    /** Looks, by their place, that it is the best call against, and the one that hurts it most. */
    best: number[];
    hurtBy: number;
};

export type Weighed = {
    /** How often each look is expected. */
    shares: number[];
    menu: PlanRow[];
    mix: {
        calls: { id: string; name: string; share: number }[];
        looks: { look: number; expects: 'run' | 'pass'; share: number }[];
        guarantees: number;
        byShares: { id: string; name: string; worth: number } | null;
        gain: number;
    };
    holes: number[];
    closers: { calls: { id: string; name: string; closes: number[] }[]; open: number[] };
    idle: { id: string; name: string; instead: string }[];
};

export type Prompt = {
    trigger: string;
    name: string;
    picture: string;
    state: 'due' | 'one short' | 'begun';
    needs: { words: string; times: number; seen: number; ids: string[] }[];
    then: string[];
    why: string;
    answer: 'taken' | 'off' | 'wrong' | null;
    /** In how many games it was told wrong. */
    wrong: number;
    calls: { id: string; name: string }[];
};

export type Triggers = {
    prompts: Prompt[];
    runs: { family: string; tries: number; average: number; worth: boolean; ids: string[] }[];
    /** The staff's, yards. */
    floor: number;
};

export type Known = {
    snaps: number;
    runs: number;
    /** What gives it most surely: situation, formation, motion, or all of them. */
    by: string;
    points: number;
    low: number;
    high: number;
    habits: { by: string; name: string; runs: number; of: number; points: number; ids: string[] }[];
    halving: { name: string; calls: number; of: number; to: 'run' | 'pass' }[];
};

/** A row of the call sheet: what he showed there on film, and what its calls are proved in. */
export type SheetSituation = {
    id: string;
    name: string;
    snaps: number;
    provedIn: { down: number; toGoYd: number; ballOnYd: number };
    looks: { words: string; shown: number }[];
};
