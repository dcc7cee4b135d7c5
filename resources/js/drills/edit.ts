import type { Drill } from '../api/drillTypes';

/** Something on the field that can be taken hold of. */
export type Target =
    | { kind: 'cone'; n: number }
    | { kind: 'bag'; n: number }
    | { kind: 'coach'; n: number }
    | { kind: 'step'; path: number; n: number };

const LETTERS = ['X', 'D', 'Q', 'R', 'H', 'Y', 'Z', 'B', 'S', 'F', 'G', 'T', 'E', 'K'];

/** Yards to the tenth: nobody sets a cone closer. */
export const tenth = (yd: number) => Math.round(yd * 10) / 10;

const swap = <T>(list: T[], n: number, made: (old: T) => T) => list.map((old, m) => (m === n ? made(old) : old));

export const same = (a: Target | null, b: Target | null) => JSON.stringify(a) === JSON.stringify(b);

/** The drill with one thing put elsewhere. */
export function moved(drill: Drill, at: Target, xYd: number, yYd: number): Drill {
    const to = { xYd: tenth(xYd), yYd: tenth(yYd) };
    if (at.kind === 'coach') return { ...drill, coach: { ...drill.coach, ...to } };
    if (at.kind === 'cone') return { ...drill, cones: swap(drill.cones, at.n, (c) => ({ ...c, ...to })) };
    if (at.kind === 'bag') return { ...drill, bags: swap(drill.bags, at.n, (b) => ({ ...b, ...to })) };
    return withPoints(drill, at.path, (points) => swap(points, at.n, (p) => ({ ...p, ...to })));
}

type Points = Drill['paths'][number]['points'];

function withPoints(drill: Drill, path: number, made: (points: Points) => Points): Drill {
    return { ...drill, paths: swap(drill.paths, path, (p) => ({ ...p, points: counted(made(p.points)) })) };
}

/** The steps that name a foot are counted in their order. */
function counted(points: Points): Points {
    let n = 0;
    return points.map(({ xYd, yYd, foot }) => (foot ? { xYd, yYd, foot, count: ++n } : { xYd, yYd }));
}

export function placeOf(drill: Drill, at: Target): { xYd: number; yYd: number } {
    if (at.kind === 'coach') return drill.coach;
    if (at.kind === 'step') return drill.paths[at.path].points[at.n];
    return (at.kind === 'cone' ? drill.cones : drill.bags)[at.n];
}

export const withCone = (drill: Drill): Drill => ({
    ...drill,
    cones: [...drill.cones, { ...beside(drill), label: '' }],
});

export const withBag = (drill: Drill): Drill => ({
    ...drill,
    bags: [...drill.bags, { ...beside(drill), label: 'bag' }],
});

/** One more man, who goes five yards straight ahead. */
export function withMan(drill: Drill): Drill {
    const letter = LETTERS.find((l) => !drill.men.some((m) => m.letter === l)) ?? 'N';
    const { xYd, yYd } = beside(drill);
    return {
        ...drill,
        men: [...drill.men, { letter, role: 'partner' }],
        paths: [
            ...drill.paths,
            {
                man: letter,
                points: [
                    { xYd, yYd },
                    { xYd, yYd: yYd + 5 },
                ],
            },
        ],
    };
}

/** A step after the one that is held, two yards on. */
export function withStep(drill: Drill, at: Target & { kind: 'step' }): Drill {
    return withPoints(drill, at.path, (points) => {
        const from = points[at.n];
        const next = points[at.n + 1];
        const to = next
            ? { xYd: tenth((from.xYd + next.xYd) / 2), yYd: tenth((from.yYd + next.yYd) / 2) }
            : { xYd: from.xYd, yYd: tenth(from.yYd + 2) };
        return [...points.slice(0, at.n + 1), to, ...points.slice(at.n + 1)];
    });
}

export function onFoot(drill: Drill, at: Target & { kind: 'step' }, foot: 'left' | 'right' | null): Drill {
    return withPoints(drill, at.path, (points) =>
        swap(points, at.n, ({ xYd, yYd }) => (foot ? { xYd, yYd, foot } : { xYd, yYd })),
    );
}

/** The drill without what is held; the last path, and the coach, stay. A man goes with his last step. */
export function without(drill: Drill, at: Target): Drill {
    if (at.kind === 'coach') return drill;
    if (at.kind === 'cone') return { ...drill, cones: drill.cones.filter((_, n) => n !== at.n) };
    if (at.kind === 'bag') return { ...drill, bags: drill.bags.filter((_, n) => n !== at.n) };
    const path = drill.paths[at.path];
    if (path.points.length > 1) {
        return withPoints(drill, at.path, (points) => points.filter((_, n) => n !== at.n));
    }
    if (drill.paths.length === 1) return drill;
    const paths = drill.paths.filter((_, n) => n !== at.path);
    return { ...drill, paths, men: drill.men.filter((m) => paths.some((p) => p.man === m.letter)) };
}

/** Where something new is put: two yards to the right of all that stands there. */
function beside(drill: Drill) {
    const across = [...drill.cones, ...drill.bags, drill.coach, ...drill.paths.flatMap((p) => p.points)];
    return { xYd: tenth(Math.max(...across.map((p) => p.xYd)) + 2), yYd: 0 };
}
