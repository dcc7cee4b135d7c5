import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Locator, type Page } from '@playwright/test';

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What each page wanted to load or run and was not let. */
const refusals = new WeakMap<Page, string[]>();

export const refused = (page: Page): string[] => refusals.get(page) ?? [];

/** Signs in through the form. */
export async function signIn(page: Page, who = 'coordinator') {
    const seen: string[] = [];
    refusals.set(page, seen);
    page.on('console', (line) => {
        if (line.text().includes('Content Security Policy')) seen.push(line.text());
    });
    await page.goto('/');
    await page.getByLabel('Address').fill(`${who}@cedarfork.example`);
    await page.getByLabel('Password').fill('four-verticals');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
}

/** No serious or critical accessibility fault on the page as it stands, in both themes. */
export async function accessible(page: Page) {
    for (const theme of ['light', 'dark']) {
        await page.evaluate((t) => (document.documentElement.dataset.theme = t), theme);
        // A note that is still fading in has not its colors yet.
        await page.evaluate(() => Promise.all(document.getAnimations().map((a) => a.finished.catch(() => null))));
        await page.evaluate(axe);
        const found = await page.evaluate(async () => {
            const result = await (
                window as unknown as {
                    axe: {
                        run: () => Promise<{ violations: { id: string; impact: string; nodes: { html: string }[] }[] }>;
                    };
                }
            ).axe.run();
            return result.violations
                .filter((v) => v.impact === 'serious' || v.impact === 'critical')
                .map((v) => `${v.id}: ${v.nodes[0].html.slice(0, 160)}`);
        });
        expect(found, theme).toEqual([]);
    }
    expect(refused(page), 'refused by the policy of the page').toEqual([]);
    await page.evaluate(() => (document.documentElement.dataset.theme = 'light'));
}

/** Opens a saved call on the board and waits for its proof. */
export async function openCall(page: Page, name: string) {
    await page.getByRole('navigation', { name: 'Saved calls' }).getByRole('button', { name }).click();
    await expect(page.getByLabel('Name of the call')).toHaveValue(name);
    await expect(page.getByTestId('verdict')).toHaveAttribute('aria-busy', 'false');
}

/** Where a thing stands once the page round it moves no more: a verdict that comes in may push the field. */
export async function atRest(thing: Locator): Promise<{ x: number; y: number; width: number; height: number }> {
    let last = '';
    await expect
        .poll(
            async () => {
                const before = last;
                last = JSON.stringify(await thing.boundingBox());
                return last !== 'null' && last === before;
            },
            { intervals: [300] },
        )
        .toBe(true);
    return JSON.parse(last) as { x: number; y: number; width: number; height: number };
}
