import { isWanted } from './useProof';
import { beforeEach, describe, expect, it } from 'vitest';
import type { CallDocument, LookDocument, Stage, Vocabulary } from '../api/types';
import { changing, restored } from '../look/lookStore';
import { completions, lookCompletions } from '../set/completions';
import { snapped } from '../field/snap';
import { acrossFrom, endDrag, startDrag, useBoard, withAssignment, withSpot } from './store';

const words: Vocabulary = {
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

const call = {
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

describe('completions', () => {
    it.each([
        ['gun tr', ['trips']],
        ['gun 2x2: sm', ['smash']],
        ['gun 2x2: post-', ['post-dig']],
        ['double-slot: tri', ['triple']],
        ['double-slot: triple right; ta', ['tag tackle arc']],
        ['gun 2x2: Z po', ['post']],
        ['gun 2x2: smash right; R check co', ['corner']],
        ['gun 2x2: smash right', []],
        ['gun 2x2: ', []],
        ['gun 2x2: dag', ['dagger']],
        ['gun doub', ['doubles']],
        ['gun 2x2: Z dag', []],
    ])('%s', (text, found) => expect(completions(text, words)).toEqual(found));
});

describe('the drawing', () => {
    beforeEach(() => {
        useBoard.getState().fresh(call, 'Smash');
        useBoard.temporal.getState().clear();
    });

    it('changes one man and leaves the others', () => {
        const deeper = withAssignment(call, 'H', { depthYd: 12 });
        expect(deeper.assignments[0].depthYd).toBe(12);
        expect(deeper.assignments[1]).toBe(call.assignments[1]);
        expect(call.assignments[0].depthYd).toBeUndefined();
    });

    it('keeps one spot a man', () => {
        const moved = withSpot(withSpot(call, 'H', 8, -1.5), 'H', 7, -1.5);
        expect(moved.spots).toEqual([{ man: 'H', xYd: 7, yYd: -1.5 }]);
    });

    it('knows a call that was said over a saved one, until it is opened, saved or undone', () => {
        useBoard.getState().say(call, 'gun 2x2: flood');
        expect(useBoard.getState().saidOver).toBeNull();
        useBoard.getState().open({ id: 'a', name: 'Smash', version: 1, document: call });
        useBoard.getState().draw(withSpot(call, 'H', 7, -1.5));
        expect(useBoard.getState().saidOver).toBeNull();
        useBoard.getState().say({ ...call }, 'gun 2x2: flood');
        expect(useBoard.getState().saidOver).toBe('gun 2x2: flood');
        useBoard.temporal.getState().undo();
        expect(useBoard.getState().saidOver).toBeNull();
        useBoard.temporal.getState().redo();
        useBoard.getState().open({ id: 'b', name: 'Flood', version: 1, document: call });
        expect(useBoard.getState().saidOver).toBeNull();
    });

    it('undoes a whole drag in one step', () => {
        startDrag();
        for (const depthYd of [10.5, 11, 11.5, 12])
            useBoard.getState().draw(withAssignment(useBoard.getState().document!, 'H', { depthYd }));
        endDrag();
        expect(useBoard.getState().document!.assignments[0].depthYd).toBe(12);
        useBoard.temporal.getState().undo();
        expect(useBoard.getState().document).toBe(call);
        useBoard.temporal.getState().redo();
        expect(useBoard.getState().document!.assignments[0].depthYd).toBe(12);
    });

    it('leaves no step behind when a drag moved nothing', () => {
        startDrag();
        endDrag();
        expect(useBoard.temporal.getState().pastStates).toHaveLength(0);
    });
});

describe('landmarks', () => {
    const stage = {
        landmarks: {
            widths: [
                { name: 'hash', xYd: 8 },
                { name: 'top of the numbers', xYd: 18 },
                { name: 'stacked on Z', xYd: 18.2 },
            ],
            depths: [
                { name: 'on the line', yYd: -0.5 },
                { name: 'off the line', yYd: -1.5 },
            ],
        },
    } as unknown as Stage;
    it.each([
        ['H', 8.3, -1.4, 8, -1.5, 'hash, off the line'],
        ['H', 10, -1.5, 10, -1.5, 'off the line'],
        ['H', 10, -3, 10, -3, ''],
        ['H', 18.15, -0.4, 18.2, -0.5, 'stacked on Z, on the line'],
        ['Z', 18.15, -0.4, 18, -0.5, 'top of the numbers, on the line'],
    ])('pulls %s at %d, %d to its place', (man, x, y, xYd, yYd, name) => {
        expect(snapped(stage, man, x, y)).toEqual({ xYd, yYd, name });
    });
});

describe('a look changed by hand', () => {
    const look: LookDocument = { kind: 'jacotaxis.look', version: 1, front: '4-2 nickel', shell: 'cover 3' };
    it('adds to what is changed of a man already, and takes it back', () => {
        const once = changing(look, 'mike', { walked: true });
        const twice = changing(once, 'mike', { reactionS: 0.4 });
        expect(twice.changes).toEqual([{ defender: 'mike', walked: true, reactionS: 0.4 }]);
        expect(restored(changing(twice, 'will', { walked: true }), 'mike').changes).toEqual([
            { defender: 'will', walked: true },
        ]);
        expect(look.changes).toBeUndefined();
    });
});

describe('words of a look', () => {
    it.each([
        ['4-', ['4-2 nickel', '4-2-5']],
        ['pal', ['palms']],
        ['4-2 nickel, qu', ['quarters']],
        ['4-2 nickel, cover 3, five', ['five rush', 'five man pressure']],
        ['4-2 nickel, cover', ['cover 2', 'cover 3']],
        ['4-2 nickel, cover 3, corn', ['corners press', 'corners blitz', 'corners plays', 'corners plays deep half']],
        ['4-2 nickel, cover 3, safety r', ['safety rotates weak']],
        ['4-2 nickel, cover 3, ', []],
    ])('completes "%s"', (text, options) => {
        expect(lookCompletions(text, words)).toEqual(options);
    });
    it.each([
        ['gun rid', ['ridge']],
        ['gun 2x2, H j', ['jet']],
        ['gun 2x2, H jet left on re', ['ready']],
    ])('completes "%s" in the call line', (text, options) => {
        expect(completions(text, words)).toEqual(options);
    });
});

describe('both sides', () => {
    const four = {
        ...call,
        assignments: [
            { man: 'X', job: 'route', route: 'go', flag: 'clear' },
            { man: 'Y', job: 'block', blocks: 'pass' },
            { man: 'H', job: 'route', route: 'corner', depthYd: 12 },
            { man: 'Z', job: 'route', route: 'hitch' },
        ],
        reads: ['H'],
    } as unknown as CallDocument;
    const receivers = { left: ['X', 'Y'], right: ['Z', 'H'] } as unknown as Parameters<typeof acrossFrom>[1];
    const of = (d: CallDocument, man: string) => d.assignments.find((a) => a.man === man);

    it.each([
        ['Z', 'X'],
        ['Y', 'H'],
        ['R', undefined],
    ])('finds the man across from %s', (man, across) => expect(acrossFrom(man, receivers)).toBe(across));

    it('gives the man across the same, turned over', () => {
        const d = withAssignment(four, 'H', { route: 'out', side: 'right', depthYd: 6 }, receivers);
        expect(of(d, 'H')).toEqual({ man: 'H', job: 'route', route: 'out', side: 'right', depthYd: 6 });
        expect(of(d, 'Y')).toEqual({ man: 'Y', job: 'route', route: 'out', side: 'left', depthYd: 6 });
    });

    it('leaves the other side alone when one side is drawn, and a new route is read', () => {
        const d = withAssignment(four, 'Z', { route: 'dig', depthYd: 12 });
        expect(of(d, 'X')).toEqual(of(four, 'X'));
        expect(d.reads).toEqual(['H', 'Z']);
        expect(withAssignment(d, 'Z', { flag: 'clear' }).reads).toEqual(['H']);
    });

    it('keeps what was said of a man when only a part changes', () =>
        expect(of(withAssignment(four, 'H', { finish: 'settling' }), 'H')).toEqual({
            man: 'H',
            job: 'route',
            route: 'corner',
            depthYd: 12,
            finish: 'settling',
        }));
});

describe('an answer that comes late', () => {
    it.each([
        ['nothing else waits', 'cover 2', null, true],
        ['the same look waits with a new drawing', 'cover 2', { look: 'cover 2' }, true],
        ['another look waits: it was left', 'cover 3', { look: 'cover 2' }, false],
    ])('%s', (_, look, waits, shown) => {
        expect(isWanted(look, waits)).toBe(shown);
    });
});
