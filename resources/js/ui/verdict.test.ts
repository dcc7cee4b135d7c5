import { describe, expect, it } from 'vitest';
import { wins } from './outcome';
import { chance, chances, isGood, marginOr } from './words';

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

    it.each([
        [0.58, 0.51, '51–58 %'],
        [0.564, 0.561, '56 %'],
        [0.4, 0.44, '40–44 %'],
        [0, 0, '0 %'],
    ])('tells chances of %s by rule and %s at worst as %s', (byRule, worst, told) =>
        expect(chances({ byRule: { chance: byRule }, worst: { chance: worst } })).toBe(told),
    );

    it('leaves the unit out where the heading has it', () =>
        expect(chances({ byRule: { chance: 0.5 }, worst: { chance: 0.4 } }, '')).toBe('40–50'));

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
