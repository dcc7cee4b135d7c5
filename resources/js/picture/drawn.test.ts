import { describe, expect, it } from 'vitest';
import type { Drawn, Place } from '../api/types';
import { following, lineAt, passed, placeAt } from './drawn';

const drawn = (atS: number, untilS: number, id = 'a'): Drawn => ({
    id,
    kind: 'line',
    word: null,
    closed: false,
    atS,
    untilS,
    onField: true,
    frames: [0, 0.1, 0.2]
        .map((d) => ({ atS: atS + d, line: [[atS + d, 0]] as [number, number][] }))
        .filter((f) => f.atS <= untilS + 1e-9),
});

describe('a drawing on a film that runs', () => {
    it.each([
        ['before its moment', 1.8, null],
        ['a picture before it', 1.95, 2],
        ['on it', 2, 2],
        ['as it was laid last', 2.14, 2.1],
        ['at its end', 2.2, 2.2],
        ['after it', 2.4, null],
    ])('lies %s where it belongs', (_, t, at) => {
        const line = lineAt(drawn(2, 2.2), t);
        if (at === null) expect(line).toBeNull();
        else expect(line![0][0]).toBeCloseTo(at, 6);
    });

    it('that could not be placed stands on its own moment alone', () => {
        const still = drawn(2, 2);
        expect([lineAt(still, 2.05) !== null, lineAt(still, 2.1)]).toEqual([true, null]);
    });

    it.each([
        ['runs over the first', 0.9, 1.1, 'a'],
        ['runs over the second', 1.9, 2.0, 'b'],
        ['stands on one and goes on', 1.0, 1.1, undefined],
        ['runs over none', 1.2, 1.3, undefined],
    ])('holds when it %s', (_, from, to, id) => {
        expect(passed([drawn(1, 3, 'a'), drawn(2, 4, 'b')], from, to)?.id).toBe(id);
    });
});

describe('a man on a film that runs', () => {
    const place = (atS: number, xPx: number, more: Partial<Place> = {}): Place => ({
        atS,
        xPx,
        yPx: 200,
        rxPx: 9,
        ryPx: 4,
        tallPx: 36,
        ...more,
    });
    const his = [place(1, 300), place(1.1, 320), place(1.2, 330)];

    it.each([
        ['before his first place', 0.9, null],
        ['on it', 1, 300],
        ['half way to the next', 1.05, 310],
        ['on the last', 1.2, 330],
        ['after it', 1.3, null],
    ])('stands %s where he was', (_, t, x) => {
        expect(placeAt(his, t)?.xPx ?? null).toBe(x);
    });

    it('has no place where he was never plotted', () => {
        expect(placeAt([], 1)).toBeNull();
    });

    it.each([
        ['a small man is enlarged most', place(1, 320, { tallPx: 20 }), 4, 'translate(-150.00%, '],
        ['a man who fills the picture is not', place(1, 320, { tallPx: 300 }), 1, 'translate(0.00%, 0.00%)'],
        ['one at the left edge stays at the edge', place(1, 10), 4, 'translate(0.00%, '],
        ['one at the right edge too', place(1, 630), 4, 'translate(-300.00%, '],
    ])('%s', (_, at, scale, moved) => {
        const follow = following(at, 640, 360);
        expect(follow.scale).toBeCloseTo(scale, 6);
        expect(follow.transform).toContain(moved);
    });
});
