/** A rectangle on the picture: its middle, and half its width and height. */
export type Box = { x: number; y: number; w: number; h: number };

export type Label = { at: [number, number]; text: string };

export type Anchor = 'start' | 'middle' | 'end';

export type Placed = { x: number; y: number; anchor: Anchor };

/** Width of a letter against its height, on the whole. */
const LETTER = 0.58;

const overlap = (a: Box, b: Box) =>
    Math.max(0, a.w + b.w - Math.abs(a.x - b.x)) * Math.max(0, a.h + b.h - Math.abs(a.y - b.y));

/**
 * Where each label stands beside what it names: of the places around it the one that covers least of what is there
 * already. Labels are placed in their order; `size` is the height of the letters.
 */
export function placed(labels: Label[], taken: Box[], size: number): Placed[] {
    const full = [...taken];
    return labels.map(({ at: [x, y], text }) => {
        const w = (text.length * LETTER * size) / 2;
        const h = size * 0.45;
        const gap = size * 0.75;
        const ways: { box: Box; anchor: Anchor }[] = [
            { box: { x: x + gap + w, y, w, h }, anchor: 'start' },
            { box: { x: x - gap - w, y, w, h }, anchor: 'end' },
            { box: { x, y: y + size * 1.15, w, h }, anchor: 'middle' },
            { box: { x, y: y - size * 1.15, w, h }, anchor: 'middle' },
            { box: { x: x + gap + w, y: y + size, w, h }, anchor: 'start' },
            { box: { x: x - gap - w, y: y + size, w, h }, anchor: 'end' },
            { box: { x: x + gap + w, y: y - size, w, h }, anchor: 'start' },
            { box: { x: x - gap - w, y: y - size, w, h }, anchor: 'end' },
            { box: { x: x + 2.4 * gap + w, y, w, h }, anchor: 'start' },
            { box: { x: x - 2.4 * gap - w, y, w, h }, anchor: 'end' },
        ];
        const covers = ways.map(({ box }) => full.reduce((sum, b) => sum + overlap(box, b), 0));
        const best = ways[covers.indexOf(Math.min(...covers))];
        full.push(best.box);
        const left = best.box.x - (best.anchor === 'start' ? w : best.anchor === 'end' ? -w : 0);
        return { x: left, y: best.box.y + size * 0.32, anchor: best.anchor };
    });
}

/** The boxes along a line, so that no label lies on it. */
export function along(points: [number, number][], size: number): Box[] {
    return points.slice(1).flatMap(([x, y], n) => {
        const [fromX, fromY] = points[n];
        const many = Math.max(1, Math.ceil(Math.hypot(x - fromX, y - fromY) / (size * 0.4)));
        return Array.from({ length: many + 1 }, (_, k) => ({
            x: fromX + ((x - fromX) * k) / many,
            y: fromY + ((y - fromY) * k) / many,
            w: size * 0.12,
            h: size * 0.12,
        }));
    });
}
