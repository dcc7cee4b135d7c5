import { describe, expect, it } from 'vitest';
import { starts } from './clock';

describe('the clock of a practice', () => {
    it.each([
        ['none', '15:30', [], []],
        ['one', '15:30', [20], ['15:30']],
        ['several', '15:30', [12, 18, 5], ['15:30', '15:42', '16:00']],
        ['early', '6:05', [55, 10], ['6:05', '7:00']],
        ['past midnight', '23:50', [15, 5], ['23:50', '0:05']],
    ])('says when each of %s begins', (_, at, minutes, said) => {
        expect(
            starts(
                at,
                minutes.map((m) => ({ minutes: m })),
            ),
        ).toEqual(said);
    });
});
