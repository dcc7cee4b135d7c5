import type { Stage } from '../api/types';

/** How near a place must be to take a dragged man, yards. */
const NEAR = { width: 0.45, depth: 0.35 };

/** A spot pulled to the nearest landmark, with its name: "top of the numbers, off the line". */
export function snapped(stage: Stage, man: string, xYd: number, yYd: number) {
    const width = nearest(
        stage.landmarks.widths.filter((w) => !w.name.endsWith(` ${man}`)).map((w) => ({ name: w.name, at: w.xYd })),
        xYd,
        NEAR.width,
    );
    const depth = nearest(
        stage.landmarks.depths.map((d) => ({ name: d.name, at: d.yYd })),
        yYd,
        NEAR.depth,
    );
    return {
        xYd: width?.at ?? xYd,
        yYd: depth?.at ?? yYd,
        name: [width?.name, depth?.name].filter(Boolean).join(', '),
    };
}

function nearest(places: { name: string; at: number }[], value: number, within: number) {
    return places
        .filter((p) => Math.abs(p.at - value) <= within)
        .sort((a, b) => Math.abs(a.at - value) - Math.abs(b.at - value))[0];
}
