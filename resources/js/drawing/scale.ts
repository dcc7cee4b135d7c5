/** Yards to picture: the field upright, the offense going up. */
export type Scale = {
    x: (yd: number) => number;
    y: (yd: number) => number;
    width: number;
    height: number;
    /** How far past the line, and behind it, the picture goes, yards. */
    topYd: number;
    backYd: number;
    toYd: (px: number, py: number) => [number, number];
};

const YD_PX = 13;

const TOP_YD = 25.5;
const BACK_YD = 9;

/** A run is read in the box: so much to either side of the ball is drawn larger, the rest stands closer together. */
const BOX_YD = 7.5;
const BOX_YD_PX = 25;
const RUN_TOP_YD = 15;
const RUN_BACK_YD = 11;

/** The whole field, a yard as long either way; how far it goes past the line and behind it may be said, yards. */
export function scaleFor(left: number, right: number, topYd = TOP_YD, backYd = BACK_YD): Scale {
    return {
        width: (right - left) * YD_PX,
        height: (topYd + backYd) * YD_PX,
        topYd,
        backYd,
        x: (x) => (x - left) * YD_PX,
        y: (y) => (topYd - y) * YD_PX,
        toYd: (px, py) => [px / YD_PX + left, topYd - py / YD_PX],
    };
}

/** The field for a run: the box fills most of the width, the wide men stay in sight. */
export function scaleForRun(left: number, right: number): Scale {
    const whole = scaleFor(left, right);
    const wide = whole.width - 2 * BOX_YD * BOX_YD_PX;
    const outer = wide / (right - left - 2 * BOX_YD);
    const boxLeft = (-BOX_YD - left) * outer;
    const boxRight = boxLeft + 2 * BOX_YD * BOX_YD_PX;
    const yd = whole.height / (RUN_TOP_YD + RUN_BACK_YD);
    const x = (at: number) => {
        if (at < -BOX_YD) return (at - left) * outer;
        return at > BOX_YD ? boxRight + (at - BOX_YD) * outer : boxLeft + (at + BOX_YD) * BOX_YD_PX;
    };
    const back = (px: number) => {
        if (px < boxLeft) return px / outer + left;
        return px > boxRight ? (px - boxRight) / outer + BOX_YD : (px - boxLeft) / BOX_YD_PX - BOX_YD;
    };
    return {
        width: whole.width,
        height: whole.height,
        topYd: RUN_TOP_YD,
        backYd: RUN_BACK_YD,
        x,
        y: (y) => (RUN_TOP_YD - y) * yd,
        toYd: (px, py) => [back(px), RUN_TOP_YD - py / yd],
    };
}
