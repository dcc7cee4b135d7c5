import { expect, test, type Page } from '@playwright/test';
import { accessible, refused, signIn } from './support/actions';
import { layout } from './support/layout';

const SIZES = [
    ['laptop', 1280, 800],
    ['projector', 1920, 1080],
    ['tablet', 820, 1180],
    ['phone', 390, 844],
] as const;

/** Waits until the page has what it shows. */
async function settled(page: Page) {
    await expect(page.locator('main h1, main article, main [data-testid=verdict]').first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    await page.evaluate(() => Promise.all(document.getAnimations().map((a) => a.finished.catch(() => null))));
}

for (const [size, width, height] of SIZES) {
    test(`lays every page out on a ${size}: nothing runs out, lies on another or is cut`, async ({ page }) => {
        await page.setViewportSize({ width, height });
        await signIn(page);
        const places = page.getByRole('navigation', { name: 'Places' });
        for (const place of await places.getByRole('link').allInnerTexts()) {
            await places.getByRole('link', { name: place, exact: true }).click();
            await settled(page);
            expect(await layout(page), place).toEqual({ wide: 0, cut: [], over: [], small: [] });
        }
        expect(refused(page)).toEqual([]);
    });
}

test('a player reads his page on a phone', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, 'h');
    await settled(page);
    expect(await layout(page)).toMatchObject({ wide: 0, cut: [], over: [] });
    // A clip goes across the screen.
    const clip = await page.locator('video').first().boundingBox();
    expect(clip?.width).toBeGreaterThan(340);
    // What says most stands there first; all of it is a touch away.
    const snaps = page.getByRole('heading', { name: 'What you did' }).locator('..').getByRole('listitem');
    await expect(snaps).toHaveCount(10);
    await page.getByRole('button', { name: /^All \d+ snaps$/ }).click();
    expect(await snaps.count()).toBeGreaterThan(40);
    await accessible(page);
});

test('a call is read on a phone: the field, the verdict and the eleven one under the other', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    const verdict = page.getByTestId('verdict');
    await expect(verdict).toHaveAttribute('aria-busy', 'false');
    const tabs = page.getByRole('tab', { name: 'Assignments' });
    await tabs.scrollIntoViewIfNeeded();
    const [above, below] = [await verdict.boundingBox(), await tabs.boundingBox()];
    expect(below!.y).toBeGreaterThan(above!.y + above!.height);
    await accessible(page);
});
