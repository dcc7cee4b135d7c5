import { describe, expect, it } from 'vitest';
import type { FilmDocument } from '../api/types';
import { error, margin, yardLine } from '../ui/words';
import { withMark, withoutMark, withPlot, withPoint, withPoints } from './filmStore';

const film: FilmDocument = { kind: 'jacotaxis.film', version: 1, call: 'gun 2x2: smash', look: '4-2 nickel, cover 2' };
const point = (mark: string) => ({ xPx: 1, yPx: 2, fieldXYd: 3, fieldYYd: 4, mark });

describe('a worked clip', () => {
    it('has each mark once, a break once a man, in the order of the clock', () => {
        const d = [
            ['break', 3, 'H'],
            ['snap', 1],
            ['break', 2.4, 'Z'],
            ['snap', 1.1],
        ].reduce((doc, [kind, at, man]) => withMark(doc, kind as 'snap', at as number, man as string), film);
        expect(d.marks!.map((m) => [m.kind, m.atS, m.man])).toEqual([
            ['snap', 1.1, undefined],
            ['break', 2.4, 'Z'],
            ['break', 3, 'H'],
        ]);
        expect(withoutMark(d, 0).marks).toHaveLength(2);
    });

    it('replaces a plot of the same man at the same moment', () => {
        const d = withPlot(withPlot(withPlot(film, 'H', 3, 10, 10), 'H', 3.05, 12, 11), 'H', 3.5, 20, 20);
        expect(d.plots!.map((p) => p.xPx)).toEqual([12, 20]);
    });

    it('collects field marks and takes them back', () => {
        const d = withPoint(withPoint(withPoint(film, 1, point('a')), 2, point('b')), 3, point('a'));
        expect(d.calibrations).toHaveLength(1);
        expect(d.calibrations![0].points.map((p) => p.mark)).toEqual(['b', 'a']);
        expect(withPoints(d, []).calibrations).toEqual([]);
    });
});

describe('numbers in words', () => {
    it('gives margins a sign and a unit', () => expect([margin(0.5), margin(-0.123)]).toEqual(['+0.50 s', '−0.12 s']));
    it('gives nothing a sign that rounds to nothing', () =>
        expect([error(-0.04, 'yd'), error(5.04, 'yd'), error(-0.31, 's')]).toEqual(['0.0 yd', '+5.0 yd', '−0.31 s']));
    it('names yard lines as coaches do', () =>
        expect([yardLine(35), yardLine(50), yardLine(65)]).toEqual(['own 35', 'the 50', 'their 35']));
});
