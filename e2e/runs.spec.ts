import { expect, test, type Page } from '@playwright/test';
import { accessible, openCall, signIn } from './support/actions';

test.beforeEach(async ({ page }) => {
    await signIn(page);
});

const callLine = (page: Page) => page.getByRole('combobox', { name: 'Call line' });
const proved = (page: Page) => expect(page.getByTestId('verdict')).toHaveAttribute('aria-busy', 'false');
const aside = (page: Page) => page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());

async function look(page: Page, words: string) {
    const line = page.getByRole('combobox', { name: 'Look line' });
    await line.fill(words);
    await line.press('Enter');
    await proved(page);
}

test('says an option, runs each prong of its two keys, and saves it', async ({ page }) => {
    await openCall(page, 'Smash right');
    await callLine(page).fill('double-slot, H return right: triple right');
    await callLine(page).press('Enter');
    await look(page, '5-2, cover 3');
    await expect(page.getByRole('button', { name: /take the back/ })).toBeVisible();
    await expect(page.getByRole('button', { name: /take the pitch/ })).toBeVisible();
    await aside(page);
    await page.keyboard.press('1');
    await page.keyboard.press('4');
    await expect(page.getByRole('button', { name: /take the pitch/ })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Escape');
    await page.getByRole('tab', { name: 'Run', exact: true }).click();
    await expect(page.getByText('Who ends up with the ball')).toBeVisible();
    await expect(page.getByText(/3 on 2/)).toBeVisible();
    await page.getByLabel('Name of the call').fill('Triple by hand');
    await page.keyboard.press('Control+s');
    await expect(page.getByRole('button', { name: /Saved, v/ })).toBeVisible();
    await page.reload();
    await openCall(page, 'Triple by hand');
    await expect(callLine(page)).toHaveValue(/triple right/);
});

test("shows who nobody has at arm's length, and a click puts the tag on", async ({ page }) => {
    await openCall(page, 'Midline pitch');
    await look(page, '6-1, cover 3');
    await aside(page);
    await page.keyboard.press('u');
    const big = page.getByRole('dialog', { name: 'Sideline' });
    await expect(big).toContainText('Nobody has the right end');
    await expect(big).toContainText(/Tag /);
    await page.keyboard.press('Escape');
    await expect(big).toBeHidden();
    await page.getByRole('tab', { name: 'Run', exact: true }).click();
    await page.getByRole('button', { name: /exchange/ }).click();
    await expect(callLine(page)).toHaveValue(/tag exchange/);
    await expect(page.getByText('Nobody has the right end')).toBeHidden();
    await aside(page);
    await page.keyboard.press('Control+z');
    await expect(callLine(page)).not.toHaveValue(/exchange/);
});

test('keeps a rule of our own chosen from lists', async ({ page }) => {
    await openCall(page, 'Zone read, slant behind');
    await page.getByRole('button', { name: 'Add a rule of our own' }).click();
    await page.getByLabel('If', { exact: true }).selectOption('will');
    await page.getByLabel('does', { exact: true }).selectOption('drop');
    await page.getByLabel('then', { exact: true }).selectOption('throw Y');
    await page.getByRole('button', { name: 'Put it in' }).click();
    await expect(callLine(page)).toHaveValue(/if will drop then throw Y/);
    await proved(page);
    await expect(page.getByRole('button', { name: /^drop/ })).toContainText('Y slant');
    await page.getByRole('button', { name: 'Take out' }).click();
    await expect(callLine(page)).not.toHaveValue(/if will/);
});

test('sets the members of a series side by side with what gives them away', async ({ page }) => {
    await openCall(page, 'Boot flood');
    await page.getByRole('link', { name: 'Its series, side by side' }).click();
    await expect(page.getByRole('heading', { name: /Series, around outside zone left/ })).toBeVisible();
    const members = page.getByRole('list', { name: 'Members of the series' });
    await expect(members.getByText('What the others must look like.')).toBeVisible();
    await expect(members.getByText(/Missing: a keep by the quarterback/)).toBeVisible();
    await expect(page.getByRole('heading', { name: 'The bind of the series' })).toBeVisible();
    await accessible(page);
    await members.getByRole('link', { name: 'Wing counter' }).click();
    await expect(page.getByLabel('Name of the call')).toHaveValue('Wing counter');
});

test('prints the line card of a run', async ({ page }) => {
    await openCall(page, 'Power');
    await page.getByRole('button', { name: 'Print' }).click();
    const file = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: 'Line card: this run against every front, PDF' }).click();
    expect((await file).suggestedFilename()).toBe('Power.pdf');
});

test("prints the line card of this week's opponent, the look he shows most first", async ({ page }) => {
    await openCall(page, 'Power');
    await page.getByRole('button', { name: 'Print' }).click();
    const file = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: /^Line card: Granite Pass/ }).click();
    expect((await file).suggestedFilename()).toBe('Power.pdf');
});

test("prints the cards of a lineman against this week's opponent", async ({ page }) => {
    await openCall(page, 'Power');
    await page.getByRole('button', { name: 'Print' }).click();
    const file = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: 'Cards of RG' }).click();
    expect((await file).suggestedFilename()).toBe('Power.pdf');
});

test('the board of a run has no serious accessibility fault', async ({ page }) => {
    await openCall(page, 'Lead option');
    await proved(page);
    await page.getByRole('tab', { name: 'Run', exact: true }).click();
    await accessible(page);
});

test('tells a man his step, aim and branches, and tries a branch on the board', async ({ page }) => {
    await callLine(page).fill('double-slot, H pitch right: triple right');
    await callLine(page).press('Enter');
    await expect(page.getByTestId('verdict')).toBeVisible();
    await look(page, '5-2, cover 4');
    const guard = page.getByRole('button', { name: /^RG Climbs to the mike/ });
    await guard.click();
    await expect(guard).toContainText('Step: left foot first');
    await expect(guard).toContainText('Eyes: the mike');
    const branches = page.getByRole('list', { name: 'Branches of RG' });
    await expect(branches).toContainText('If the mike runs over the top: replaces him');
    await branches.getByRole('button', { name: 'Try it' }).first().click();
    await proved(page);
    await expect(page.getByRole('button', { name: /^RG Climbs to the free safety/ })).toBeVisible();
    await expect(page.getByRole('button', { name: /^RT Releases outside the read man to the mike/ })).toBeVisible();
    await accessible(page);
});
