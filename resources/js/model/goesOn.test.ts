import { describe, expect, it } from 'vitest';
import { goesOn, WAITS_S } from './goesOn';

describe('an upload that broke', () => {
    it.each([
        [0, true, 'no answer'],
        [409, true, 'another part is being written'],
        [423, true, 'the upload is locked'],
        [429, true, 'too many at once'],
        [500, true, 'trouble of the server'],
        [503, true, 'the server starts anew'],
        [400, false, 'a request that is none'],
        [403, false, 'not allowed'],
        [404, false, 'the upload is gone'],
        [413, false, 'too large'],
        [507, false, 'no room on the disk'],
    ])('after %i goes on by itself: %s (%s)', (status, does) => expect(goesOn(status)).toBe(does));

    it('waits longer each time, and half an hour in all', () => {
        expect([...WAITS_S].sort((a, b) => a - b)).toEqual(WAITS_S);
        const minutes = WAITS_S.reduce((all, s) => all + s, 0) / 60;
        expect(minutes).toBeGreaterThan(28);
        expect(minutes).toBeLessThan(35);
    });
});
