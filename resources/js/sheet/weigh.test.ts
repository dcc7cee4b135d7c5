import { describe, expect, it } from 'vitest';
import type { SavedLook, SheetCell } from '../api/types';
import { ballWords, better, rank, share, sorted, weightOf, type Named } from './weigh';

const worth = (chance: number) => ({ byRule: { chance, yards: 5 }, worst: { chance, yards: 1 } });
const cell = (verdict: string, strength: number, chance = 0.5) =>
    ({ verdict, strength, worth: worth(chance) }) as SheetCell;
const look = (front: string, shell: string): Named => ({ front, shell, words: `${front}, ${shell}` });
const shown = (front: string, shell: string, times: number) =>
    ({ document: { front, shell }, shown: times }) as unknown as SavedLook;

const looks = [look('3-4', 'cover 2'), look('3-4', 'cover 3'), look('bear', 'cover 2'), look('bear', 'cover 3')];
const cells = [cell('bound', 0.4), cell('guess', 0.1), cell('covered', -0.3), undefined];

describe('what an opponent has shown', () => {
    it('adds up looks of one front and shell, whatever was changed in them', () => {
        const shelf = [shown('3-4', 'cover 2', 3), shown('3-4', 'cover 2', 2), shown('bear', 'cover 2', 9)];
        expect(weightOf(looks[0], shelf)).toBe(5);
        expect(weightOf(looks[3], shelf)).toBe(0);
    });

    it.each([
        ['of what is proved', cells, [6, 3, 1, 90], 0.6],
        ['nothing weighs', cells, [0, 0, 0, 5], null],
        ['nothing is proved', [undefined], [4], null],
    ])('gives the good share: %s', (_, some, weights, expected) => expect(share(some, weights)).toBe(expected));
});

describe('orders', () => {
    it.each([
        [cell('bound', 0.2), cell('guess', 0.9), true],
        [cell('open', 0.2), cell('guess', 0.9, 0.9), true],
        [cell('bound', 0.9, 0.4), cell('open', 0.2, 0.6), false],
        [cell('guess', -0.1), cell('covered', 0.4), true],
    ])('puts the better cell first', (a, b, first) => expect(better(a, b) < 0).toBe(first));

    it('sorts fronts by their mean strength or by what was shown, and leaves ties as they were', () => {
        const by = (order: 'catalogue' | 'weakest' | 'shown', weights: number[]) =>
            sorted(['3-4', 'bear'], (f) => rank(looks, cells, weights, order, (l) => l.front === f));
        expect(by('catalogue', [0, 0, 0, 0])).toEqual(['3-4', 'bear']);
        expect(by('weakest', [0, 0, 0, 0])).toEqual(['bear', '3-4']);
        expect(by('shown', [1, 0, 4, 0])).toEqual(['bear', '3-4']);
        expect(by('shown', [1, 0, 1, 0])).toEqual(['3-4', 'bear']);
    });
});

describe('the ball of a cell', () => {
    const best = { man: 'R', route: 'left B gap', action: 'give', margin: 0.3, gain: 5 };
    it.each([
        ['who has it and where it goes', { best, protection: 'protected' }, 'R left B gap'],
        ['nobody, because the rush is there', { best: null, protection: 'free' }, 'rush is free'],
        ['nobody at all', { best: null, protection: 'protected' }, 'throw it away'],
    ])('says %s', (_, made, words) => {
        expect(ballWords({ ...cell('covered', -1), ...made } as SheetCell)).toBe(words);
    });
});
