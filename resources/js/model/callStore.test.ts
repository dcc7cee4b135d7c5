import { isWanted } from '../api/useProof';
import { beforeEach, describe, expect, it } from 'vitest';
import type { CallDocument } from '../api/types';
import { call } from '../test/samples';
import { acrossFrom, endDrag, startDrag, useBoard, withAssignment, withSpot } from './callStore';

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
