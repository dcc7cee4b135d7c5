import { describe, expect, it } from 'vitest';
import type { StripSnap } from '../api/filmTypes';
import { clock, goesTo, withCut, withoutLast } from './cuts';

const cuts = [
    { fromS: 3, toS: 9 },
    { fromS: 40, toS: 47.5 },
];

const snap = (id: string, ...angles: string[]) =>
    ({ id, clips: angles.map((angle) => ({ id, angle })) }) as unknown as StripSnap;

describe('cutting a film', () => {
    it('keeps the snaps in the order of the film', () => {
        expect(withCut(cuts, 20.004, 26).cuts.map((c) => c.fromS)).toEqual([3, 20, 40]);
        expect(withCut(cuts, 9, 12).problem).toBe('');
    });

    it.each([
        ['a snap of a moment', 12, 12.3, 'half a second'],
        ['an end before its start', 12, 11, 'half a second'],
        ['a start in another snap', 8.9, 12, '3.0 s to 9.0 s'],
        ['an end in another snap', 36, 41, '40.0 s to 47.5 s'],
        ['around another snap', 1, 12, '3.0 s to 9.0 s'],
    ])('refuses %s', (_, from, to, says) => {
        const made = withCut(cuts, from, to);
        expect(made.cuts).toBe(cuts);
        expect(made.problem).toContain(says);
    });

    it.each([
        [50, [3]],
        [41, [3]],
        [20, [40]],
        [1, [40]],
    ])('takes the last snap before %s s off', (at, left) => {
        expect(withoutLast(cuts, at).map((c) => c.fromS)).toEqual(left);
    });

    it('takes nothing off where nothing is', () => expect(withoutLast([], 4)).toEqual([]));

    it('puts them onto what is charted and has no film of that angle, then onto new snaps', () => {
        const charted = [snap('a', 'wide'), snap('b'), snap('c', 'tight'), snap('d', 'wide', 'tight')];
        const three = [...cuts, { fromS: 60, toS: 66 }];
        expect(goesTo(three, charted, 'wide', true).map((s) => s?.id)).toEqual(['b', 'c', undefined]);
        expect(goesTo(three, charted, 'tight', true).map((s) => s?.id)).toEqual(['a', 'b', undefined]);
        expect(goesTo(three, charted, 'wide', false)).toEqual([null, null, null]);
    });

    it.each([
        [0, '0.0 s'],
        [59.94, '59.9 s'],
        [59.96, '1:00.0'],
        [67.5, '1:07.5'],
        [3605.02, '60:05.0'],
    ])('says %s s as %s', (s, says) => expect(clock(s)).toBe(says));
});
