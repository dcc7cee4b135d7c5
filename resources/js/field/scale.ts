/** Yards to picture: the field upright, the offense going up. */
export type Scale = {
    x: (yd: number) => number;
    y: (yd: number) => number;
    yd: number;
    width: number;
    height: number;
    toYd: (px: number, py: number) => [number, number];
};

export const TOP_YD = 25.5;
export const BACK_YD = 9;

export function scaleFor(left: number, right: number): Scale {
    const yd = 13;
    const width = (right - left) * yd;
    return {
        yd,
        width,
        height: (TOP_YD + BACK_YD) * yd,
        x: (x) => (x - left) * yd,
        y: (y) => (TOP_YD - y) * yd,
        toYd: (px, py) => [px / yd + left, TOP_YD - py / yd],
    };
}
