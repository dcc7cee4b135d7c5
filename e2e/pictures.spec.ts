import { expect, test } from '@playwright/test';
import { accessible, atRest, openCall, signIn } from './support/actions';

test.beforeEach(async ({ page }) => {
    await signIn(page);
});

test('says a motion, times it on a sound of the cadence, saves and reloads it', async ({ page }) => {
    await openCall(page, 'Trips smash');
    const line = page.getByRole('combobox', { name: 'Call line' });
    await page.keyboard.press('/');
    await line.fill('gun 2x2 right, H jet left: smash left');
    await line.press('Enter');
    await page.getByRole('button', { name: /^H, off the line/ }).focus();
    const card = page.getByRole('region', { name: 'H before the snap' });
    await expect(card.getByRole('row')).toHaveCount(6);
    await card.getByLabel('Starts on').selectOption('last sound of set');
    await expect(card).toContainText(/late; the .* has him nearest/);
    await expect(line).toHaveValue(/H jet left on the last sound of set/);
    await expect(page.getByText(/H jet left on the last sound of set: .* late/).first()).toBeVisible();
    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+s');
    await page.getByRole('alertdialog').getByRole('button', { name: 'Save as new' }).click();
    await expect(page.getByText(/^Saved .*, version/)).toBeVisible();
    await page.reload();
    await expect(line).toHaveValue(/H jet left on the last sound of set/);
});

test('cures what the rule book forbids with one key', async ({ page }) => {
    await openCall(page, 'Smash right');
    const line = page.getByRole('combobox', { name: 'Call line' });
    await page.keyboard.press('/');
    await line.fill('gun 2x2 right, H jet left, Y short right: smash right');
    await line.press('Enter');
    const finding = page.getByText(/Y is in motion at the snap while H is/).last();
    await expect(finding).toBeVisible();
    await expect(page.getByText('NFHS 7-2-7').first()).toBeVisible();
    await page.locator('body').click({ position: { x: 400, y: 790 } });
    await page.keyboard.press('f');
    await expect(finding).toBeHidden();
    await expect(line).toHaveValue(/^gun 2x2 right, H jet left:/);
    await page.keyboard.press('Control+z');
    await expect(finding).toBeVisible();
});

test('turns the call over and to the field by key', async ({ page }) => {
    await openCall(page, 'Trips smash');
    const line = page.getByRole('combobox', { name: 'Call line' });
    await expect(line).toHaveValue(/^gun (trips|2x2) right/);
    await page.locator('body').click({ position: { x: 400, y: 790 } });
    await page.keyboard.press('m');
    await expect(line).toHaveValue(/left/);
    await page.keyboard.press('Shift+F');
    await expect(line).toHaveValue(/^gun (trips|2x2) right/);
});

test('drags a man onto a landmark that says its name, and saves the set under a word', async ({ page }) => {
    await openCall(page, 'Smash right');
    const chip = page.getByRole('button', { name: /^H, off the line/ });
    const z = await atRest(page.getByRole('button', { name: /^Z, on the line/ }));
    const box = await atRest(chip);
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(z.x + z.width / 2 + 2, box.y + box.height / 2, { steps: 8 });
    await expect(page.getByTestId('landmark')).toContainText('stacked on Z');
    await page.mouse.up();
    const name = `corner${Date.now() % 100000}`;
    await page.getByLabel('Name of the set').fill(name);
    await page.getByRole('button', { name: 'Save set' }).click();
    await expect(page.getByText(`Saved the set ${name}`)).toBeVisible();
    const line = page.getByRole('combobox', { name: 'Call line' });
    await line.fill(`${name} left: smash left`);
    await line.press('Enter');
    await expect(line).toHaveValue(/^gun 2x2 left/);
    await page.reload();
    await expect(page.getByRole('button', { name, exact: true })).toBeVisible();
});

test('changes the look by words, by card and by dragging, and puts it on the shelf', async ({ page }) => {
    await openCall(page, 'Smash right');
    const look = page.getByRole('combobox', { name: 'Look line' });
    await expect(look).toHaveValue('4-2 nickel, cover 2');
    await page.locator('body').click({ position: { x: 400, y: 790 } });
    await page.keyboard.press('l');
    await look.fill('4-3 over, cover 3, corners prs');
    await look.press('Enter');
    await expect(page.getByText(/Did you mean press/)).toBeVisible();
    await look.fill('4-3 over, cover 3, corners press');
    await look.press('Enter');
    const sam = page.getByRole('button', { name: /^sam:/ });
    await sam.focus();
    const card = page.getByRole('region', { name: 'The sam' });
    await card.getByLabel('Movement').selectOption('blitz');
    await expect(look).toHaveValue('4-3 over, cover 3, corners press, sam blitz');
    await page.getByRole('tab', { name: 'Assignments' }).click();
    await expect(page.getByText(/The sam was given a movement: blitz/)).toBeVisible();
    await sam.focus();
    await page.keyboard.press('ArrowDown');
    await expect(look).toHaveValue(/sam at [\d.]+ [\d.]+/);
    await card.getByRole('button', { name: 'Back to his rule' }).click();
    await expect(look).toHaveValue('4-3 over, cover 3, corners press');
    const will = page.getByRole('button', { name: /^will:/ });
    const box = (await will.boundingBox())!;
    await page.mouse.move(box.x + 9, box.y + 9);
    await page.mouse.down();
    await page.mouse.move(box.x + 9, box.y - 40, { steps: 5 });
    await page.mouse.up();
    await expect(look).toHaveValue(/will at/);
    await page.getByRole('button', { name: 'Save look' }).click();
    await expect(page.getByText(/Saved on the shelf of Granite Pass/)).toBeVisible();
    await page.reload();
    await expect(page.getByRole('tab', { name: /4-3 over, cover 3, corners press, will at/ })).toBeVisible();
});

test('shows what the picture says', async ({ page }) => {
    await openCall(page, 'Smash right');
    await page.getByRole('tab', { name: 'This look says' }).click();
    const panel = page.getByRole('tabpanel');
    await expect(panel).toContainText('6 - 0 = 6 against 5, one free');
    await expect(panel).toContainText(/2 on 1, numbers are ours/);
    await expect(panel.getByRole('listitem')).toHaveCount(8);
    await expect(panel).toContainText('support right corner');
});

test('keeps the shelf of looks by opponent with how often each was shown', async ({ page }) => {
    await page.getByRole('link', { name: 'Looks' }).click();
    const card = page.getByRole('listitem', { name: '4-2 nickel, cover 6', exact: true });
    const before = Number((await card.getByText(/^shown/).textContent())!.match(/\d+/)![0]);
    await card.getByRole('button', { name: /shown once more/ }).click();
    await expect(card.getByText(/^shown/)).toContainText(`shown ${before + 1}`);
    await page.getByLabel('New opponent').fill('Mill Hollow');
    await page.getByLabel('New opponent').press('Enter');
    await expect(page.getByText('Nothing on this shelf yet')).toBeVisible();
    const line = page.getByRole('combobox', { name: 'Look line' });
    await line.fill('3-3 stack, cover 3 cloud');
    await line.press('Enter');
    await expect(page.getByRole('listitem', { name: '3-3 stack, cover 3 cloud' })).toBeVisible();
    await page.getByLabel('against').fill('double-wing left');
    await page.getByLabel('against').press('Enter');
    await page.reload();
    await page.getByRole('button', { name: /Mill Hollow/ }).click();
    await expect(page.getByRole('listitem', { name: '3-3 stack, cover 3 cloud' })).toBeVisible();
    await accessible(page);
});

test('names a look from eleven dragged spots', async ({ page }) => {
    await page.getByRole('link', { name: 'Looks' }).click();
    await page.getByRole('button', { name: 'Name what you saw' }).click();
    const said = page.getByRole('region', { name: 'What it is' });
    await expect(said).toContainText('4-2 nickel');
    await expect(said).toContainText('two deep safeties, middle open');
    const safety = page.getByRole('img', { name: 'free safety' });
    const box = (await safety.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 - 40, box.y + 170, { steps: 6 });
    await page.mouse.up();
    await expect(said).toContainText('one deep safety, middle closed');
    await accessible(page);
});

test('keeps the roster and the words of the staff', async ({ page }) => {
    await page.getByRole('link', { name: 'Roster' }).click();
    const forty = page.getByLabel('Forty of Andre Whitlow');
    const next = (await forty.inputValue()) === '4.55' ? '4.63' : '4.55';
    await forty.fill(next);
    await forty.press('Enter');
    await expect(page.getByText('Saved Andre Whitlow')).toBeVisible();
    await page.reload();
    await expect(forty).toHaveValue(next);
    await forty.fill('2');
    await forty.press('Enter');
    await expect(page.getByText(/A forty of 2 s cannot be/)).toBeVisible();
    await accessible(page);
    await page.getByLabel('Letter of the running back').fill('B');
    await page.getByRole('button', { name: 'Save our words' }).click();
    await expect(page.getByText('Saved the words of the staff')).toBeVisible();
    await page.getByRole('link', { name: 'Board' }).click();
    await expect(page.getByRole('button', { name: /^B, off the line/ })).toBeVisible();
    await page.getByRole('link', { name: 'Roster' }).click();
    await page.getByLabel('Letter of the running back').fill('R');
    await page.getByRole('button', { name: 'Save our words' }).click();
    await expect(page.getByText('Saved the words of the staff').first()).toBeVisible();
});

test('runs the call with our own men', async ({ page }) => {
    await openCall(page, 'Smash right');
    await page.getByLabel('Our men').check();
    await expect(page.getByTestId('verdict')).toHaveAttribute('aria-busy', 'false');
    await expect(page.getByTestId('verdict')).toContainText(/strength/);
});

test('prints what is on the screen: the field wide, the looks in two columns', async ({ page }) => {
    await openCall(page, 'Smash right');
    await page.emulateMedia({ media: 'print' });
    const field = page.getByRole('group', { name: /^The field/ });
    await expect.poll(async () => (await field.boundingBox())!.width).toBeGreaterThan(500);
    await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden();
    await page.emulateMedia({ media: 'screen' });
    await page.getByRole('link', { name: 'Looks' }).click();
    await expect(page.getByRole('listitem', { name: '4-2 nickel, cover 2', exact: true })).toBeVisible();
    await page.emulateMedia({ media: 'print' });
    const card = (await page.getByRole('listitem', { name: '4-2 nickel, cover 2', exact: true }).boundingBox())!;
    expect(card.width).toBeGreaterThan(400);
    await expect(page.getByRole('heading', { name: /Looks of Granite Pass against gun 2x2 right/ })).toBeVisible();
    await page.emulateMedia({ media: 'screen' });
    await page.getByRole('link', { name: 'Grades' }).click();
    const week = page.getByRole('heading', { name: 'Week 3' });
    await expect(week).toBeVisible();
    await page.emulateMedia({ media: 'print' });
    expect((await week.boundingBox())!.width).toBeGreaterThan(60);
    await expect(page.getByRole('table')).toBeVisible();
    await expect(page.getByRole('navigation', { name: 'Players' })).toBeHidden();
});
