import { expect, test, type Page } from '@playwright/test';
import { accessible, signIn } from './actions';

async function openClip(page: Page, title: RegExp) {
    await page.getByRole('navigation', { name: 'Clips' }).getByRole('button', { name: title }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText(title);
    await expect(page.getByTestId('decision')).toBeVisible();
}

/** Clicks a pixel of the film. */
async function clickPixel(page: Page, x: number, y: number) {
    const box = (await page.locator('video').first().boundingBox())!;
    await page.mouse.click(box.x + (x / 640) * box.width, box.y + (y / 360) * box.height);
}

/** The demo's own worked document of another clip from the same camera: where the marks lie. */
async function knownPoints(page: Page): Promise<{ xPx: number; yPx: number; mark: string }[]> {
    return page.evaluate(async () => {
        const list = await (await fetch('/api/v1/clips')).json();
        return list.clips[0].document.calibrations[0].points;
    });
}

test.beforeEach(async ({ page }) => {
    await signIn(page);
    await page.getByRole('link', { name: 'Film' }).click();
});

test('plays, seeks and steps by frame', async ({ page }) => {
    await openClip(page, /Snap 12/);
    const clock = page.getByTestId('clock');
    await page.getByLabel('Moment of the film, seconds').fill('3.1');
    await expect(clock).toContainText('3.10 s');
    await page.keyboard.press('Escape');
    await page.locator('body').click({ position: { x: 5, y: 700 } });
    await page.keyboard.press('.');
    await expect(clock).toContainText('frame 94');
    await page.keyboard.press(',');
    await expect(clock).toContainText('frame 93');
    await page.getByRole('button', { name: 'Play' }).click();
    await expect.poll(async () => parseFloat((await clock.textContent())!)).toBeGreaterThan(3.4);
});

test('works a fresh clip from the first mark to the grade on the player page', async ({ page }) => {
    await openClip(page, /Snap 19/);
    await expect(page.getByTestId('decision')).toContainText('not yet');
    const points = await knownPoints(page);
    await page.getByRole('button', { name: 'Calibrate' }).click();
    for (const [i, yard] of ['35', '40', '45', '50'].entries()) {
        await page.getByLabel('Yard line').selectOption(yard);
        await page.getByLabel('Mark on it').selectOption('left hash');
        await clickPixel(page, 150 + 60 * i, 120);
    }
    await expect(page.getByText(/lie on one line/)).toBeVisible();
    await page.getByRole('button', { name: 'Start over' }).click();
    for (const p of points.slice(0, 6)) {
        const [mark, yard] = p.mark.split(' on the ');
        await page
            .getByLabel('Yard line')
            .selectOption(p.mark.includes('45') && mark.includes('top of the right') ? '55' : yard);
        await page.getByLabel('Mark on it').selectOption(mark);
        await clickPixel(page, p.xPx, p.yPx);
    }
    await expect(page.getByText(/6 marks\. The amber lines/)).toBeVisible();
    await expect(page.getByTestId('doubt')).toContainText(/\d+ in of doubt/);
    await page.keyboard.press('Escape');

    const at = async (s: number) => {
        await page.getByLabel('Moment of the film, seconds').fill(String(s));
        await expect(page.getByTestId('clock')).toContainText(`${s.toFixed(2)} s`);
        await page.locator('main').click({ position: { x: 400, y: 30 } });
    };
    await at(1.0);
    await page.keyboard.press('s');
    await page.getByRole('button', { name: /^Z hitch/ }).click();
    await at(2.43);
    await page.keyboard.press('b');
    await at(3.0);
    await page.keyboard.press('o');
    await at(3.93);
    await page.keyboard.press('c');
    await expect(page.getByRole('list', { name: 'Marks' })).toContainText('ball out Z 3.00 s');

    // The corner's feet where the camera's own truth has him at 3.2 s.
    await at(3.2);
    await page.getByRole('button', { name: 'Plot' }).click();
    await page.getByLabel('Whose feet').selectOption('right corner');
    await clickPixel(page, 354, 248);
    await expect(page.getByTestId('decision')).toContainText('sink');
    await expect(page.getByTestId('decision')).toContainText('Decision: right');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /^Q reads/ }).click();
    await page.getByRole('button', { name: 'Plus' }).click();
    await expect(page.getByText('Q graded plus; it is on his page')).toBeVisible();

    await page.reload();
    await openClip(page, /Snap 19/);
    await expect(page.getByRole('list', { name: 'Marks' })).toContainText('snap 1.00 s');
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
    await signIn(page, 'q');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Theo Brandvold');
    await page.getByRole('button', { name: /Watch: Snap 19/ }).click();
    await expect(page.locator('video')).toBeVisible();
    await expect(page.getByRole('link', { name: 'Film' })).toHaveCount(0);
});

test('places a point with the keyboard alone', async ({ page }) => {
    await openClip(page, /Snap 27/);
    await page.keyboard.press('p');
    await page.getByLabel('Whose feet').selectOption('X');
    const picture = page.getByRole('application');
    await picture.focus();
    await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Control+s');
    await expect(page.getByText('Saved, version 2')).toBeVisible();
});

test("takes a film of one's own and refuses what is none", async ({ page }) => {
    await page.getByRole('button', { name: 'Upload a clip' }).click();
    await page
        .getByLabel('Film', { exact: true })
        .setInputFiles({ name: 'notes.mp4', mimeType: 'video/mp4', buffer: Buffer.from('these are my notes') });
    await page.getByRole('button', { name: 'Send it' }).click();
    await expect(page.getByRole('alert')).toContainText('no moving picture');
    await page.getByLabel('Film', { exact: true }).setInputFiles('database/demo/film/snap-12.webm');
    await page.getByLabel('Title').fill('Scrimmage, snap 3');
    await page.getByRole('button', { name: 'Send it' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Scrimmage, snap 3');
    await expect
        .poll(async () =>
            page
                .locator('video')
                .first()
                .evaluate((v: HTMLVideoElement) => v.duration),
        )
        .toBeGreaterThan(4);
});

test('is accessible in both themes', async ({ page }) => {
    await openClip(page, /Snap 34/);
    await accessible(page);
    await page.keyboard.press('k');
    await accessible(page);
});
