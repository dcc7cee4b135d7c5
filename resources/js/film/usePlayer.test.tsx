// @vitest-environment happy-dom
import { act, renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Clip } from '../api/types';
import { handMissPx, withPlot } from '../model/filmStore';
import { usePlayer } from './usePlayer';

const clip = (over: object): Clip =>
    ({
        from_s: 0,
        to_s: null,
        sync_s: null,
        video: { fps: 30, widthPx: 1280, heightPx: 720, durationS: 10 },
        ...over,
    }) as unknown as Clip;

describe('the film on the clock of the snap', () => {
    it.each([
        ['the whole file', clip({}), 'wide', 0, 10],
        ['a cut ends where it was cut', clip({ from_s: 3, to_s: 8 }), 'wide', 3, 5],
        ['an angle that began two seconds later ends two later', clip({ sync_s: -2 }), 'tight', -2, 12],
        ['one that began earlier ends earlier', clip({ sync_s: 1.5 }), 'tight', 1.5, 8.5],
        ['a cut of another angle', clip({ from_s: 4, to_s: 9, sync_s: 0.5 }), 'tight', 4.5, 4.5],
        ['the first angle has no clock of its own', clip({ sync_s: 3 }), 'wide', 0, 10],
    ] as const)('%s', (_, film, angle, shift, endS) => {
        const { result } = renderHook(() => usePlayer(film, angle));
        expect([result.current.shift, result.current.durationS]).toEqual([shift, endS]);
        act(() => result.current.seek(100));
        expect(result.current.t).toBeCloseTo(endS - 0.01, 5);
        act(() => result.current.seek(-3));
        expect(result.current.t).toBe(0);
    });

    it('has six seconds to chart on while there is no film', () => {
        const { result } = renderHook(() => usePlayer(null, 'wide'));
        expect([result.current.durationS, result.current.size]).toEqual([6, [640, 360]]);
    });
});

describe('how surely a hand clicks', () => {
    it.each([
        ['in its own size', 1280, 1280, 1.5],
        ['shown at a third', 1920, 640, 4.5],
        ['shown large', 640, 1280, 0.75],
        ['not shown at all', 1920, 0, 200],
    ])('a picture %s', (_, width, shown, missPx) => {
        expect(handMissPx(width, shown)).toBe(missPx);
    });

    it('goes with the man who was clicked, and not with one who was followed', () => {
        const film = { kind: 'jacotaxis.film', version: 1, call: null, look: null } as never;
        const clicked = withPlot(film, 'H', 1, [10, 20], 'wide', { missPx: 4.5 });
        const both = withPlot(clicked, 'H', 2, [12, 20], 'wide', { confidence: 0.9 });
        expect(both.plots!.map((p) => [p.clickPx, p.confidence])).toEqual([
            [4.5, undefined],
            [undefined, 0.9],
        ]);
    });
});
