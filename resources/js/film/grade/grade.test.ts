import { describe, expect, it } from 'vitest';
import type { Remark } from '../../api/types';
import { query } from '../../numbers/query';
import { capital, error } from '../../ui/words';
import { remarked } from './Remarks';
import { remarkOf } from './useGrading';

const NONE: Remark = { correction: '', caveat: '', certain: true, hard: false, caused_by: null, charged_to: null };

describe('a remark', () => {
    it.each<[string, Partial<Remark>, boolean]>([
        ['nothing said', {}, false],
        ['what to do instead', { correction: 'plant at 9' }, true],
        ['what it leaves open', { caveat: 'hidden' }, true],
        ['a guess', { certain: false }, true],
        ['a hard job', { hard: true }, true],
        ['caused by another', { caused_by: 'H' }, true],
        ['not his', { charged_to: 'staff' }, true],
    ])('%s', (_, said, is) => expect(remarked({ ...NONE, ...said })).toBe(is));

    it('is taken from a grade without the rest of it', () =>
        expect(remarkOf({ ...NONE, caveat: 'x', mark: 1, faults: [] } as unknown as Remark)).toEqual({
            ...NONE,
            caveat: 'x',
        }));
});

describe('words', () => {
    it.each([
        ['right corner', 'Right corner'],
        ['', ''],
        ['X', 'X'],
    ])('%s begins with a capital', (from, to) => expect(capital(from)).toBe(to));
    it.each<[number, string, string]>([
        [5, 'yd', '+5.0 yd'],
        [-0.25, 's', '−0.25 s'],
        [0, 'yd', '0.0 yd'],
    ])('an error of %s %s', (by, unit, says) => expect(error(by, unit)).toBe(says));
});

describe('a filter as a query', () => {
    it.each<[Parameters<typeof query>[0], string]>([
        [{}, ''],
        [{ kind: 'game', ours: true }, 'filter[kind]=game&filter[ours]=true'],
        [{ down: [3, 4] }, 'filter[down][]=3&filter[down][]=4'],
        [{ call: 'zone right, rpo: Y slant & go' }, 'filter[call]=zone%20right%2C%20rpo%3A%20Y%20slant%20%26%20go'],
    ])('%j', (filter, says) => expect(query(filter)).toBe(says));
});
