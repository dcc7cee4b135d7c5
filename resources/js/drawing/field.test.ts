import { describe, expect, it } from 'vitest';
import { capital, error, margin, plain, yardLine } from '../ui/words';
import { scaleFor, scaleForRun } from './scale';

describe('the scale of the field', () => {
    it.each([
        [-26.67, 26.67, 0, 0],
        [-17.8, 35.5, 12.25, 14.5],
        [-35.5, 17.8, -20, -8],
    ])('goes to the picture and back: %d to %d yards', (left, right, xYd, yYd) => {
        const scale = scaleFor(left, right);
        const [x, y] = scale.toYd(scale.x(xYd), scale.y(yYd));
        expect(x).toBeCloseTo(xYd, 9);
        expect(y).toBeCloseTo(yYd, 9);
    });

    it('has downfield up and the offense’s right to the right, a yard as long either way', () => {
        const scale = scaleFor(-26.67, 26.67);
        expect(scale.y(10)).toBeLessThan(scale.y(0));
        expect(scale.x(10)).toBeGreaterThan(scale.x(0));
        expect(scale.x(1) - scale.x(0)).toBeCloseTo(scale.y(0) - scale.y(1), 9);
        expect(scale.width).toBeCloseTo(53.34 * (scale.x(1) - scale.x(0)), 6);
    });

    it.each([
        [-26.67, 26.67, 0, 0],
        [-26.67, 26.67, 7.5, -7],
        [-26.67, 26.67, -18, 0],
        [-17.8, 35.5, 34, 12],
        [-35.5, 17.8, -7.6, 3],
    ])('goes to the picture of a run and back: %d to %d yards', (left, right, xYd, yYd) => {
        const scale = scaleForRun(left, right);
        const [x, y] = scale.toYd(scale.x(xYd), scale.y(yYd));
        expect(x).toBeCloseTo(xYd, 9);
        expect(y).toBeCloseTo(yYd, 9);
    });

    it('draws nine men of a run over most of the width and leaves nobody out', () => {
        const run = scaleForRun(-26.67, 26.67);
        const nine = run.x(4.7) - run.x(-4.7);
        expect(nine).toBeGreaterThan(0.3 * run.width);
        expect(nine).toBeGreaterThan(1.9 * (scaleFor(-26.67, 26.67).x(4.7) - scaleFor(-26.67, 26.67).x(-4.7)));
        expect(run.x(1.17) - run.x(0)).toBeGreaterThan(18);
        expect(run.x(-26.67)).toBeCloseTo(0, 9);
        expect(run.x(26.67)).toBeCloseTo(run.width, 9);
        expect(run.x(8)).toBeGreaterThan(run.x(7.4));
    });
});

describe('numbers as coaches read them', () => {
    it.each([
        [0.346, '+0.35 s'],
        [-0.2, '−0.20 s'],
        [0, '+0.00 s'],
    ])('a margin of %d', (s, words) => expect(margin(s)).toBe(words));

    it.each([
        [0.04, 'yd', '0.0 yd'],
        [-1.26, 'yd', '−1.3 yd'],
        [0.2, 's', '+0.20 s'],
    ])('an error of %d %s', (value, unit, words) => expect(error(value, unit)).toBe(words));

    it.each([
        [12, '12'],
        [5.5, '5.5'],
        [0.1 + 0.2, '0.3'],
    ])('plain %d', (value, words) => expect(plain(value)).toBe(words));

    it.each([
        [40, 'own 40'],
        [50, 'the 50'],
        [88, 'their 12'],
    ])('the yard line %d', (y, words) => expect(yardLine(y)).toBe(words));

    it('capitals', () => {
        expect(capital('bound')).toBe('Bound');
        expect(capital('')).toBe('');
    });
});
