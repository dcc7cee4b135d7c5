import type { CallDocument, Vocabulary } from '../api/types';

/** A small vocabulary, one or two words of each kind. */
export const words: Vocabulary = {
    quarterbacks: ['gun'],
    sets: ['2x2', 'trips'],
    families: ['smash', 'post-dig', 'four verticals'],
    routes: [
        { name: 'post', depthYd: 11, minYd: 4, maxYd: 30 },
        { name: 'corner', depthYd: 10, minYd: 4, maxYd: 30 },
    ],
    fronts: ['4-2 nickel', '3-4'],
    shells: ['cover 2', 'cover 3'],
    modifiers: ['condensed'],
    savedSets: ['ridge'],
    motions: [{ name: 'jet', words: '' }],
    purposes: [],
    roles: ['corners', 'mike'],
    jobs: ['deep half'],
    leverages: ['press'],
    movements: [],
    sides: ['weak'],
    answers: ['bump'],
    techniques: [],
    letters: {},
    cadence: ['down', 'ready', 'set', 'go'],
    flags: [],
    said: {
        call: ['dagger', 'doubles', 'sail'],
        fronts: ['4-2-5'],
        shells: ['palms', 'quarters'],
        look: ['five man pressure'],
    },
    kills: ['box heavy', 'middle open'],
    tricks: ['flicker', 'back pass'],
    protections: [{ name: 'half-slide', words: '' }],
    fakes: ['zone'],
    runs: [{ name: 'triple', words: '' }],
    tags: [{ name: 'tackle arc', words: '' }],
    orders: ['crack'],
    acts: ['insert'],
    phases: ['fake'],
    actions: ['throw'],
    aliases: [{ alias: 'ledge', word: 'post-dig' }],
};

/** A call with two routes. */
export const call = {
    kind: 'jacotaxis.call',
    version: 1,
    quarterback: 'gun',
    set: '2x2',
    side: 'right',
    assignments: [
        { man: 'H', job: 'route', route: 'corner' },
        { man: 'Z', job: 'route', route: 'hitch' },
    ],
    reads: ['H', 'Z'],
} as unknown as CallDocument;
