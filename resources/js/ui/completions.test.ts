import { describe, expect, it } from 'vitest';
import { words } from '../test/samples';
import { completions, lookCompletions } from './completions';

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
        ['I right, toss right fli', ['flicker']],
        ['gun led', ['ledge']],
        ['gun 2x2: zone right; ki', ['kill to']],
        ['gun 2x2: zone right; kill to smash if mid', ['middle open']],
        ['gun 2x2: zone right; kill to smash if bo', ['box heavy']],
        ['gun 2x2: Z dag', []],
    ])('%s', (text, found) => expect(completions(text, words)).toEqual(found));
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
