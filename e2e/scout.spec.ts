import { expect, test } from '@playwright/test';
import { accessible, signIn } from './support/actions';

test.beforeEach(async ({ page }) => signIn(page));

test('an opponent is scouted: his habits, his tells, his shares, each with its clips', async ({ page }) => {
    await page.getByRole('link', { name: 'Scout' }).click();
    await page.getByLabel('Opponent', { exact: true }).selectOption('Granite Pass');
    const habits = page.getByRole('region', { name: 'What they do when' });
    await expect(habits).toContainText('Cover 4 on 3rd and long');
    await expect(page.getByRole('region', { name: 'What gives them away' })).toContainText(
        'It shows as soon as they have lined up.',
    );
    await accessible(page);
    await habits.getByRole('button', { name: /cover 4 on 3rd and long: watch/ }).click();
    await expect(page.getByRole('complementary', { name: 'Clips' })).toContainText(/\d+ snaps/);
    await page.getByRole('button', { name: 'Close' }).click();
    await page.getByLabel('By', { exact: true }).selectOption({ label: 'Formation' });
    await expect(page.getByRole('row', { name: /Gun trips/ }).first()).toContainText('▲');
    await page.getByLabel('What is shown').selectOption({ label: 'Front' });
    await expect(page.getByRole('columnheader', { name: '4-2 nickel' })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Opponent', { exact: true })).toHaveValue('Granite Pass');
});

test('his shelf is counted by the film with one key, and taken back with another', async ({ page }) => {
    await page.goto('/scout?opponent=Larkspur%20Valley');
    const shelf = page.getByRole('region', { name: 'The shelf beside the film' });
    const row = shelf.getByRole('row', { name: /3-4, cover 3/ }).first();
    const said = row.getByRole('cell').nth(1);
    const before = await said.innerText();
    await shelf.getByRole('button', { name: 'Count by the film' }).click();
    await expect(shelf).toContainText('The shelf says what the film shows.');
    expect(await said.innerText()).not.toBe(before);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(said).toHaveText(before);
});

test('film of another offense is charted in one line and counted at once', async ({ page }) => {
    await page.getByRole('link', { name: 'Film' }).click();
    await page.getByTitle('Other reels, a new one, breakdowns in and out').click();
    const reels = page.getByRole('dialog', { name: 'Reels' });
    await reels.getByLabel('Title').fill('Slate Hill against Stony Ford');
    await reels.getByLabel('Opponent').fill('Slate Hill');
    await reels.getByLabel('Whose offense').selectOption('theirs');
    await reels.getByRole('button', { name: 'Start it' }).click();
    await expect(page.getByRole('button', { name: /^Slate Hill against Stony Ford/ })).toBeVisible();
    await expect(page.getByText('No snap yet.')).toBeVisible();
    await page.locator('#entry').fill('? 1&10 (gun trips right) fs@12 r4');
    await page.locator('#entry').press('Enter');
    await expect(page.getByRole('navigation', { name: 'Snaps' }).getByRole('button')).toHaveCount(1);
    await page.goto('/scout?opponent=Slate%20Hill');
    await expect(page.getByText(/1 snap of 1 game/)).toBeVisible();
});
