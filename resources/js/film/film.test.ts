import { describe, expect, it } from 'vitest';
import type { FilmDocument } from '../api/types';
import { error, margin, yardLine } from '../ui/words';
import {
    calibrationAt,
    withChart,
    withMark,
    withMoves,
    withoutFollowed,
    withoutMark,
    nextToPlot,
    withDrawing,
    withoutDrawing,
    withPlot,
    withPoint,
    withPoints,
    withSeen,
} from '../model/filmStore';

const film: FilmDocument = { kind: 'jacotaxis.film', version: 1, call: 'gun 2x2: smash', look: '4-2 nickel, cover 2' };
const point = (mark: string) => ({ xPx: 1, yPx: 2, fieldXYd: 3, fieldYYd: 4, mark });
const once = { kind: 'snap', perMan: false, counted: false };
const each = { kind: 'break', perMan: true, counted: false };
const counted = { kind: 'inside contact', perMan: true, counted: true };
const move = (fromS: number, toS: number) => ({
    fromS,
    toS,
    h: [1, 0, 0, 0, 1, 0, 0, 0, 1] as [number, number, number, number, number, number, number, number, number],
    inliers: 9,
    missPx: 0.2,
});

describe('a worked snap', () => {
    it('has each mark once, a break once a man, in the order of the clock', () => {
        let d = withMark(film, each, 3, 'H');
        d = withMark(d, once, 1);
        d = withMark(d, each, 2.4, 'Z');
        d = withMark(d, once, 1.1);
        expect(d.marks!.map((m) => [m.kind, m.atS, m.man])).toEqual([
            ['snap', 1.1, undefined],
            ['break', 2.4, 'Z'],
            ['break', 3, 'H'],
        ]);
        expect(withoutMark(d, 0).marks).toHaveLength(2);
    });

    it('counts contacts of a man in the order they came', () => {
        let d = withMark(film, counted, 1.6, 'H');
        d = withMark(d, counted, 1.3, 'H');
        d = withMark(d, counted, 1.4, 'Z');
        expect(d.marks!.map((m) => [m.man, m.n])).toEqual([
            ['H', 1],
            ['Z', 1],
            ['H', 2],
        ]);
    });

    it('replaces a plot of the same man, moment and angle', () => {
        let d = withPlot(film, 'H', 3, [10, 10]);
        d = withPlot(d, 'H', 3.03, [12, 11]);
        d = withPlot(d, 'H', 3.03, [50, 51], 'tight');
        d = withPlot(d, 'H', 3.5, [20, 20], 'wide', { confidence: 0.8 });
        expect(d.plots!.map((p) => p.xPx)).toEqual([12, 50, 20]);
        expect(withoutFollowed(d, 'H', 'wide', 3).plots!.map((p) => p.xPx)).toEqual([12, 50]);
    });

    it('keeps a calibration for each moment and angle', () => {
        let d = withPoint(film, 1, point('a'));
        d = withPoint(d, 1.01, point('b'));
        d = withPoint(d, 3, point('a'));
        d = withPoint(d, 1, point('a'), 'tight');
        expect(d.calibrations!.map((c) => [c.angle ?? 'wide', c.atS, c.points.length])).toEqual([
            ['wide', 1, 2],
            ['tight', 1, 1],
            ['wide', 3, 1],
        ]);
        expect(calibrationAt(d, 3)?.points[0].mark).toBe('a');
        expect(withPoints(d, 1, []).calibrations).toHaveLength(2);
    });

    it('puts a followed movement in place of the one before', () => {
        let d = withMoves(film, 'wide', [move(0, 0.1), move(0.1, 0.2), move(0.2, 0.3)]);
        d = withMoves(d, 'wide', [move(0.1, 0.2)]);
        expect(d.moves!.map((m) => m.fromS)).toEqual([0, 0.1, 0.2]);
    });

    it('says a thing by eye once, and takes it back', () => {
        const d = withSeen(withSeen(film, 'right corner', 'choice', 'sit', false), 'right corner', 'choice', 'sink');
        expect(d.seen).toEqual([{ man: 'right corner', what: 'choice', value: 'sink' }]);
        expect(withSeen(d, 'right corner', 'choice', '').seen).toEqual([]);
    });

    it('charts a field and clears it', () => {
        const d = withChart(film, { result: 'run', gainYd: 4 }, { down: 2 });
        expect(withChart(d, { gainYd: undefined }).chart).toEqual({ result: 'run' });
        expect(d.situation).toEqual({ down: 2 });
    });
});

describe('the next man to plot', () => {
    const men = ['Q', 'R', 'X', 'mike'];
    const plotted = (...names: string[]) => names.reduce((d, man) => withPlot(d, man, 1, [10, 10]), film);

    it.each([
        ['the one after him', ['Q'], 'Q', 1, 'R'],
        ['the first who has no place here', ['Q', 'R'], 'Q', 1, 'X'],
        ['from the last to the first', ['mike'], 'mike', 1, 'Q'],
        ['himself when everybody has one', men, 'X', 1, 'X'],
        ['nobody counts who is plotted on another picture', ['Q', 'R'], 'Q', 2, 'R'],
    ])('is %s', (_, names, man, atS, next) => {
        expect(nextToPlot(plotted(...names), men, man, atS)).toBe(next);
    });

    it('counts the places of one angle', () => {
        expect(nextToPlot(plotted('Q', 'R'), men, 'Q', 1, 'tight')).toBe('R');
    });
});

describe('drawings', () => {
    const points = [
        [10.04, 20],
        [30, 40],
    ];

    it('are kept one by one and taken away by name', () => {
        const one = withDrawing(film, { kind: 'arrow', atS: 1.23456, points });
        const two = withDrawing(one, { kind: 'arrow', atS: 1.23456, points, angle: 'tight' });
        expect(two.drawings!.map((d) => [d.atS, d.points[0], d.angle])).toEqual([
            [1.2346, [10, 20], undefined],
            [1.2346, [10, 20], 'tight'],
        ]);
        expect(new Set(two.drawings!.map((d) => d.id)).size).toBe(2);
        expect(withoutDrawing(two, one.drawings![0].id).drawings).toEqual([two.drawings![1]]);
    });

    it('never share a name, also after one was taken away', () => {
        const two = [1, 1].reduce((d, atS) => withDrawing(d, { kind: 'ring', atS, points }), film);
        const again = withDrawing(withoutDrawing(two, two.drawings![0].id), { kind: 'ring', atS: 1, points });
        expect(new Set(again.drawings!.map((d) => d.id)).size).toBe(2);
    });
});

describe('numbers in words', () => {
    it('gives margins a sign and a unit', () => expect([margin(0.5), margin(-0.123)]).toEqual(['+0.50 s', '−0.12 s']));
    it('gives nothing a sign that rounds to nothing', () =>
        expect([error(-0.04, 'yd'), error(5.04, 'yd'), error(-0.31, 's')]).toEqual(['0.0 yd', '+5.0 yd', '−0.31 s']));
    it('names yard lines as coaches do', () =>
        expect([yardLine(35), yardLine(50), yardLine(65)]).toEqual(['own 35', 'the 50', 'their 35']));
});
