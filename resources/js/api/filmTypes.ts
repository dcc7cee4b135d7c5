import type { FilmDocument, Grade } from './types';

/* What the film room gets from the API. */

export type Angle = 'wide' | 'tight';
export type Clip = {
    id: string;
    reel_id: string;
    snap_id: string | null;
    angle: Angle;
    name: string;
    status: 'waiting' | 'working' | 'ready' | 'refused' | 'broken';
    reason: string;
    video: { fps: number; widthPx: number; heightPx: number; durationS: number } | null;
    from_s: number;
    to_s: number | null;
    sync_s: number | null;
    version: number;
};
export type Reel = {
    id: string;
    title: string;
    kind: string;
    opponent: string;
    ours: boolean;
    week: number;
    played_on: string | null;
    version: number;
    snaps_count?: number;
    clips_count?: number;
    open_questions?: number | null;
};
export type StripSnap = {
    id: string;
    reel_id: string;
    place: number;
    number: number | null;
    down: number | null;
    to_go_yd: number | null;
    ball_on_yd: number | null;
    call: string | null;
    family: string | null;
    front: string | null;
    shell: string | null;
    choice: string | null;
    decision: string | null;
    result: string | null;
    gain_yd: number | null;
    touchdown: boolean;
    nullified: boolean;
    open_questions: number | null;
    grades_count: number;
    version: number;
    clips: { id: string; angle: Angle }[];
};
export type ReelPage = Reel & { snaps: StripSnap[]; loose: Clip[] };
export type Question = {
    id: string;
    text: string;
    kind: 'call' | 'look' | 'man' | 'mark' | 'guess' | 'owner';
    about: string | null;
    atS: number | null;
};
export type Snap = {
    id: string;
    reel_id: string;
    place: number;
    number: number | null;
    document: FilmDocument;
    version: number;
    grades: Grade[];
    clips: Clip[];
    reel: Reel;
    questions: Question[];
    /** What the snap before did to this one. */
    before: string | null;
    /** What this one made of the next. */
    after: string | null;
};
export type MeasureRow = {
    man: string;
    measure: string;
    unit: string;
    planned: number | null;
    done: number;
    error: number | null;
    sd: number;
    byEye: boolean;
};
export type Decision = {
    defender: string | null;
    choice: string | null;
    rightRead: string | null;
    decision: string | null;
    why: string;
    right: string | null;
    done: string | null;
    lucky: boolean;
    byEye: boolean;
    evidence: { what: string; value: number | string; unit: string }[];
    alsoRight: string[];
    choices: Record<string, string>;
};
export type Planned = {
    man: string;
    number: number | null;
    breakAt: number;
    depthYd: number;
    slot: [number, number] | null;
    route: string;
    called: string | null;
};
export type Proposed = {
    man: string;
    asked: string;
    done: string;
    marks: Record<string, number | null>;
    mark: number | null;
    faults: string[];
    reason: string;
    target: string | null;
};
export type FaultKey = { key: number; id: string; label: string; praise: boolean };
export type DoneTrack = {
    from: number;
    to: number;
    plots: number;
    route: { route: string; depthYd: number; offYd: number } | null;
    brokeAt: number | null;
    line: [number, number][];
};
export type Measured = {
    plots: { id: string; man: string; atS: number; angle: Angle; xYd: number; yYd: number; sdYd: number }[];
    refused: Record<string, string>;
    disagreements: { man: string; atS: number; apartYd: number; why: string }[];
    assignments: MeasureRow[];
    faults: { man: string; fault: string; label: string; measure: string; error: number; unit: string }[];
    decision: Decision;
    blame: { owner: string; man: string | null; why: string; counts: boolean } | null;
    proposals: Proposed[];
    planned: Planned[];
    tracks: Record<string, DoneTrack>;
    verdict: string | null;
    keys: string[];
    choices: { defender: string; name: string }[];
    actions: string[];
    defenders: string[];
    labels: Record<string, FaultKey[]>;
    /** Position group of each man. */
    groups: Record<string, string>;
    /** The order in which the snap is looked at. */
    review: ReviewStep[];
};
/** A step of the review: what is said, and what of the film is shown; without an end the picture is frozen. */
export type ReviewStep = {
    id: string;
    title: string;
    says: string[];
    angle: Angle | null;
    fromS: number | null;
    toS: number | null;
    rate: number;
};
export type Overlay = {
    marks: Record<string, number>;
    lines?: [number, number][][];
    doubt?: { xPx: number; yPx: number; inches: number }[];
    residualPx?: number;
};
export type PlanLine = {
    man: string;
    kind: string;
    line: [number, number][];
    now: [number, number] | null;
    breakPx: [number, number] | null;
};
export type View = {
    atS: number;
    why?: string;
    followed?: boolean;
    driftPx?: number;
    lines?: [number, number][][];
    doubt?: { xPx: number; yPx: number; inches: number }[];
    plan?: PlanLine[];
};
type FilmDrawing = NonNullable<FilmDocument['drawings']>[number];
export type DrawingKind = FilmDrawing['kind'];
/** Where a drawing lies on the picture from its moment on, pixels and seconds. */
export type Drawn = {
    id: string;
    kind: DrawingKind;
    word: string | null;
    closed: boolean;
    atS: number;
    untilS: number;
    onField: boolean;
    frames: { atS: number; line: [number, number][] }[];
};
/** Where a man is on a picture: his feet, half the ring round them, and how tall he is; pixels. */
export type Place = { atS: number; xPx: number; yPx: number; rxPx: number; ryPx: number; tallPx: number };
/** What was drawn on a clip, and where the man asked for is; its clock is nought at shiftS of the file. */
export type ClipDrawings = {
    widthPx: number;
    heightPx: number;
    shiftS: number;
    drawings: Drawn[];
    places: Place[];
};
/** A sub-mark (plus or minus, with the part of the grade it belongs to) or a fact with answers or a unit. */
export type EyeFact = {
    what: NonNullable<FilmDocument['seen']>[number]['what'];
    part: string | null;
    values: string[] | null;
    unit: string | null;
    means: string;
};
export type Charting = {
    grammar: [string, string][];
    results: { word: string; letter: string; moves: boolean }[];
    marks: { kind: string; perMan: boolean; counted: boolean; seen: string }[];
    library: { id: string; label: string; groups: string[]; praise: boolean }[];
    /** Whose a grade may be instead of his, and what happened then. */
    owners: Record<string, string>;
    /** What can be said of a man by eye, by his group, in the order a rep is looked at. */
    byEye: Record<string, EyeFact[]>;
};
export type Prediction = {
    chart: NonNullable<FilmDocument['chart']>;
    situation: NonNullable<FilmDocument['situation']>;
    place: string;
    calls: string[];
    looks: string[];
    asked: {
        before: string;
        this: string;
        number: number;
        id: string;
        text: string;
        ways: { words: string; snap: 'before' | 'this'; field: string; value: number }[];
    }[];
};
export type Entry = {
    document: FilmDocument;
    assumed: string[];
    choices: { defender: string; name: string }[];
    place: string;
};
