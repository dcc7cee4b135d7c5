import type { Page } from '@playwright/test';

/** What is wrong with how a page lies: each a list of the texts it concerns. */
export type Layout = {
    /** How far the page runs out of the screen sideways, pixels. */
    wide: number;
    /** Names that end in three dots. */
    cut: string[];
    /** Two texts on one spot. */
    over: string[];
    /** What is touched and lower than 40 pixels, on a screen that is touched. */
    small: string[];
};

/** Looks at every text and button of the page as it stands. */
export const layout = (page: Page): Promise<Layout> =>
    page.evaluate(() => {
        type Box = { of: Element; left: number; top: number; right: number; bottom: number };

        const seen = (e: Element) => {
            const style = getComputedStyle(e);
            const box = e.getBoundingClientRect();
            return style.visibility !== 'hidden' && Number(style.opacity) > 0.05 && box.width > 1 && box.height > 1;
        };
        const name = (e: Element) =>
            (e.textContent || e.getAttribute('aria-label') || e.tagName).trim().replace(/\s+/g, ' ').slice(0, 40);
        const texts = (e: Element) => [...e.childNodes].filter((n) => n.nodeType === 3 && n.textContent?.trim());
        /** What of a box is left inside everything that clips it. */
        const clipped = (of: Element, box: DOMRect): Box => {
            const left: Box = { of, left: box.left, top: box.top, right: box.right, bottom: box.bottom };
            for (let up: Element | null = of; up && up !== document.body; up = up.parentElement) {
                if (getComputedStyle(up).overflow === 'visible') continue;
                const edge = up.getBoundingClientRect();
                left.left = Math.max(left.left, edge.left);
                left.top = Math.max(left.top, edge.top);
                left.right = Math.min(left.right, edge.right);
                left.bottom = Math.min(left.bottom, edge.bottom);
            }
            return left;
        };

        const cut = new Set<string>();
        const small = new Set<string>();
        const boxes: Box[] = [];
        for (const e of document.querySelectorAll('body *')) {
            if (!seen(e) || e.closest('svg, .sr-only')) continue;
            const style = getComputedStyle(e);
            if (texts(e).length > 0) {
                if (style.textOverflow === 'ellipsis' && e.scrollWidth > e.clientWidth + 1) cut.add(name(e));
                const range = document.createRange();
                for (const text of texts(e)) {
                    range.selectNodeContents(text);
                    for (const rect of range.getClientRects()) {
                        const box = clipped(e, rect);
                        if (box.right - box.left > 2 && box.bottom - box.top > 2) boxes.push(box);
                    }
                }
            }
            const touched = e.matches('button, select, [role=tab], nav a, input:not([type=range], [type=checkbox])');
            if (innerWidth < 1024 && touched && e.getBoundingClientRect().height < 40) small.add(name(e));
        }
        const over = new Set<string>();
        boxes.forEach((a, n) => {
            for (const b of boxes.slice(n + 1)) {
                if (a.of === b.of || a.of.contains(b.of) || b.of.contains(a.of)) continue;
                const [left, right] = [Math.max(a.left, b.left), Math.min(a.right, b.right)];
                const [top, bottom] = [Math.max(a.top, b.top), Math.min(a.bottom, b.bottom)];
                if (right - left <= 3 || bottom - top <= 5) continue;
                // Only what is really on the screen: a window may cover the page.
                const there = document.elementsFromPoint((left + right) / 2, (top + bottom) / 2);
                if (there.includes(a.of) && there.includes(b.of)) over.add(`${name(a.of)} on ${name(b.of)}`);
            }
        });
        return {
            wide: Math.max(0, document.documentElement.scrollWidth - innerWidth),
            cut: [...cut],
            over: [...over],
            small: [...small],
        };
    });
