import type { Frames, Stage } from './types';

export type RepKind = 'key' | 'ball' | 'coverage' | 'job' | 'call' | 'legal';

/** A question as it is asked; what is right comes with the answer. */
export type RepQuestion = {
    id: string;
    kind: RepKind;
    /** Null where he has to name it, and so its words. */
    call: string | null;
    words: string | null;
    /** Null where he has to name it. */
    look: string | null;
    asks: string;
    choices: { value: string; label: string }[];
    /** In which an answer is ready to be played, seconds. */
    allowedS: number;
    /** When the play stops for the answer, seconds after the snap; null where it stands still. */
    freezeS: number | null;
};

export type RepDay = {
    player: { id: string; name: string; letter: string; number: number };
    questions: RepQuestion[];
    answered: number;
    right: number;
};

/** What is right of a question, and why, with the names that were hidden. */
export type RepTold = {
    /** Values of what is right. */
    answers: string[];
    said: string;
    why: string;
    call: string;
    look: string;
};

export type RepPicture = { stage: Stage; frames: Frames | null; told: RepTold };

export type RepAnswered = RepTold & {
    right: boolean;
    /** Whether it was kept: what somebody of the staff tries is not. */
    kept: boolean;
    /** The day on which it is asked again. */
    comesOn: string | null;
    /** It waits on this phone for the network. */
    waits?: boolean;
};

export type RepCount = { asked: number; right: number };

export type RepStanding = {
    days: number;
    men: {
        id: string;
        name: string;
        letter: string;
        number: number;
        onDays: number;
        kinds: ({ kind: RepKind; words: string } & RepCount)[];
    }[];
    calls: ({ call: string } & RepCount)[];
};
