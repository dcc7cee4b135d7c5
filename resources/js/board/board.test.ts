import { beforeEach, describe, expect, it } from 'vitest';
import type { CallDocument, Vocabulary } from '../api/types';
import { completions } from '../set/completions';
import { endDrag, startDrag, useBoard, withAssignment, withSpot } from './store';

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
        ['gun 2x2: Z po', ['post']],
        ['gun 2x2: smash right; R check co', ['corner']],
        ['gun 2x2: smash right', []],
        ['gun 2x2: ', []],
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
