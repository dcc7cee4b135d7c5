import { expect, test } from '@playwright/test';
import { accessible, openCall, signIn } from './support/actions';

test.beforeEach(async ({ page }) => {
    await signIn(page);
    await openCall(page, 'Smash right');
});

test('says a call in the call line, with help for a wrong word', async ({ page }) => {
    const line = page.getByRole('combobox', { name: 'Call line' });
    await expect(line).toHaveValue('gun 2x2 right: smash right');
    await page.keyboard.press('/');
    await line.fill('gun 2x2: smsh right');
    await line.press('Enter');
    await expect(page.getByText(/Did you mean smash/)).toBeVisible();
    await line.fill('gun trips left: post-dig lef');
    await line.press('Tab');
    await expect(line).toHaveValue('gun trips left: post-dig left ');
    await line.press('Enter');
    await expect(line).toHaveValue('gun trips left: post-dig left');
    await expect(page.getByText(/Assumed:.*Y bender clears out/)).toBeVisible();
    await expect(page.getByRole('slider', { name: 'H, dig, break depth' })).toBeVisible();
});

test('takes a call and a look as a coach types them', async ({ page }) => {
    const line = page.getByRole('combobox', { name: 'Call line' });
    await line.fill('doubles rt smash lt');
    await line.press('Enter');
    await expect(line).toHaveValue('gun 2x2 right: smash left');
    const look = page.getByRole('combobox', { name: 'Look line' });
    await look.fill('c3 4-2-5 press');
    await look.press('Enter');
    await expect(look).toHaveValue('4-2 nickel, cover 3, corners press');
    await line.fill('gun trips rt: smash rt; R block');
    await line.press('Enter');
    await expect(line).toHaveValue('gun trips right: smash right; R block');
    await expect(page.getByTestId('verdict')).toBeVisible();
});

test('says what it understands while one types, and changes nothing before Enter', async ({ page }) => {
    const line = page.getByRole('combobox', { name: 'Call line' });
    await page.keyboard.press('/');
    await line.fill('trips lt sail, X dig');
    await expect(page.getByText('Enter shows gun trips left: flood left; X dig')).toBeVisible();
    await expect(page.getByRole('slider', { name: 'H, corner, break depth' })).toBeVisible();
    await line.press('Enter');
    await expect(line).toHaveValue('gun trips left: flood left; X dig');
    await expect(page.getByRole('slider', { name: 'X, dig, break depth' })).toBeVisible();
});

test('asks once what a word means to us, and reads it from then on', async ({ page }) => {
    const line = page.getByRole('combobox', { name: 'Call line' });
    const say = async () => {
        await page.keyboard.press('/');
        await line.fill('gun trio right: hitches');
        await line.press('Enter');
    };
    await say();
    const asked = page.getByRole('group', { name: 'What "trio" means to us' });
    await expect(asked.getByRole('button')).toHaveText(['trips', 'trey', 'bunch', 'nub']);
    await accessible(page);
    await asked.getByRole('button', { name: 'nub' }).click();
    await expect(page.getByText(/“trio” is nub from now on/)).toBeVisible();
    await expect(line).toHaveValue('gun trio right: hitches right');
    await page.reload();
    await openCall(page, 'Smash right');
    await say();
    await expect(line).toHaveValue('gun trio right: hitches right');
    await expect(asked).toHaveCount(0);
    await page.getByRole('link', { name: 'Book' }).click();
    await page.getByRole('tab', { name: 'Our words' }).click();
    await page
        .getByRole('row', { name: /trio nub/ })
        .getByRole('button', { name: 'Take out' })
        .click();
    await expect(page.getByText('“trio” is out of the book')).toBeVisible();
});

test('takes two calls and says which is played against the look', async ({ page }) => {
    const line = page.getByRole('combobox', { name: 'Call line' });
    await line.fill('gun 2x2: zone right; kill to hitches both if two high');
    await line.press('Enter');
    await expect(line).toHaveValue('gun 2x2 right: zone right; kill to hitches both if middle open');
    await expect(page.getByText('Killed to the second call: the middle is open.')).toBeVisible();
    await expect(page.getByRole('slider', { name: 'H, hitch, break depth' })).toBeVisible();
    const look = page.getByRole('combobox', { name: 'Look line' });
    await look.fill('4-2-5 cover 3');
    await look.press('Enter');
    await expect(page.getByText('The first call stands: the middle is closed.')).toBeVisible();
    await expect(page.getByRole('tab', { name: 'Run', exact: true })).toBeVisible();
});

test('lists every key of the screen on one page', async ({ page }) => {
    await page.keyboard.press('?');
    const keys = page.getByRole('dialog', { name: 'Keys of this screen' });
    await expect(keys.getByText('to the call line')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(keys).toBeHidden();
    await page.getByRole('button', { name: 'Keys (?)' }).click();
    await expect(keys.getByText('turns the call over')).toBeVisible();
});

test('drags a break and everything follows; undo, redo, save, reload', async ({ page }) => {
    await openCall(page, 'Trips smash');
    const handle = page.getByRole('slider', { name: 'H, corner, break depth' });
    const line = page.getByRole('combobox', { name: 'Call line' });
    const first = (await handle.getAttribute('aria-valuenow'))!;
    const before = (await handle.boundingBox())!;
    const [x, y] = [before.x + before.width / 2, before.y + before.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    for (let i = 1; i <= 6; i++) await page.mouse.move(x, y - 5 * i);
    await page.mouse.up();
    await expect(handle).not.toHaveAttribute('aria-valuenow', first);
    await page.waitForTimeout(800);
    await expect(line).toHaveValue(/H corner [\d.]+/);
    const depth = (await line.inputValue()).match(/H corner ([\d.]+)/)![1];
    await expect(handle).toHaveAttribute('aria-valuenow', depth);
    await expect(page.getByRole('complementary').getByRole('button', { name: /^H Corner/ })).toContainText(
        `${depth} yd`,
    );
    await page.keyboard.press('Control+z');
    await expect(handle).toHaveAttribute('aria-valuenow', first);
    await page.keyboard.press('Control+Shift+z');
    await expect(handle).toHaveAttribute('aria-valuenow', depth);
    await page.keyboard.press('Control+s');
    await expect(page.getByText(/Saved Trips smash, version \d/)).toBeVisible();
    await page.reload();
    await expect(handle).toHaveAttribute('aria-valuenow', depth);
});

test('moves men and breaks with the keyboard alone', async ({ page }) => {
    const chip = page.getByRole('button', { name: /^Z, on the line/ });
    const before = await chip.boundingBox();
    await chip.focus();
    for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowLeft');
    await expect.poll(async () => (await chip.boundingBox())!.x).toBeLessThan(before!.x - 20);
    const handle = page.getByRole('slider', { name: 'Z, hitch, break depth' });
    await handle.focus();
    await page.keyboard.press('ArrowUp');
    await expect(handle).toHaveAttribute('aria-valuenow', '6.5');
});

test('drags a man with the mouse', async ({ page }) => {
    const chip = page.getByRole('button', { name: /^H, off the line/ });
    const box = (await chip.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 30, box.y + box.height / 2, { steps: 5 });
    await page.mouse.up();
    await expect.poll(async () => (await chip.boundingBox())!.x).toBeGreaterThan(box.x + 20);
    await page.keyboard.press('Control+z');
    await expect.poll(async () => Math.abs((await chip.boundingBox())!.x - box.x)).toBeLessThan(2);
});

test('flips looks and prongs by key and runs the play', async ({ page }) => {
    await expect(page.getByRole('tablist', { name: 'Looks' }).getByRole('tab', { selected: true })).toContainText(
        'cover 2',
    );
    await page.keyboard.press(']');
    await expect(page.getByRole('tablist', { name: 'Looks' }).getByRole('tab', { selected: true })).toContainText(
        'cover 3',
    );
    await page.keyboard.press('[');
    await expect(page.getByRole('tablist', { name: 'Looks' }).getByRole('tab', { selected: true })).toContainText(
        'cover 2',
    );
    await expect(page.getByTestId('verdict')).toHaveAttribute('aria-busy', 'false');
    await expect(page.getByTestId('verdict')).toContainText('Bound');
    const sink = page.getByRole('button', { name: /^sink/ });
    await expect(sink).toContainText('Z hitch');
    await page.keyboard.press('1');
    await expect(sink).toHaveAttribute('aria-pressed', 'true');
    const scrub = page.getByLabel('Moment of the play, seconds');
    await expect.poll(async () => Number(await scrub.inputValue())).toBeGreaterThan(1);
    await page.keyboard.press('Space');
    const held = Number(await scrub.inputValue());
    await page.waitForTimeout(300);
    expect(Number(await scrub.inputValue())).toBe(held);
    await scrub.fill('0.5');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('slider', { name: 'H, corner, break depth' })).toBeVisible();
});

test('refuses a stale save and loses nothing', async ({ page, context }) => {
    const other = await context.newPage();
    await other.goto(page.url());
    await openCall(other, 'Four verticals');
    await openCall(page, 'Four verticals');
    const deepen = async (p: typeof page) => {
        const handle = p.getByRole('slider', { name: /^H, (seam|bender), break depth/ });
        const next = String(Number(await handle.getAttribute('aria-valuenow')) + 0.5);
        await handle.focus();
        await p.keyboard.press('ArrowUp');
        await expect(handle).toHaveAttribute('aria-valuenow', next);
        await p.keyboard.press('Control+s');
    };
    await deepen(other);
    await expect(other.getByText(/Saved Four verticals, version \d/)).toBeVisible();
    await deepen(page);
    await expect(page.getByText(/The saved version is \d now/)).toBeVisible();
    await page.getByRole('button', { name: 'Keep mine as a new call' }).click();
    await expect(page.getByLabel('Name of the call')).toHaveValue('Four verticals (mine)');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('Saved Four verticals (mine), version 1')).toBeVisible();
});

test('asks before a call said anew is saved over the open one', async ({ page }) => {
    const line = page.getByRole('combobox', { name: 'Call line' });
    await line.fill('gun trips rt flood rt');
    await line.press('Enter');
    await expect(line).toHaveValue('gun trips right: flood right');
    await page.keyboard.press('Control+s');
    const asked = page.getByRole('alertdialog');
    await expect(asked).toContainText('Keep Smash right too?');
    await asked.getByLabel('Name of the new call').fill('Trips flood');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Saved Trips flood, version 1')).toBeVisible();
    await openCall(page, 'Smash right');
    await expect(line).toHaveValue('gun 2x2 right: smash right');
});

test('is accessible in both themes', async ({ page }) => {
    await accessible(page);
});

test('a call that is thrown away is taken back at once, or later by the coordinator', async ({ page }) => {
    const saved = page.getByRole('navigation', { name: 'Saved calls' });
    await page.getByLabel('Find a call').fill('stick trips');
    await saved.getByRole('button', { name: 'Stick trips' }).click();
    await saved.getByRole('button', { name: 'Throw it away' }).click();
    await expect(saved.getByRole('button', { name: 'Stick trips' })).toHaveCount(0);
    await page
        .getByRole('region', { name: /Notifications/ })
        .getByRole('button', { name: 'Undo' })
        .click();
    await expect(saved.getByRole('button', { name: 'Stick trips' })).toBeVisible();
    await saved.getByRole('button', { name: 'Stick trips' }).click();
    await saved.getByRole('button', { name: 'Throw it away' }).click();
    await expect(saved.getByRole('button', { name: 'Stick trips' })).toHaveCount(0);
    await page.goto('/people');
    const gone = page
        .getByRole('region', { name: 'Thrown away' })
        .getByRole('listitem')
        .filter({ hasText: 'Stick trips' });
    await accessible(page);
    await gone.getByRole('button', { name: 'Take back' }).click();
    await expect(gone).toHaveCount(0);
    await page.goto('/board');
    await page.getByLabel('Find a call').fill('stick trips');
    await expect(saved.getByRole('button', { name: 'Stick trips' })).toBeVisible();
});
