import { describe, expect, it } from 'vitest';
import type { Stage } from '../api/types';
import { snapped } from './snap';

describe('landmarks', () => {
    const stage = {
        landmarks: {
            widths: [
                { name: 'hash', xYd: 8 },
                { name: 'top of the numbers', xYd: 18 },
                { name: 'stacked on Z', xYd: 18.2 },
            ],
            depths: [
                { name: 'on the line', yYd: -0.5 },
                { name: 'off the line', yYd: -1.5 },
            ],
        },
    } as unknown as Stage;
    it.each([
        ['H', 8.3, -1.4, 8, -1.5, 'hash, off the line'],
        ['H', 10, -1.5, 10, -1.5, 'off the line'],
        ['H', 10, -3, 10, -3, ''],
        ['H', 18.15, -0.4, 18.2, -0.5, 'stacked on Z, on the line'],
        ['Z', 18.15, -0.4, 18, -0.5, 'top of the numbers, on the line'],
    ])('pulls %s at %d, %d to its place', (man, x, y, xYd, yYd, name) => {
        expect(snapped(stage, man, x, y)).toEqual({ xYd, yYd, name });
    });
});
