import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { accessible, openCall, signIn } from './support/actions';

test.beforeEach(async ({ page }) => {
    await signIn(page);
});

const callLine = (page: Page) => page.getByRole('combobox', { name: 'Call line' });
const proved = (page: Page) => expect(page.getByTestId('verdict')).toHaveAttribute('aria-busy', 'false');
/** Takes the cursor out of any field, so that keys go to the board. */
const aside = (page: Page) => page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());

async function say(page: Page, call: string, look?: string) {
    await callLine(page).fill(call);
    await callLine(page).press('Enter');
    if (look) {
        const line = page.getByRole('combobox', { name: 'Look line' });
        await line.fill(look);
        await line.press('Enter');
    }
    await proved(page);
}

test('gives a man a route in words, his read and his finish, by key', async ({ page }) => {
    await openCall(page, 'Smash right');
    await page.getByRole('button', { name: /^Z, on the line/ }).focus();
    await page.keyboard.press('r');
    const line = page.getByRole('combobox', { name: 'Route of Z in words' });
    await expect(line).toBeFocused();
    await line.fill('dgi 13');
    await line.press('Enter');
    await expect(page.getByText(/Did you mean dig/)).toBeVisible();
    await line.fill('dig 13');
    await line.press('Enter');
    await expect(callLine(page)).toHaveValue(/Z dig 13/);
    const card = page.getByRole('region', { name: 'Route of Z' });
    await card.getByLabel('Read', { exact: true }).selectOption('1');
    // The order of the reads is the order they are said in.
    await expect(callLine(page)).toHaveValue(/Z dig 13; H corner/);
    await expect(card.getByLabel('Read', { exact: true })).toHaveValue('1');
    await card.getByLabel('Ends').selectOption('settling');
    await expect(callLine(page)).toHaveValue(/Z dig 13 settling/);
    await card.getByLabel('Job').selectOption('clear');
    await expect(callLine(page)).toHaveValue(/clear/);
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect(callLine(page)).not.toHaveValue(/settling/);
});

test('draws a route by dragging and gives both sides the same', async ({ page }) => {
    await openCall(page, 'Smash right');
    const chip = page.getByRole('button', { name: /^Z, on the line/ });
    const depth = page.getByRole('slider', { name: 'Z, hitch, break depth' });
    const [box, six] = [(await chip.boundingBox())!, (await depth.boundingBox())!];
    await aside(page);
    await page.keyboard.press('d');
    await page.keyboard.press('b');
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    const yard = (y - (six.y + six.height / 2)) / 6;
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x, y - 12 * yard, { steps: 12 });
    await page.mouse.move(x - 9 * yard, y - 12 * yard, { steps: 10 });
    await page.mouse.up();
    await expect(page.getByText(/^Z dig .*Next nearest:/)).toBeVisible();
    await expect(callLine(page)).toHaveValue(/Z dig/);
    await expect(callLine(page)).toHaveValue(/X dig/);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+z');
    await expect(callLine(page)).toHaveValue('gun 2x2 right: smash right');
});

test('runs the play with what a press man does', async ({ page }) => {
    await openCall(page, 'Smash right');
    await say(page, 'gun 2x2 right: Z go, H go clear; read Z', '4-2 nickel, cover 1, corners press');
    await page.getByRole('button', { name: /^Z, on the line/ }).focus();
    const press = page.getByRole('region', { name: 'Z against press' });
    await expect(press.getByRole('button')).toHaveCount(5);
    await press.getByRole('button', { name: /^sits/ }).click();
    await expect(press.getByRole('button', { name: /^sits/ })).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByTestId('verdict')).toContainText('Open');
    await press.getByRole('button', { name: /^sits/ }).click();
    await expect(page.getByTestId('verdict')).toContainText('Covered');
});

test('walks the reads with one key, live and dead', async ({ page }) => {
    await openCall(page, 'Smash right');
    await proved(page);
    await aside(page);
    await page.keyboard.press('w');
    const field = page.getByRole('group', { name: /^The field/ });
    await expect(field.getByText(/^live \+|^dead: /)).toHaveCount(1);
    await page.keyboard.press('w');
    await expect(field.getByText(/^live \+|^dead: /)).toHaveCount(2);
    await page.keyboard.press('Escape');
    await expect(field.getByText(/^live \+|^dead: /)).toHaveCount(0);
});

test('draws what the defender ties, the band of depths, and what beats the call', async ({ page }) => {
    await openCall(page, 'Smash right');
    await proved(page);
    await expect(page.getByRole('img', { name: /^H may break from [\d.]+ to [\d.]+ yards/ })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'What beats this' })).toBeVisible();
});

test('proposes what would make a call good, and draws it', async ({ page }) => {
    await openCall(page, 'Smash right');
    await say(page, 'gun 2x2 right: curl-flat right', '4-2 nickel, cover 1');
    await expect(page.getByTestId('verdict')).not.toContainText(/^(Bound|Open)/);
    const proposals = page.getByRole('heading', { name: 'What would make it good' }).locator('..').getByRole('button');
    await proposals.first().click();
    await expect(page.getByTestId('verdict')).toContainText(/^(Bound|Open)/);
    await expect(callLine(page)).not.toHaveValue('gun 2x2 right: curl-flat right');
});

test('fills the sheet, opens a cell, takes a proposal', async ({ page }) => {
    await page.getByRole('link', { name: 'Sheet' }).click();
    await page.getByLabel('Saved call', { exact: true }).selectOption({ label: 'Smash right' });
    await expect(page.getByText('96 looks proved')).toBeVisible({ timeout: 40_000 });
    const summary = page.getByTestId('sheet-summary');
    const counts = (await summary.textContent())!
        .match(/(\d+) bound, (\d+) open, (\d+) guess, (\d+) covered/)!
        .slice(1);
    expect(counts.map(Number).reduce((a, b) => a + b)).toBe(96);
    const cell = page.getByRole('button', { name: /^4-2 nickel, cover 2: bound/ });
    await cell.click();
    await expect(page.getByRole('region', { name: '4-2 nickel, cover 2' })).toContainText('right corner');
    await page.getByLabel('Order').selectOption('weakest');
    const rows = page.getByRole('rowheader');
    await expect(rows).toHaveCount(8);
    await accessible(page);
    await page
        .getByRole('button', { name: /: (covered|guess),/ })
        .first()
        .click();
    await expect(page.getByRole('heading', { name: 'What would make it good' })).toBeVisible();
    await page.getByRole('button', { name: /^4-2 nickel, cover 2: bound/ }).click();
    await page.getByRole('link', { name: 'See it on the board' }).click();
    await expect(page.getByRole('combobox', { name: 'Look line' })).toHaveValue('4-2 nickel, cover 2');
});

test('ranks the menu against the looks of the opponent', async ({ page }) => {
    await page.getByRole('link', { name: 'Sheet' }).click();
    await page.getByRole('tab', { name: /menu/i }).click();
    await expect(page.getByRole('progressbar', { name: 'Looks proved' })).toBeHidden({ timeout: 40_000 });
    await expect(page.getByRole('link', { name: /^Smash right against .*: bound/ }).first()).toBeVisible();
    await accessible(page);
});

test('keeps the staff book: a school, a word, a file out and in', async ({ page }) => {
    await page.getByRole('link', { name: 'Book' }).click();
    const deep = page.getByRole('radiogroup').filter({ hasText: '12' }).first();
    const option = deep.getByRole('radio', { checked: false }).first();
    const words = (await option.textContent())!;
    await option.click();
    await expect(deep.getByRole('radio', { name: words })).toBeChecked();
    await page.reload();
    const kept = page.getByRole('radio', { name: words }).first();
    await expect(kept).toBeChecked();
    await kept.click();
    await expect(kept).not.toBeChecked();
    await page.getByRole('tab', { name: 'Our words' }).click();
    await page.getByLabel('Our word', { exact: true }).fill('thicket');
    await page.getByLabel('means').fill('mesh');
    await page.getByRole('button', { name: 'Add' }).click();
    await expect(page.getByRole('rowheader', { name: 'thicket' })).toBeVisible();
    await accessible(page);
    await page.getByRole('tab', { name: 'In and out' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Write the book to a file' }).click();
    const file = JSON.parse(readFileSync((await (await download).path())!, 'utf8'));
    const at = file.aliases.findIndex((a: { alias: string }) => a.alias === 'thicket');
    file.aliases[at].word = 'drive';
    await page
        .getByLabel('Staff book file')
        .setInputFiles({ name: 'book.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(file)) });
    const clash = page.getByRole('group', { name: 'aliases thicket' });
    await clash.getByLabel('theirs').check();
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByText('The book is taken in')).toBeVisible();
    await page.getByRole('link', { name: 'Board' }).click();
    await say(page, 'gun 2x2 right: thicket right');
    await expect(callLine(page)).toHaveValue('gun 2x2 right: thicket right');
    await expect(page.getByRole('slider', { name: 'H, dig, break depth' })).toBeVisible();
});

test('teaches the words: say it, see it', async ({ page }) => {
    await page.getByRole('link', { name: 'Words' }).click();
    await page.getByLabel('Say a call').fill('gun trips right: flood right');
    await expect(page.getByText(/Flood, right\./).first()).toBeVisible();
    await accessible(page);
});

test('makes cards for paper: a call as PDF and SVG, a player his own', async ({ page }) => {
    await openCall(page, 'Smash right');
    const take = async (item: string | RegExp) => {
        await page.getByRole('button', { name: 'Print', exact: true }).click();
        const download = page.waitForEvent('download');
        await page.getByRole('menuitem', { name: item }).click();
        return readFileSync((await (await download).path())!).toString('latin1');
    };
    expect(await take('This call, one page, PDF')).toMatch(/^%PDF-/);
    expect(await take('This call, one page, SVG')).toContain('Corner at 10 yd');
    expect(await take('Cards of Z')).toMatch(/^%PDF-/);
});
