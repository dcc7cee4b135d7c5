import type { Assignment, BookDocument, CallDocument, FormationDocument, LookDocument, ProofReport } from './schema';

export type {
    Assignment,
    BookDocument,
    BookFamily,
    PressRow,
    ReadState,
    CallDocument,
    CallMotion,
    DefenderChange,
    FilmDocument,
    FindingRow,
    Fix,
    FormationDocument,
    KeyRow,
    LookDocument,
    MotionRow,
    OutcomeRow,
    ProofReport,
    ReadRow,
} from './schema';

export type Session = { id: string; name: string; role: string; staff: boolean; playerId: string | null };

export type SketchLine = { man: string; read: number | null; points: [number, number][] };
export type SavedCall = {
    id: string;
    name: string;
    words: string;
    document: CallDocument;
    version: number;
    sketch?: SketchLine[];
};
export type SavedLook = {
    id: string;
    name: string;
    words: string;
    document: LookDocument;
    opponent: string;
    shown: number;
    version: number;
};

export type XY = { xYd: number; yYd: number };
export type SavedFormation = {
    id: string;
    name: string;
    words: string;
    document: FormationDocument;
    version: number;
    men: (XY & { letter: string })[];
};
export type StageMan = XY & {
    letter: string;
    onLine: boolean;
    number: number | null;
    lineman: boolean;
    startXYd: number;
    startYYd: number;
};
export type Landmarks = { widths: { name: string; xYd: number }[]; depths: { name: string; yYd: number }[] };
export type StageDefender = XY & {
    letter: string;
    role: string;
    job: string;
    group: string;
    technique: string | null;
    over: string | null;
    cushionYd: number | null;
    leverage: 'inside' | 'outside' | null;
    shownXYd: number;
    shownYYd: number;
    takes: string | null;
    rushes: boolean;
    movement: string | null;
    reactionS: number | null;
};
export type StageRoute = {
    man: string;
    name: string;
    depthYd: number;
    minYd: number;
    maxYd: number;
    called: string | null;
    ghosts: { words: string; line: [number, number][] }[];
    read: number | null;
    flag: string | null;
    settles: boolean;
    line: [number, number][];
    break: XY & { atS: number };
};
export type StageBlock = {
    man: string;
    verb: string;
    target: string | null;
    makeable: boolean | null;
    line: [number, number][];
};
export type StageTrack = {
    action: string;
    man: string;
    where: string;
    fromS: number;
    line: [number, number][];
    rule: boolean;
};
export type Stage = {
    field: {
        left: number;
        right: number;
        hashes: [number, number];
        numbers: [number, number][];
        ballOnYd: number;
        toGoYd: number;
    };
    men: StageMan[];
    landmarks: Landmarks;
    defenders: StageDefender[];
    routes: StageRoute[];
    /** A line to a bar for every block of a run, and the ways the ball may go. */
    blocks: StageBlock[];
    tracks: StageTrack[];
    launch: [number, number];
    look: string;
    lookDocument: LookDocument;
};
export type Frames = {
    step: number;
    men: string[];
    defenders: string[];
    at: number[][];
    ball: [number, number, number][];
};
export type ProofAnswer = { report: ProofReport; stage: Stage; frames?: Frames };
/** What a key does, and with two keys what the second does. */
export type Act = { defender: string; name: string; index?: number; and?: { defender: string; name: string } };
export type SheetCell = {
    front: string;
    shell: string;
    look: string;
    verdict: ProofReport['verdict'];
    /** Seconds; null where no ball is thrown or carried. */
    strength: number | null;
    worth: ProofReport['worth'];
    protection: ProofReport['protection'];
    key: string | null;
    best: { man: string; route: string; action: string; margin: number; gain: number } | null;
    /** Of a run: whether its rules hold against the front, with which tag, and what fails. */
    run?: {
        valid: 'valid' | 'valid with a tag' | 'not valid';
        tag: string | null;
        failed: string | null;
        man: string | null;
        unaccounted: string[];
    };
};
/** `pass`: a pass or a screen, to a defense that guesses; else a run or an option. */
export type MenuRow = { id: string; name: string; words: string; pass: boolean; cell: SheetCell };
/** How far a break may stray while the bind holds, yards, by man. */
export type Bands = Record<string, { fromYd: number; toYd: number }>;
export type Beats = {
    change: {
        defender: string;
        /** The man he trades jobs with, when it takes two. */
        with: string | null;
        name: string;
        costYd: number;
        why: string;
        xYd: number;
        yYd: number;
        /** Seconds the call has left against the change; null when it covers the call. */
        leftS: number | null;
        /** The look with the change, when it is one before the snap. */
        look: LookDocument | null;
    } | null;
    punishing: {
        id: string;
        name: string;
        man: string;
        route: string;
        margin: number;
        verdict: string;
        chance: number;
    }[];
};
export type Suggestion = {
    words: string;
    verdict: ProofReport['verdict'];
    strength: number;
    /** Chance of success at the worst, 0 to 1. */
    chance: number;
    document: CallDocument;
};
export type PressureRow = {
    pressure: string;
    rushers: number;
    protectors: number;
    free: string | null;
    side: string | null;
    arrivalAt: number | null;
    hot: string | null;
    protection: ProofReport['protection'];
};
export type NamedRoute = { assignment: Partial<Assignment>; offYd: number };
export type StaffBook = {
    book: BookDocument;
    version: number;
    /** What of the book could not be read, and why; the rest works. */
    leftOut: string[];
    questions: {
        id: string;
        question: string;
        schools: Record<string, string>;
        default: string | null;
        why: string;
        changes: string;
    }[];
    open: {
        id: string;
        what: string;
        holds: string;
        decides: string;
        default: number | null;
        least: number;
        most: number;
    }[];
    families: { name: string; definition: string }[];
};
export type BookClashes = {
    adds: string[];
    clashes: { path: string; mine: string; theirs: string }[];
    same: number;
};

export type Vocabulary = {
    quarterbacks: string[];
    sets: string[];
    families: string[];
    routes: { name: string; depthYd: number; minYd: number; maxYd: number }[];
    protections: { name: string; words: string }[];
    fakes: string[];
    runs: { name: string; words: string }[];
    tags: { name: string; words: string }[];
    orders: string[];
    acts: string[];
    phases: string[];
    actions: string[];
    aliases: { alias: string; word: string }[];
    fronts: string[];
    shells: string[];
    modifiers: string[];
    savedSets: string[];
    motions: { name: string; words: string }[];
    purposes: string[];
    roles: string[];
    jobs: string[];
    leverages: string[];
    movements: { name: string; words: string }[];
    sides: string[];
    answers: string[];
    techniques: string[];
    letters: Record<string, string>;
    cadence: string[];
    flags: string[];
    /** What the trade says besides the language's own words. */
    said: { call: string[]; fronts: string[]; shells: string[]; look: string[] };
    /** What a quarterback with two calls looks at. */
    kills: string[];
    /** What comes back out of a run that is shown. */
    tricks: string[];
};
/** What a table of a staff's words would bring. */
export type WordList = {
    entries: { alias: string; word: string }[];
    problems: { row: number; text: string }[];
    same: number;
};
export type Recognised = {
    front: string;
    side: string;
    offYd: number;
    techniques: { technique: string; side: string; on: string | null; xYd: number; offYd: number }[];
    shells: { shell: string; likely: number; offYd: number; why: string[] }[];
    look: string;
};
export type StaffWords = {
    letters: Record<string, string>;
    groups: Record<string, string> | null;
    school: string;
    cadence: { words: string[]; beatS: number; soundS: number };
    version: number;
};

export type DrawnMan = XY & { letter: string; onLine: boolean; lineman: boolean };
export type DrawnDefender = XY & {
    letter: string;
    role: string;
    technique: string | null;
    rushes: boolean;
    job: string;
};
export type Pictures = {
    formation: string;
    field: { left: number; right: number };
    men: DrawnMan[];
    looks: {
        words: string;
        notes: string[];
        defenders: DrawnDefender[];
        picture: Pick<
            ProofReport['picture'],
            | 'middle'
            | 'middleAfterSnap'
            | 'box'
            | 'boxBlockers'
            | 'boxWords'
            | 'support'
            | 'outside'
            | 'covered'
            | 'gaps'
            | 'point'
        >;
    }[];
};

export type * from './filmTypes';
export type * from './gradeTypes';
