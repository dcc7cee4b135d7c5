import { describe, expect, it } from 'vitest';
import { drill } from '../test/drill';
import { frameOf, yards } from './frame';
import { along, placed, type Box } from './labels';

const meet = (a: Box, b: Box) => Math.abs(a.x - b.x) < a.w + b.w && Math.abs(a.y - b.y) < a.h + b.h;

describe('the field of a drill', () => {
    it('holds all of it with a margin, and is no narrower than it is long', () => {
        const f = frameOf(drill({ cones: [{ xYd: 2, yYd: 20, label: '' }] }));
        expect(f.top).toBeCloseTo(21.6);
        expect(f.bottom).toBeCloseTo(-1.6);
        expect(f.right - f.left).toBeCloseTo(f.top - f.bottom);
    });

    it('is eight yards at least', () => {
        const small = drill({
            cones: [],
            bags: [],
            coach: { xYd: 0, yYd: 0 },
            paths: [{ man: 'X', points: [{ xYd: 0, yYd: 0 }] }],
        });
        const f = frameOf(small);
        expect([f.left, f.right, f.bottom, f.top]).toEqual([-4, 4, -4, 4]);
    });

    it.each([
        [-1.5, 2.2, [-1, 0, 1, 2]],
        [0, 3, [0, 1, 2, 3]],
        [0.2, 0.8, []],
    ])('draws the whole yards from %d to %d', (from, to, lines) => expect(yards(from, to)).toEqual(lines));
});

describe('what is written on it', () => {
    it('stands to the right where nothing is', () => {
        expect(placed([{ at: [5, 5], text: 'gate' }], [], 1)[0].anchor).toBe('start');
    });

    it('goes to the left of a wall, and away from a line', () => {
        const wall = along(
            [
                [6, 0],
                [6, 10],
            ],
            1,
        );
        expect(placed([{ at: [5, 5], text: 'gate' }], wall, 1)[0].anchor).toBe('end');
    });

    it('does not lie on another label of the same place', () => {
        const places = placed(
            [
                { at: [5, 5], text: 'one' },
                { at: [5, 5], text: 'two' },
                { at: [5.2, 5], text: 'three' },
            ],
            [],
            1,
        );
        const boxes = places.map((p, n): Box => {
            const w = ([3, 3, 5][n] * 0.58) / 2;
            const shift = { start: w, middle: 0, end: -w }[p.anchor];
            return { x: p.x + shift, y: p.y - 0.32, w, h: 0.45 };
        });
        expect(meet(boxes[0], boxes[1]) || meet(boxes[0], boxes[2]) || meet(boxes[1], boxes[2])).toBe(false);
    });
});
