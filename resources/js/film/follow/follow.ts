import type { Move } from '../../model/filmStore';

/* Following a picture and a man through a film: the pictures are taken here, seen in a worker. */

export type FollowAsk = {
    id: number;
    image: ImageData;
    /** Whether this picture begins, so that there is none before it. */
    fresh: boolean;
    /** Feet of the man to follow on the picture before, or on this one when it begins. */
    at?: [number, number];
};
export type FollowAnswer = {
    id: number;
    move: { h: number[]; inliers: number; missPx: number } | null;
    at: [number, number] | null;
    confidence: number;
};

/** Seconds between two pictures. */
export const STEP_S = 0.1;

/** Likeness below which the product asks for help instead of guessing. */
export const SURE = 0.62;

export type Followed = {
    moves: Move[];
    spots: { atS: number; at: [number, number]; confidence: number }[];
    /** Where and why it stopped, seconds of the video. */
    stopped: { atS: number; why: string } | null;
};

type Options = {
    src: string;
    fromS: number;
    toS: number;
    man?: [number, number];
    onProgress: (share: number) => void;
    signal: AbortSignal;
};

/** Follows the paint, and a man when one is given, from a moment of a video to another; seconds of the video. */
export async function follow({ src, fromS, toS, man, onProgress, signal }: Options): Promise<Followed> {
    const worker = new Worker(new URL('./follow.worker.ts', import.meta.url), { type: 'module' });
    const pictures = await open(src);
    const out: Followed = { moves: [], spots: [], stopped: null };
    try {
        const back = toS < fromS;
        const steps = Math.max(1, Math.round(Math.abs(toS - fromS) / STEP_S));
        let at = man;
        let last = await pictures.at(fromS);
        await ask(worker, { id: 0, image: last.image, fresh: true, at });
        for (let n = 1; n <= steps; n++) {
            if (signal.aborted) break;
            const next = await pictures.at(fromS + ((toS - fromS) * n) / steps);
            // A picture has the time of its frame, not the time that was asked for.
            const [was, now] = [last.atS, next.atS];
            if (Math.abs(now - was) < 1e-3) continue;
            last = next;
            const seen = await ask(worker, { id: n, image: next.image, fresh: false, at });
            onProgress(n / steps);
            if (!seen.move) {
                out.stopped = {
                    atS: was,
                    why: 'Too little paint is in the picture to follow. Calibrate this picture too.',
                };
                break;
            }
            out.moves.push(forward(seen.move, was, now, back));
            if (at && seen.at) {
                if (seen.confidence < SURE) {
                    out.stopped = {
                        atS: now,
                        why: `He was lost here (sure to ${Math.round(seen.confidence * 100)} %). Click him, then follow on.`,
                    };
                    break;
                }
                at = seen.at;
                out.spots.push({ atS: now, at: seen.at, confidence: seen.confidence });
            }
        }
        if (back) out.moves.reverse();
    } finally {
        worker.terminate();
        pictures.close();
    }
    return out;
}

/** A movement seen from a picture to the next, told in the direction of time. */
function forward(
    move: { h: number[]; inliers: number; missPx: number },
    was: number,
    now: number,
    back: boolean,
): Move {
    const h = back ? inverse(move.h) : move.h;
    return {
        fromS: round(Math.min(was, now)),
        toS: round(Math.max(was, now)),
        h: h.map((v) => v / h[8]) as Move['h'],
        inliers: move.inliers,
        missPx: Math.round(move.missPx * 1000) / 1000,
    };
}

const inverse = (h: number[]): number[] => [
    h[4] * h[8] - h[5] * h[7],
    h[2] * h[7] - h[1] * h[8],
    h[1] * h[5] - h[2] * h[4],
    h[5] * h[6] - h[3] * h[8],
    h[0] * h[8] - h[2] * h[6],
    h[2] * h[3] - h[0] * h[5],
    h[3] * h[7] - h[4] * h[6],
    h[1] * h[6] - h[0] * h[7],
    h[0] * h[4] - h[1] * h[3],
];

const round = (s: number) => Math.round(s * 1000) / 1000;

function ask(worker: Worker, message: FollowAsk): Promise<FollowAnswer> {
    return new Promise((done, fail) => {
        worker.onmessage = (e: MessageEvent<FollowAnswer>) => done(e.data);
        worker.onerror = (e) => fail(new Error(e.message || 'The picture could not be read.'));
        worker.postMessage(message, [message.image.data.buffer]);
    });
}

/** Pictures of a video at moments, taken on a canvas of its own size. */
async function open(src: string) {
    const video = document.createElement('video');
    video.muted = true;
    video.preload = 'auto';
    video.src = src;
    // Only a video of the page presents the frames it has sought.
    video.style.cssText = 'position:fixed;left:0;top:0;width:2px;height:2px;opacity:0;pointer-events:none';
    document.body.append(video);
    await once(video, 'loadeddata');
    const canvas = document.createElement('canvas');
    canvas.width = video.videoWidth;
    canvas.height = video.videoHeight;
    const paint = canvas.getContext('2d', { willReadFrequently: true })!;
    let atS = 0;
    return {
        at: async (s: number) => {
            const to = Math.max(0, Math.min(video.duration - 0.01, s + 0.001));
            if (Math.abs(video.currentTime - to) > 1e-4) {
                const shown = presented(video);
                video.currentTime = to;
                await once(video, 'seeked');
                atS = (await shown) ?? atS;
            }
            paint.drawImage(video, 0, 0);
            return { atS, image: paint.getImageData(0, 0, canvas.width, canvas.height) };
        },
        close: () => video.remove(),
    };
}

/** Until the frame that was sought can be drawn, and its time: a seek is told done before its frame is there. */
const presented = (video: HTMLVideoElement) =>
    new Promise<number | null>((done) => {
        video.requestVideoFrameCallback((_, frame) => done(frame.mediaTime));
        // The same frame again is not presented anew.
        setTimeout(() => done(null), 250);
    });

const once = (target: HTMLVideoElement, event: string) =>
    new Promise<void>((done, fail) => {
        target.addEventListener(event, () => done(), { once: true });
        target.addEventListener('error', () => fail(new Error('The film cannot be read.')), { once: true });
    });
