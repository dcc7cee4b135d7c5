import { expect, test } from '@playwright/test';
import { accessible, signIn } from './support/actions';
import { layout } from './support/layout';

test('a player answers his questions on a phone, and they are kept', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, 'q');
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Reps' }).click();
    await expect(page.getByText(/^1 of \d+$/)).toBeVisible();
    const offered = page.getByRole('article').getByRole('list').getByRole('button');
    // The play runs up to the read before an answer is taken.
    await expect(offered.first()).toHaveAttribute('aria-disabled', 'false', { timeout: 10_000 });
    expect(await layout(page)).toMatchObject({ wide: 0, cut: [], over: [], small: [] });
    await accessible(page);
    const asked = await page.getByRole('article').getByRole('heading').innerText();
    await offered.first().click();
    await expect(page.getByText(/^(Right\.|It was: )/)).toBeVisible();
    await expect(page.getByRole('button', { name: /, right$/ }).first()).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'Next' }).click();
    await expect(page.getByText(/^2 of \d+$/)).toBeVisible();
    await page.reload();
    await expect(page.getByText(/^2 of \d+$/)).toBeVisible();
    expect(asked).not.toBe('');
});

test('a player goes through his questions by keys alone', async ({ page }) => {
    await signIn(page, 'h');
    await page.goto('/reps');
    await expect(page.getByRole('article')).toBeVisible();
    const first = page.getByRole('article').getByRole('list').getByRole('button').first();
    await expect(first).toHaveAttribute('aria-disabled', 'false', { timeout: 10_000 });
    await page.keyboard.press('1');
    await expect(page.getByText(/^(Right\.|It was: )/)).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(page.getByText(/^2 of/)).toBeVisible();
});

test('the staff sees how its men stand, and what it tries is not kept', async ({ page }) => {
    await signIn(page);
    await page.goto('/reps');
    await expect(page.getByRole('heading', { name: /^Reps of the last/ })).toBeVisible();
    await accessible(page);
    const row = page.getByRole('row').filter({ hasText: 'Andre Whitlow' });
    const before = await row.innerText();
    await row.getByRole('link').click();
    const first = page.getByRole('article').getByRole('list').getByRole('button').first();
    await expect(first).toHaveAttribute('aria-disabled', 'false', { timeout: 10_000 });
    await first.click();
    await expect(page.getByText('Only tried: it is not kept, you are not he.')).toBeVisible();
    await page.goto('/reps');
    expect(await page.getByRole('row').filter({ hasText: 'Andre Whitlow' }).innerText()).toBe(before);
});

test('a player goes on with his reps and reads his page without a network', async ({ page, context }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page, 'h');
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Reps' }).click();
    const count = page.getByText(/^\d+ of \d+$/);
    await expect(count).toBeVisible();
    const [done, all] = (await count.innerText()).split(' of ').map(Number);
    // His phone has the program, his page and the pictures of the day without his opening them.
    await expect
        .poll(() => page.evaluate(async () => (await (await caches.open('kept-1')).keys()).length), { timeout: 20_000 })
        .toBeGreaterThanOrEqual(3 + all - done + 1);
    await page.waitForTimeout(500);

    await context.setOffline(true);
    await page.goto('/grades');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Micah Lund');
    await expect(page.getByRole('alert')).toContainText('No network. This is what was here last');
    await page.goto('/reps');
    await expect(count).toHaveText(`${done} of ${all}`);
    const offered = page.getByRole('article').getByRole('list').getByRole('button');
    await expect(offered.first()).toHaveAttribute('aria-disabled', 'false', { timeout: 10_000 });
    await offered.first().click();
    await expect(
        page.getByText('Kept on this phone: it goes to the staff when there is a network again.'),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Next' }).click();
    await page.reload();
    await expect(count).toHaveText(`${done + 1} of ${all}`);

    await context.setOffline(false);
    await expect(page.getByText('One answer that waited is sent')).toBeVisible({ timeout: 15_000 });
    await page.reload();
    await expect(count).toHaveText(`${done + 1} of ${all}`);
});

test('a coach keeps nothing on his machine', async ({ page }) => {
    await signIn(page);
    await page.waitForTimeout(500);
    expect(await page.evaluate(async () => (await navigator.serviceWorker.getRegistrations()).length)).toBe(0);
    expect(await page.evaluate(async () => await caches.keys())).toEqual([]);
});

test('who signs out leaves nothing of his on the phone', async ({ page }) => {
    await signIn(page, 'q');
    await page.evaluate(async () => void (await navigator.serviceWorker.ready));
    await page.reload();
    const kept = () => page.evaluate(async () => (await caches.keys()).includes('kept-1'));
    await expect.poll(kept).toBe(true);
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
    await expect.poll(kept).toBe(false);
});
