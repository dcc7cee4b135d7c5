import './cvGlobal';
import cv from '@techstark/opencv-js';
import type { FollowAnswer, FollowAsk } from './follow';

/*
 * Sees how a picture moved and where a man went, with OpenCV: corners of the field's paint are followed from picture to picture
 * (Shi and Tomasi 1994; Lucas and Kanade 1981) and a homography is fitted to those that move together (RANSAC); a man is looked
 * for near where he was by how alike the picture is there (normalised correlation).
 */

type Mat = InstanceType<typeof cv.Mat>;

/** Corners followed, at most, and how far apart. */
const CORNERS = 400;
const APART_PX = 7;
/** A corner that misses the common movement by more moved by itself: a man; pixels. */
const RANSAC_PX = 1.0;
/** A man is looked for this far around, as a share of the picture's width. */
const NEAR = 0.045;
/** Likeness from which his picture is learned anew. */
const LEARN = 0.8;

let before: Mat | null = null;
let patch: Mat | null = null;
let velocity: [number, number] = [0, 0];

const ready = new Promise<void>((done) => {
    const loaded = cv as unknown as { Mat?: unknown; onRuntimeInitialized?: () => void };
    if (loaded.Mat) done();
    else loaded.onRuntimeInitialized = () => done();
});

const grey = (image: ImageData): Mat => {
    const colour = cv.matFromImageData(image);
    const out = new cv.Mat();
    cv.cvtColor(colour, out, cv.COLOR_RGBA2GRAY);
    colour.delete();
    return out;
};

/** The movement of the whole picture since the one before, or null when too little paint is seen. */
function moved(now: Mat): { h: number[]; inliers: number; missPx: number } | null {
    if (!before) return null;
    const [corners, next, status, error, mask] = [new cv.Mat(), new cv.Mat(), new cv.Mat(), new cv.Mat(), new cv.Mat()];
    const used = new cv.Mat();
    try {
        cv.goodFeaturesToTrack(before, corners, CORNERS, 0.01, APART_PX, mask, 3);
        if (corners.rows < 8) return null;
        cv.calcOpticalFlowPyrLK(before, now, corners, next, status, error, new cv.Size(21, 21), 3);
        const [from, to]: [number[], number[]] = [[], []];
        for (let i = 0; i < status.rows; i++) {
            if (status.data[i] !== 1) continue;
            from.push(corners.data32F[2 * i], corners.data32F[2 * i + 1]);
            to.push(next.data32F[2 * i], next.data32F[2 * i + 1]);
        }
        const n = from.length / 2;
        if (n < 8) return null;
        const a = cv.matFromArray(n, 1, cv.CV_32FC2, from);
        const b = cv.matFromArray(n, 1, cv.CV_32FC2, to);
        const found = cv.findHomography(a, b, cv.RANSAC, RANSAC_PX, used);
        a.delete();
        b.delete();
        if (found.rows !== 3) return (found.delete(), null);
        const h = Array.from(found.data64F as Float64Array, (v) => v / found.data64F[8]);
        found.delete();
        let [inliers, sum] = [0, 0];
        for (let i = 0; i < n; i++) {
            if (used.data[i] !== 1) continue;
            const [x, y] = through(h, from[2 * i], from[2 * i + 1]);
            inliers++;
            sum += (x - to[2 * i]) ** 2 + (y - to[2 * i + 1]) ** 2;
        }
        return inliers < 8 ? null : { h, inliers, missPx: Math.sqrt(sum / inliers) };
    } finally {
        for (const m of [corners, next, status, error, mask, used]) m.delete();
    }
}

const through = (h: number[], x: number, y: number): [number, number] => {
    const w = h[6] * x + h[7] * y + h[8];
    return [(h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w];
};

/** The part of the picture a man fills whose feet are at a place. */
const around = (now: Mat, [x, y]: [number, number]) => {
    const w = Math.round(now.cols * 0.026);
    const up = Math.round(now.rows * 0.075);
    const down = Math.round(now.rows * 0.012);
    const left = Math.max(0, Math.min(now.cols - w - 1, Math.round(x - w / 2)));
    const top = Math.max(0, Math.min(now.rows - up - down - 1, Math.round(y - up)));
    return new cv.Rect(left, top, w, up + down);
};

/** Where a man went, looked for around where he would be by the camera's movement and his own. */
function followed(now: Mat, at: [number, number], h: number[] | null): { at: [number, number]; confidence: number } {
    if (!patch) return { at, confidence: 0 };
    const carried = h ? through(h, ...at) : at;
    const guess: [number, number] = [carried[0] + velocity[0], carried[1] + velocity[1]];
    const home = around(now, guess);
    const near = Math.round(now.cols * NEAR);
    const left = Math.max(0, home.x - near);
    const top = Math.max(0, home.y - near);
    const area = new cv.Rect(
        left,
        top,
        Math.min(now.cols - left, patch.cols + 2 * near),
        Math.min(now.rows - top, patch.rows + 2 * near),
    );
    if (area.width <= patch.cols || area.height <= patch.rows) return { at: guess, confidence: 0 };
    const window = now.roi(area);
    const likeness = new cv.Mat();
    const none = new cv.Mat();
    cv.matchTemplate(window, patch, likeness, cv.TM_CCOEFF_NORMED, none);
    const best = (
        cv as unknown as { minMaxLoc: (m: Mat) => { maxVal: number; maxLoc: { x: number; y: number } } }
    ).minMaxLoc(likeness);
    for (const m of [window, likeness, none]) m.delete();
    const shift: [number, number] = [area.x + best.maxLoc.x - home.x, area.y + best.maxLoc.y - home.y];
    const found: [number, number] = [guess[0] + shift[0], guess[1] + shift[1]];
    velocity = [0.5 * velocity[0] + 0.5 * (found[0] - carried[0]), 0.5 * velocity[1] + 0.5 * (found[1] - carried[1])];
    if (best.maxVal >= LEARN) learn(now, found);
    return { at: found, confidence: Math.max(0, Math.min(1, best.maxVal)) };
}

function learn(now: Mat, at: [number, number]) {
    patch?.delete();
    const part = now.roi(around(now, at));
    patch = part.clone();
    part.delete();
}

self.onmessage = async (e: MessageEvent<FollowAsk>) => {
    await ready;
    const ask = e.data;
    const now = grey(ask.image);
    const answer: FollowAnswer = { id: ask.id, move: null, at: null, confidence: 0 };
    if (ask.fresh) {
        velocity = [0, 0];
        if (ask.at) learn(now, ask.at);
    } else {
        answer.move = moved(now);
        if (ask.at) {
            const found = followed(now, ask.at, answer.move?.h ?? null);
            answer.at = found.at;
            answer.confidence = found.confidence;
        }
    }
    before?.delete();
    before = now;
    postMessage(answer);
};
