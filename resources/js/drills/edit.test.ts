import { describe, expect, it } from 'vitest';
import type { Drill } from '../api/drillTypes';
import { drill } from '../test/drill';
import { moved, onFoot, placeOf, withBag, withCone, withMan, without, withStep, type Target } from './edit';

const step = (n: number): Target & { kind: 'step' } => ({ kind: 'step', path: 0, n });

describe('drawing a drill', () => {
    it.each<[string, Target]>([
        ['a cone', { kind: 'cone', n: 0 }],
        ['a bag', { kind: 'bag', n: 0 }],
        ['the coach', { kind: 'coach', n: 0 }],
        ['a step', step(1)],
    ])('puts %s elsewhere, to the tenth of a yard, and leaves the rest', (_, at) => {
        const next = moved(drill(), at, 2.345, -1.05);
        expect(placeOf(next, at)).toMatchObject({ xYd: 2.3, yYd: -1 });
        const back = moved(next, at, placeOf(drill(), at).xYd, placeOf(drill(), at).yYd);
        expect(back).toEqual(drill());
    });

    it('puts what is new beside everything that stands there', () => {
        expect(withCone(drill()).cones.at(-1)).toEqual({ xYd: 5, yYd: 0, label: '' });
        expect(withBag(drill()).bags.at(-1)).toEqual({ xYd: 5, yYd: 0, label: 'bag' });
        const two = withMan(drill());
        expect(two.men.at(-1)).toEqual({ letter: 'D', role: 'partner' });
        expect(two.paths.at(-1)?.points[1]).toEqual({ xYd: 5, yYd: 5 });
        expect(withMan(two).men.map((m) => m.letter)).toEqual(['X', 'D', 'Q']);
    });

    it('puts a step between two, and after the last one two yards on', () => {
        expect(withStep(drill(), step(1)).paths[0].points[2]).toEqual({ xYd: 0.5, yYd: 3 });
        expect(withStep(drill(), step(2)).paths[0].points.at(-1)).toEqual({ xYd: 1, yYd: 6 });
    });

    it('counts the feet anew', () => {
        const counts = (d: Drill) => d.paths[0].points.map((p) => p.count ?? null);
        expect(counts(onFoot(drill(), step(1), null))).toEqual([null, null, 1]);
        expect(counts(onFoot(onFoot(drill(), step(1), null), step(1), 'right'))).toEqual([null, 1, 2]);
        expect(counts(without(drill(), step(1)))).toEqual([null, 1]);
    });

    it('takes out what is held, a man with his last step, and never the last path or the coach', () => {
        expect(without(drill(), { kind: 'cone', n: 0 }).cones).toEqual([]);
        expect(without(drill(), { kind: 'bag', n: 0 }).bags).toEqual([]);
        expect(without(drill(), { kind: 'coach', n: 0 })).toEqual(drill());
        const two = withMan(drill());
        const one = without(without(two, { kind: 'step', path: 1, n: 1 }), { kind: 'step', path: 1, n: 0 });
        expect(one.men).toEqual(drill().men);
        const bare = without(without(drill(), step(2)), step(1));
        expect(without(bare, step(0))).toEqual(bare);
    });
});
