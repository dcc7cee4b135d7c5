import { expect, test } from '@playwright/test';
import { accessible, signIn } from './support/actions';

test.beforeEach(async ({ page }) => signIn(page));

test('puts the book on the call sheet, takes off what earns no place, and finds it so after a reload', async ({
    page,
}) => {
    test.slow();
    await page.getByRole('link', { name: 'Sheet' }).click();
    await page.getByRole('tab', { name: 'The call sheet' }).click();
    await page.getByRole('button', { name: /^all \d+ of the book$/ }).click();
    const sheet = page.getByRole('table');
    await expect(sheet.getByRole('row').nth(1)).toContainText(/\d+ %/, { timeout: 60_000 });
    await expect(page.getByTestId('plan-summary')).toContainText(/\d+ calls, something good against \d+ %/);
    await expect(page.getByText(/succeed whatever Granite Pass shows/)).toBeVisible();
    await accessible(page);
    const before = await sheet.getByRole('row').count();
    await page
        .getByRole('button', { name: /^take it off: / })
        .first()
        .click();
    await expect(sheet.getByRole('row')).toHaveCount(before - 1);
    await page.reload();
    await page.getByRole('tab', { name: 'The call sheet' }).click();
    await expect(sheet.getByRole('row')).toHaveCount(before - 1, { timeout: 60_000 });
});

test('chooses the openers by what they tell, puts one earlier by the keyboard, and finds them so after a reload', async ({
    page,
}) => {
    test.slow();
    await page.getByRole('link', { name: 'Sheet' }).click();
    await page.getByRole('tab', { name: 'The call sheet' }).click();
    const whole = page.getByRole('button', { name: /^all \d+ of the book$/ });
    const summary = page.getByTestId('plan-summary');
    await expect(whole.or(summary).first()).toBeVisible({ timeout: 60_000 });
    if (await whole.isVisible()) await whole.click();
    await page.getByRole('tab', { name: 'Openers' }).click();
    await page.getByRole('button', { name: /that tell most$/ }).click({ timeout: 60_000 });
    const openers = page.getByRole('region', { name: 'Openers' }).getByRole('listitem');
    await expect(openers.first()).toContainText(/knowing it is worth [\d.]+ points?/);
    await expect(openers.first()).toContainText(/\d+ %/);
    await accessible(page);
    const second = await openers.nth(1).getAttribute('aria-label');
    await openers
        .nth(1)
        .getByRole('button', { name: `${second} earlier` })
        .focus();
    await page.keyboard.press('Enter');
    await expect(openers.first()).toHaveAttribute('aria-label', second!);
    await page.reload();
    await page.getByRole('tab', { name: 'Openers' }).click();
    await expect(openers.first()).toHaveAttribute('aria-label', second!, { timeout: 60_000 });
    await page.getByRole('tab', { name: 'By situation' }).click();
    await expect(page.getByRole('region', { name: 'Openers' }).getByRole('listitem').first()).toContainText(second!);
});

test('closes a hole with the call that is proposed', async ({ page }) => {
    test.slow();
    await page.getByRole('link', { name: 'Sheet' }).click();
    await page.getByLabel('Opponent').selectOption({ index: 1 });
    await page.getByRole('tab', { name: 'The call sheet' }).click();
    await page.getByRole('button', { name: /^\+ / }).first().click();
    const put = page.getByRole('button', { name: /^put it on: / });
    await expect(put.or(page.getByText(/something is good against every look/)).first()).toBeVisible({
        timeout: 60_000,
    });
    for (let n = await put.count(); n > 0; n = await put.count()) {
        const name = await put.first().getAttribute('aria-label');
        await put.first().click();
        await expect(page.getByRole('button', { name: name!, exact: true })).toHaveCount(0, { timeout: 30_000 });
    }
    await expect(page.getByText(/something is good against every look|Nothing in the book is good/)).toBeVisible();
});

test('says what a game has made due, keeps what is made of it, and prompts while charting', async ({ page }) => {
    await page.getByRole('link', { name: 'Numbers' }).click();
    await page.getByRole('button', { name: 'Triggers' }).click();
    const leak = page.getByRole('article', { name: /sink and contain/ });
    await expect(leak).toContainText('Call Leak');
    await accessible(page);
    await leak.getByRole('button', { name: 'Put off' }).click();
    await expect(leak.getByRole('button', { name: 'Put off' })).toHaveAttribute('aria-pressed', 'true');
    await page.reload();
    await page.getByRole('button', { name: 'Triggers' }).click();
    await expect(leak.getByRole('button', { name: 'Put off' })).toHaveAttribute('aria-pressed', 'true');
    await leak.getByRole('button', { name: /^2 of 1, end contains/ }).click();
    await expect(page.getByRole('complementary', { name: 'Clips' })).toContainText('2 snaps');
    await page.getByRole('link', { name: 'Film' }).click();
    await expect(page.getByTestId('decision')).toBeVisible();
    await page.getByRole('tab', { name: 'Chart' }).click();
    const due = page.getByRole('region', { name: 'Triggers that are due' });
    await expect(due.getByRole('article')).toHaveCount(2);
    await expect(due).not.toContainText('sink and contain');
    await due.getByRole('button', { name: 'Taken' }).first().click();
    await expect(due).toContainText('Nine within ten yards');
});

test('says how predictable we are, with the snaps of a habit', async ({ page }) => {
    await page.getByRole('link', { name: 'Numbers' }).click();
    await page.getByRole('button', { name: 'What we give away' }).click();
    const known = page.getByRole('region', { name: 'How predictable we are' });
    await expect(known.getByTestId('predictable')).toHaveText(/^\d+\.\d$/);
    await expect(known).toContainText('Half of it goes with');
    await accessible(page);
    const snaps = known.getByRole('row', { name: /gun 2x2 right/ }).getByRole('button');
    const count = await snaps.textContent();
    expect(Number(count)).toBeGreaterThan(20);
    await snaps.click();
    await expect(page.getByRole('complementary', { name: 'Clips' })).toContainText(`${count} snaps`);
});

test('a trigger of our own is put together from lists, counted at once, and kept', async ({ page }) => {
    await page.getByRole('link', { name: 'Numbers' }).click();
    await page.getByRole('button', { name: 'Triggers' }).click();
    const ours = page.getByRole('region', { name: 'Our own triggers' });
    await ours.getByRole('button', { name: 'New trigger' }).click();
    await ours.getByLabel('Name').fill('Their end is wide');
    await ours.getByLabel('If: who').selectOption('an end');
    await ours.getByLabel('If: does what').selectOption('contains');
    await ours.getByLabel('If: how often').fill('1');
    await ours.getByLabel('Then', { exact: true }).selectOption('draw');
    await accessible(page);
    await ours.getByRole('button', { name: 'Keep' }).click();
    await expect(ours.getByText('If end contains once, then draw.')).toBeVisible();
    await expect(page.getByRole('article', { name: 'Their end is wide' }).first()).toContainText('Call draw.');
    await page.reload();
    await page.getByRole('button', { name: 'Triggers' }).click();
    await ours.getByRole('button', { name: 'Change Their end is wide' }).click();
    await ours.getByRole('button', { name: 'Throw it away' }).click();
    await expect(page.getByRole('article', { name: 'Their end is wide' })).toHaveCount(0);
});
