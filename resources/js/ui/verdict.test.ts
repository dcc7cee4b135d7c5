import { describe, expect, it } from 'vitest';
import { wins } from './outcome';
import { chance, isGood, marginOr } from './words';

describe('verdict words', () => {
    it.each([
        ['bound', true],
        ['open', true],
        ['guess', false],
        ['covered', false],
    ])('%s is good: %s', (verdict, good) => expect(isGood(verdict)).toBe(good));

    it.each([
        [0.456, '46 %'],
        [0, '0 %'],
        [1, '100 %'],
    ])('tells a chance of %s as %s', (share, told) => expect(chance(share)).toBe(told));

    it('says why there is no number instead of a placeholder', () => {
        expect(marginOr(null, 'no throw')).toBe('no throw');
        expect(marginOr(-0.5, 'no throw')).toBe('−0.50 s');
    });

    it.each([
        ['throw', 0.15, true],
        ['throw', 0.14, false],
        ['throw', null, false],
        ['give', 0, true],
        ['throwaway', 0.4, false],
    ])('%s with %s s to spare wins: %s', (action, margin, won) =>
        expect(wins({ action, margin } as Parameters<typeof wins>[0])).toBe(won),
    );
});
