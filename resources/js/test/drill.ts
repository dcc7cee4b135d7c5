import type { Drill } from '../api/drillTypes';

/** A small card, for tests. */
export const drill = (change: Partial<Drill> = {}): Drill => ({
    kind: 'jacotaxis.drill',
    version: 1,
    name: 'gate release',
    group: 'receivers',
    purpose: 'Through the gate',
    minutes: 6,
    contact: false,
    men: [{ letter: 'X', role: 'receiver' }],
    equipment: ['2 cones'],
    cones: [{ xYd: 1, yYd: 2, label: 'gate' }],
    bags: [{ xYd: -1, yYd: 4, label: 'bag' }],
    paths: [
        {
            man: 'X',
            points: [
                { xYd: 0, yYd: 0 },
                { xYd: 0, yYd: 2, foot: 'left', count: 1 },
                { xYd: 1, yYd: 4, foot: 'right', count: 2 },
            ],
        },
    ],
    coach: { xYd: 3, yYd: 1 },
    start: 'ball',
    finish: 'whistle',
    tempo: 'half',
    rotation: 'line',
    cues: ['low', 'through'],
    variants: [],
    faults: [],
    caution: null,
    ...change,
});
