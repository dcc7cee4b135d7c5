import { expect, test } from '@playwright/test';
import { accessible, signIn } from './support/actions';

test.beforeEach(async ({ page }) => signIn(page));

test('counts by anything, opens the clips of a number, and keeps read and result apart', async ({ page }) => {
    await page.getByRole('link', { name: 'Numbers' }).click();
    await page.getByLabel('Put together by').selectOption('family');
    await page.getByRole('button', { name: /tries of smash: watch/ }).click();
    await expect(page.getByRole('complementary', { name: 'Clips' })).toContainText(/\d+ snaps, \d on film/);
    await expect(page.locator('video')).toBeVisible();
    await page.getByRole('button', { name: 'Close' }).click();
    await page.getByLabel('Down', { exact: true }).selectOption('3');
    await expect(page.getByRole('rowheader', { name: 'All' })).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'Decisions' }).click();
    await expect(page.getByText(/Read total \d+ of \d+; result total \d+ of \d+/).first()).toBeVisible();
    await page.getByRole('button', { name: 'What we give away' }).click();
    await expect(page.getByText(/at least \d+ %/).first()).toBeVisible();
    await page.getByRole('button', { name: 'The model’s own score' }).click();
    await expect(page.getByRole('rowheader', { name: 'Granite Pass' })).toBeVisible();
});

test('says what they do, and finds what to put side by side', async ({ page }) => {
    await page.getByRole('link', { name: 'Numbers' }).click();
    await page.getByRole('button', { name: 'What they do' }).click();
    await page.getByLabel('Opponent', { exact: true }).selectOption('Granite Pass');
    await expect(page.getByRole('table', { name: 'What their keys did' })).toContainText('Right corner');
    await accessible(page);
    await page.getByRole('button', { name: /right corner sit: watch 4 of 7/ }).click();
    await expect(page.getByRole('complementary', { name: 'Clips' })).toContainText('4 snaps');
    await page.getByRole('button', { name: 'Close' }).click();
    await page.getByRole('button', { name: 'Side by side' }).click();
    await page.getByRole('button', { name: /Corner at 10 yd/ }).click();
    const two = page.getByRole('region', { name: 'Side by side' });
    await expect(two.locator('video')).toHaveCount(2);
    await two.getByLabel('Seconds from the snap').fill('1.5');
    await expect(two).toContainText('1.5');
    await accessible(page);
});

test('keeps a cut-up and watches it', async ({ page }) => {
    await page.getByRole('link', { name: 'Numbers' }).click();
    await page.getByLabel('Decision', { exact: true }).selectOption('forced');
    await page.getByRole('button', { name: 'Keep as a cut-up' }).click();
    await accessible(page);
    await page.getByLabel('Name of the cut-up').fill('Forced throws');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Share it' }).click();
    await expect(page.getByText('Cut-up Forced throws kept')).toBeVisible();
    await page.reload();
    await page.getByRole('button', { name: 'Watch Forced throws' }).click();
    await expect(page.getByRole('complementary', { name: 'Clips' })).toContainText('forced');
});

test('tells the week, changes how it is graded, and teaches a fault', async ({ page }) => {
    await page.getByRole('link', { name: 'Grades' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Week 3');
    await expect(page.getByText(/time in 14 days/).first()).toBeVisible();
    await expect(page.getByRole('region', { name: 'One cue for each man' })).toContainText('Micah Lund');
    await accessible(page);
    await page.getByRole('button', { name: 'How we grade' }).click();
    await page.getByLabel('School').selectOption('three-part');
    await expect(page.getByText(/Graded by assignment, technique and finish/)).toBeVisible();
    await page.getByLabel('School').selectOption('plus-minus');
    await page.getByRole('link', { name: 'Teaching reels' }).click();
    await expect(page.getByRole('heading', { name: /How it is done/ }).first()).toBeVisible();
    await expect(page.getByRole('heading', { name: /How it went wrong/ }).first()).toBeVisible();
    await page.getByRole('button', { name: 'Play it through' }).click();
    await accessible(page);
});

test('writes a letter and puts two snaps side by side', async ({ page }) => {
    await page.getByRole('link', { name: 'Grades' }).click();
    await page
        .getByRole('navigation', { name: 'Players' })
        .getByRole('link', { name: /Micah Lund/ })
        .click();
    await expect(page.getByText(/^Micah, week 3:/)).toBeVisible();
    await expect(page.getByRole('heading', { name: 'To watch' })).toBeVisible();
    const beside = page.getByRole('button', { name: 'put beside' });
    await beside.first().click();
    await beside.first().click();
    const two = page.getByRole('region', { name: 'Side by side' });
    await expect(two.locator('video')).toHaveCount(2);
    await two.getByLabel('Seconds from the snap').fill('1.5');
    await expect(two).toContainText('1.5');
    await expect(two.getByTestId('ringed').first()).toBeVisible();
    await two
        .getByRole('button', { name: /^Enlarge/ })
        .first()
        .click();
    await expect(two.locator('div[style*="scale("]').first()).toBeVisible();
    await accessible(page);
});

test('takes a breakdown in: the mapping is guessed, shown and corrected', async ({ page }) => {
    await page.getByRole('link', { name: 'Film' }).click();
    await page.getByTitle('Other reels, a new one').click();
    await page.getByLabel('Title').fill('Their week 4');
    await page.getByLabel('Whose offense').selectOption('theirs');
    await page.getByRole('button', { name: 'Start it' }).click();
    await page.getByRole('button', { name: /Their week 4/ }).click();
    await page.getByRole('button', { name: /Take a breakdown into/ }).click();
    await page.getByLabel('Table').setInputFiles({
        name: 'theirs.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from('\uFEFFDn;Dist;Weather;Yards Gained;Result\r\n1;10;rain;4;Rush\r\n2;six;rain;3;Rush\r\n'),
    });
    await expect(page.getByText('2 rows. Say what each column is')).toBeVisible();
    await expect(page.getByLabel('Column Dist is')).toHaveValue('toGo');
    await expect(page.getByText(/To go “six”/)).toBeVisible();
    await page.getByLabel('Column Weather is').selectOption('note');
    await page.getByRole('button', { name: 'Keep 2 snaps' }).click();
    await expect(page.getByText(/2 snaps kept; 1 have something in their note/)).toBeVisible();
    await expect(page.getByRole('navigation', { name: 'Snaps' }).getByRole('button')).toHaveCount(2);
});
