import { expect, test, type Page } from '@playwright/test';
import { accessible, refused, signIn } from './support/actions';
import { feet, pixel, truth } from './support/truth';

/** Width of a field mark from the left sideline, yards (high school). */
const ACROSS: Record<string, number> = {
    'left hash': 160 / 9,
    'right hash': 320 / 9,
    'top of the right numbers': 160 / 3 - 9,
};

async function openSnap(page: Page, n: number) {
    await page
        .getByRole('navigation', { name: 'Snaps' })
        .getByRole('button', { name: new RegExp(`^Snap ${n},`) })
        .click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText(`Snap ${n} `);
}

/** Clicks a pixel of the film. */
async function clickPixel(page: Page, [x, y]: [number, number]) {
    const box = (await page.getByRole('application').boundingBox())!;
    await page.mouse.click(box.x + (x / 640) * box.width, box.y + (y / 360) * box.height);
}

/** Goes to a moment of the film, and gives the keys back to the room. */
async function at(page: Page, s: number) {
    await page.getByLabel('Moment of the film, seconds').fill(String(s));
    await expect(page.getByTestId('clock')).toContainText(`${s.toFixed(2)} s`);
    await page.waitForTimeout(150);
}

async function calibrate(page: Page, name: string, s: number, marks: [string, number][]) {
    const t = truth(name);
    await at(page, s);
    await page.getByRole('button', { name: 'Calibrate' }).click();
    for (const [mark, yard] of marks) {
        await page.getByLabel('Yard line').selectOption(String(yard));
        await page.getByLabel('Mark on it').selectOption(mark);
        await clickPixel(page, pixel(t, s, [ACROSS[mark], yard]));
    }
}

const SIX: [string, number][] = [
    ['left hash', 40],
    ['right hash', 40],
    ['left hash', 60],
    ['right hash', 60],
    ['top of the right numbers', 45],
    ['top of the right numbers', 60],
];

test.beforeEach(async ({ page }) => {
    await signIn(page);
    await page.getByRole('link', { name: 'Film' }).click();
    await expect(page.getByRole('navigation', { name: 'Snaps' }).getByRole('button')).not.toHaveCount(0);
});

test('plays, steps by frame, measures between two marks and loops what lies there', async ({ page }) => {
    await openSnap(page, 4);
    const clock = page.getByTestId('clock');
    await expect(clock).toContainText('1.00 s');
    await at(page, 3.1);
    await page.keyboard.press('.');
    await expect(clock).toContainText('frame 94');
    await page.keyboard.press(',');
    await expect(clock).toContainText('frame 93');
    await page.getByRole('button', { name: 'Play', exact: true }).click();
    await expect.poll(async () => parseFloat((await clock.textContent())!)).toBeGreaterThan(3.4);
    const marks = page.getByRole('list', { name: 'Marks' });
    await marks.getByRole('button', { name: /^break H/ }).click();
    await marks.getByRole('button', { name: /^ball out H/ }).click();
    await expect(page.getByTestId('between')).toHaveText('0.13 s, 4 frames');
    await page.getByRole('button', { name: 'Loop ¼' }).click();
    await page.waitForTimeout(2500);
    const now = parseFloat((await clock.textContent())!);
    expect(now).toBeGreaterThan(2.95);
    expect(now).toBeLessThan(3.6);
    expect(await page.locator('video').evaluate((v: HTMLVideoElement) => v.playbackRate)).toBe(0.25);
});

test('works a fresh snap: calibrates, follows the paint, marks, plots, grades; it is on the player page', async ({
    page,
}) => {
    test.setTimeout(120_000);
    await openSnap(page, 13);
    await expect(page.getByTestId('decision')).toContainText('not yet');
    await calibrate(page, 'granite-pass-13', 1.0, [
        ['left hash', 40],
        ['left hash', 45],
        ['left hash', 50],
        ['left hash', 55],
    ]);
    await expect(page.getByText(/lie on one line/)).toBeVisible();
    await page.getByRole('button', { name: 'Start over' }).click();
    await page.keyboard.press('Escape');
    await calibrate(page, 'granite-pass-13', 1.0, SIX);
    await expect(page.getByText(/6 marks\. The amber lines/)).toBeVisible();
    await expect(page.getByTestId('doubt')).toContainText(/\d+ in of doubt/);
    await page.getByRole('button', { name: 'Follow the paint' }).click();
    await expect(page.getByText(/Followed \d+ pictures of paint/)).toBeVisible({ timeout: 60_000 });
    await page.keyboard.press('Escape');

    const t = truth('granite-pass-13');
    await at(page, 1.0);
    await page.keyboard.press('s');
    for (const s of [2.2, 2.6, 3.0, 3.4]) {
        await at(page, s);
        await page.getByRole('button', { name: 'Plot', exact: true }).click();
        for (const man of ['strong safety', 'Z']) {
            await page.locator('#who').selectOption(man);
            await clickPixel(page, feet(t, s, man));
        }
        await page.keyboard.press('Escape');
    }
    await page.locator('#who').selectOption('Z');
    await at(page, Math.round(t.marks['ball out'] * 100) / 100);
    await page.keyboard.press('o');
    await expect(page.getByRole('list', { name: 'Marks' })).toContainText('ball out Z');
    await expect(page.getByTestId('decision')).toContainText('strong safety chose to jump');
    await expect(page.getByTestId('decision')).toContainText('Decision: right');
    await page.getByRole('button', { name: 'Run the plan beside it' }).click();
    await expect(page.getByTestId('plan-run')).toContainText('The strong safety: jump');

    await page.getByRole('button', { name: /^Q / }).click();
    await page.keyboard.press('Enter');
    await expect(page.getByText('Q graded plus; it is on his page')).toBeVisible();
    await page.reload();
    await openSnap(page, 13);
    await expect(page.getByRole('list', { name: 'Marks' })).toContainText('snap 1.00 s');
    await page.getByRole('button', { name: 'Sign out' }).click();
    await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
    await signIn(page, 'q');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Theo Brandvold');
    await page.getByRole('button', { name: 'Watch snap 13' }).click();
    await expect(page.locator('video').first()).toBeVisible();
    await expect(page.getByRole('link', { name: 'Film' })).toHaveCount(0);
});

test('remarks on a grade: what to do instead, who caused it, and that it is not counted', async ({ page }) => {
    await openSnap(page, 18);
    const men = page.getByRole('list', { name: 'Men' });
    await men.getByRole('button', { name: /^Z / }).click();
    await page.keyboard.press('r');
    const remarks = page.getByRole('dialog', { name: 'Remarks on Z' });
    await expect(remarks.getByLabel('What Z should do instead')).toBeFocused();
    await page.keyboard.type('settle inside the nickel');
    await remarks.getByLabel('Caused by').selectOption('H');
    await accessible(page);
    await remarks.getByLabel('What Z should do instead').press('Enter');
    await expect(page.getByText(/^Z graded (plus|minus); it is on his page/)).toBeVisible();
    await page.keyboard.press('-');
    await expect(men.getByTitle('H caused it')).toBeVisible();
    await page.reload();
    await page.getByRole('tab', { name: 'Grade' }).click();
    await men.getByRole('button', { name: /^Z / }).click();
    await expect(men.getByTitle('H caused it')).toBeVisible();
    await page.keyboard.press('r');
    await expect(remarks.getByLabel('What Z should do instead')).toHaveValue('settle inside the nickel');
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: 'Grades' }).click();
    await page
        .getByRole('link', { name: /Andre Whitlow/ })
        .first()
        .click();
    await expect(page.getByText('Instead: settle inside the nickel.')).toBeVisible();
    await expect(page.getByText('Not counted: H caused it.')).toBeVisible();
    await page
        .getByRole('link', { name: /Micah Lund/ })
        .first()
        .click();
    await expect(page.getByText('What you did cost Z the play')).toBeVisible();
});

test('says by eye what no number tells; it is proposed, undone and kept', async ({ page }) => {
    await openSnap(page, 38);
    const men = page.getByRole('list', { name: 'Men' });
    await men.getByRole('button', { name: /^X / }).click();
    await page.keyboard.press('h');
    const eye = page.getByRole('dialog', { name: 'X by eye' });
    await eye.getByRole('button', { name: 'start: not seen' }).click();
    await eye.getByRole('button', { name: 'aim: not seen' }).press('Enter');
    await eye.getByRole('button', { name: 'aim: plus' }).press('Enter');
    await eye.getByLabel('method').selectOption('one hand');
    await accessible(page);
    await page.keyboard.press('Escape');
    const parts = page.getByRole('group', { name: 'Parts of X' });
    await expect(parts.getByRole('button', { name: /^technique −/ })).toBeVisible();
    await expect(page.getByRole('button', { name: /^7\s*drop/ })).toHaveAttribute('aria-pressed', 'true');
    await page.getByLabel('More of the library for X').selectOption({ label: 'rounded crack' });
    await expect(page.getByRole('button', { name: 'rounded crack' })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name: /^7\s*drop/ })).toHaveAttribute('aria-pressed', 'false');
    await page.keyboard.press('Control+s');
    await expect(page.getByText(/^Saved, version/)).toBeVisible();
    await page.reload();
    await men.getByRole('button', { name: /^X / }).click();
    await page.keyboard.press('h');
    await expect(eye.getByRole('button', { name: 'aim: minus' })).toBeVisible();
    await expect(eye.getByLabel('method')).toHaveValue('');
});

test('grades eleven by eye in a handful of keys, and takes them back', async ({ page }) => {
    await openSnap(page, 38);
    await expect(page.getByRole('button', { name: 'All others did their job' })).toBeVisible();
    let keys = 0;
    const press = async (key: string) => {
        keys += 1;
        await page.keyboard.press(key);
    };
    await press('1');
    await press('-');
    await expect(page.getByText('Q graded minus; it is on his page')).toBeVisible();
    // The next man without a grade is looked at.
    await expect(page.locator('#who')).not.toHaveValue('Q');
    await press('a');
    await expect(page.getByText('10 men graded: all others did their job')).toBeVisible();
    expect(keys).toBeLessThanOrEqual(13);
    await expect(page.getByRole('button', { name: 'All others did their job' })).toHaveCount(0);
    await page.getByRole('listitem').filter({ hasText: '10 men graded' }).getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('button', { name: 'All others did their job' })).toBeVisible();
});

test('walks the review: each step shows on the film what it speaks of', async ({ page }) => {
    await openSnap(page, 18);
    const order = page.getByRole('list', { name: 'Order of the review' });
    const current = order.locator('[aria-current=step]');
    await page.keyboard.press('w');
    await expect(current).toContainText('The situation');
    await page.keyboard.press('w');
    await expect(current).toContainText('H: Corner at 10 yd. Wrong depth');
    await expect(page.getByTestId('clock')).toContainText('1.00 s');
    await order.getByRole('button', { name: /Tight, slowly/ }).click();
    await expect(page.getByRole('button', { name: /tight \| wide/ })).toBeVisible();
    await expect(page.getByLabel('Speed')).toHaveValue('0.25');
    await expect.poll(async () => parseFloat((await page.getByTestId('clock').textContent())!)).toBeGreaterThan(1.05);
    await page.keyboard.press('Shift+W');
    await expect(current).toContainText('The right corner chose to sit');
    await order.getByRole('button', { name: /next down/ }).click();
    await expect(current).toContainText(/Then \d|It (scored|ended|lost)/);
    await accessible(page);
});

test('follows a clicked man and asks for help where it loses him', async ({ page }) => {
    test.setTimeout(90_000);
    await openSnap(page, 9);
    await at(page, 1.0);
    await page.getByRole('button', { name: 'Plot', exact: true }).click();
    await page.locator('#who').selectOption('Z');
    await page.getByRole('button', { name: 'Follow Z' }).click();
    await expect(page.getByText(/Z followed over \d+ pictures|He was lost here \(sure to \d+ %\)/)).toBeVisible({
        timeout: 60_000,
    });
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: /^Z Hitch/ })).toContainText(/[56]\.\d yd/);
    expect(refused(page)).toEqual([]);
});

test('switches to the tight angle at the same moment', async ({ page }) => {
    await openSnap(page, 18);
    await at(page, 3.0);
    const wide = await page.locator('video').getAttribute('src');
    await page.keyboard.press('v');
    await expect.poll(async () => page.locator('video').getAttribute('src')).not.toBe(wide);
    await expect
        .poll(async () => page.locator('video').evaluate((v: HTMLVideoElement) => v.currentTime))
        .toBeCloseTo(3.0, 1);
    await expect(page.getByTestId('clock')).toContainText('3.00 s');
    await expect(page.getByTestId('doubt')).toContainText('in of doubt');
});

test('draws on the frozen picture, and finds it there again on its moment', async ({ page }) => {
    await openSnap(page, 3);
    await at(page, 2);
    await page.keyboard.press('d');
    const sheet = page.getByRole('application', { name: /The picture to draw on/ });
    const box = (await sheet.boundingBox())!;
    const place = (x: number, y: number): [number, number] => [box.x + x * box.width, box.y + y * box.height];
    await page.mouse.move(...place(0.4, 0.6));
    await page.mouse.down();
    await page.mouse.move(...place(0.6, 0.5), { steps: 4 });
    await page.mouse.up();
    await page.keyboard.press('w');
    await page.mouse.click(...place(0.62, 0.5));
    await page.getByLabel('It says').fill('Window here');
    await page.keyboard.press('Enter');
    const listed = page.getByRole('list', { name: 'Drawings of this angle' }).getByRole('listitem');
    await expect(listed).toHaveCount(2);
    await expect(listed.first()).toContainText('Arrow 2.00 s');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText(/Saved, version/)).toBeVisible();

    await page.reload();
    await openSnap(page, 3);
    await at(page, 1.5);
    const drawn = page.getByTestId('drawn');
    await expect(drawn.locator('text')).toHaveCount(0);
    await at(page, 2);
    await expect(drawn.locator('text')).toHaveText('Window here');
    const before = await drawn.locator('text').getAttribute('x');
    await at(page, 3);
    // The camera pans: what lies on the grass has gone with it.
    await expect.poll(() => drawn.locator('text').getAttribute('x')).not.toBe(before);

    await page.keyboard.press('d');
    await page.getByRole('button', { name: 'Take Window here at 2.00 s away' }).click();
    await expect(listed).toHaveCount(1);
    await page.getByRole('application', { name: /The picture to draw on/ }).focus();
    await page.keyboard.press('Backspace');
    await expect(listed).toHaveCount(0);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText(/Saved, version/).first()).toBeVisible();
});

test('charts a snap in ten keys, questions a wrong gain and undoes it', async ({ page }) => {
    await openSnap(page, 44);
    await page.keyboard.press('/');
    // As fast as the keys come.
    await page.keyboard.type('2 1 r4');
    await expect(page.locator('#entry')).toHaveValue('2 1 r4');
    await expect(page.locator('#entry-says')).toContainText('run +4');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Snap 45');
    await expect(page.getByText(/Next snap: 2nd and 6/)).toBeVisible();
    // The next line has the keys at once, and what is typed outlives a reload.
    await expect(page.locator('#entry')).toBeFocused();
    await page.keyboard.type('zz');
    await page.reload();
    await expect(page.locator('#entry')).toHaveValue('zz');
    await expect(page.locator('#entry-says')).toContainText('"zz" is no part of a quick entry');
    await page.locator('#entry').fill('@-30 r2');
    await page.locator('#entry').press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Snap 46');
    await page.locator('#entry').fill('@-45 r3');
    await page.locator('#entry').press('Enter');
    await expect(page.getByText(/written \+2 from own 30, which puts the ball on own 32/)).toBeVisible();
    await page.getByRole('button', { name: 'The gain was +15' }).click();
    await expect(page.getByText(/written \+2 from own 30/)).toHaveCount(0);
});

test('leaves a man unknown and settles him later', async ({ page }) => {
    await openSnap(page, 2);
    await at(page, 2.0);
    await page.locator('#who').selectOption('?');
    await page.getByLabel('Another mark').selectOption('first step');
    await expect(page.getByRole('list', { name: 'Marks' })).toContainText('first step ?');
    await page.keyboard.press('Control+s');
    await expect(page.getByText('Saved, version 2')).toBeVisible();
    await page.getByRole('tab', { name: /Open questions/ }).click();
    await expect(page.getByText('Whose first step is it at 2.00 s?')).toBeVisible();
    await page.getByRole('button', { name: 'mike', exact: true }).click();
    await expect(page.getByText('Settled: mike')).toBeVisible();
    await expect(page.getByRole('list', { name: 'Marks' })).toContainText('first step mike 2.00 s');
});

test('places a point with the keyboard alone', async ({ page }) => {
    await openSnap(page, 7);
    await page.keyboard.press('p');
    await page.locator('#who').selectOption('X');
    const picture = page.getByRole('application');
    await picture.focus();
    await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Control+s');
    await expect(page.getByText('Saved, version 2')).toBeVisible();
});

test("starts a reel, takes films of one's own and refuses what is none", async ({ page }) => {
    await page.getByRole('button', { name: /▾/ }).click();
    await page.getByLabel('Title').fill('Scrimmage at Basin Ridge');
    await page.getByLabel('Kind').selectOption('scrimmage');
    await page.getByRole('button', { name: 'Start it' }).click();
    await expect(page.getByRole('button', { name: /Scrimmage at Basin Ridge/ })).toBeVisible();
    await page.locator('#entry').fill('r5');
    await page.locator('#entry').press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Snap 1');
    await page.getByRole('button', { name: 'Add film' }).click();
    const films = page.getByLabel('Films', { exact: true });
    await films.setInputFiles({ name: 'notes.mp4', mimeType: 'video/mp4', buffer: Buffer.from('these are my notes') });
    await expect(page.getByText(/no moving picture/)).toBeVisible({ timeout: 20_000 });
    await films.setInputFiles('database/demo/film/granite-pass-11.webm');
    await expect(page.getByRole('list', { name: 'Films on their way' })).toContainText('granite-pass-11.webm');
    await expect(page.getByRole('list', { name: 'Films on their way' })).toContainText(/ready/, { timeout: 20_000 });
});

test('goes on with a film by itself when the line breaks', async ({ page }) => {
    await openSnap(page, 1);
    let broken = 0;
    await page.route('**/api/v1/uploads/**', async (route) => {
        if (route.request().method() === 'PATCH' && broken < 2) {
            broken++;
            await route.abort('connectionreset');
        } else await route.continue();
    });
    await page.getByRole('button', { name: 'Add film' }).click();
    await page.getByRole('checkbox', { name: /goes to snap/ }).uncheck();
    await page.getByLabel('Films', { exact: true }).setInputFiles('database/demo/film/granite-pass-11.webm');
    const films = page.getByRole('list', { name: 'Films on their way' });
    await expect(films).toContainText('it goes on by itself');
    await expect(films).toContainText(/ready/, { timeout: 30_000 });
    expect(broken).toBe(2);
    await page.getByRole('button', { name: /Throw granite-pass-11.webm away/ }).click();
    await expect(page.getByText('Thrown away: granite-pass-11.webm')).toBeVisible();
    await expect(page.getByText('Films of no snap')).toHaveCount(0);
});

test('cuts a film while it is watched, onto what is charted', async ({ page }) => {
    await page.getByRole('button', { name: /▾/ }).click();
    await page.getByLabel('Title').fill('Scrimmage at Fallow Creek');
    await page.getByLabel('Kind').selectOption('scrimmage');
    await page.getByRole('button', { name: 'Start it' }).click();
    await expect(page.getByRole('button', { name: /Scrimmage at Fallow Creek/ })).toBeVisible();
    await page.locator('#entry').fill('r5');
    await page.locator('#entry').press('Enter');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Snap 1');
    await page.getByRole('button', { name: 'Add film' }).click();
    await page.getByRole('checkbox', { name: /goes to snap/ }).uncheck();
    await page.getByLabel('Films', { exact: true }).setInputFiles('database/demo/film/granite-pass-11.webm');
    await page.getByRole('button', { name: /Cut granite-pass-11.webm while/ }).click({ timeout: 40_000 });
    const desk = page.getByRole('dialog', { name: 'Cut granite-pass-11.webm' });
    const film = desk.locator('video');
    await expect.poll(() => film.evaluate((v: HTMLVideoElement) => v.readyState)).toBeGreaterThan(1);
    await film.focus();
    await page.keyboard.press('e');
    await expect(desk.getByRole('status')).toHaveText('Say first where it starts: S.');
    const at = (s: number) =>
        expect.poll(() => film.evaluate((v: HTMLVideoElement) => v.currentTime)).toBeCloseTo(s, 1);
    await page.keyboard.press('s');
    for (let n = 1; n <= 5; n++) {
        await page.keyboard.press('ArrowRight');
        await at(0.2 * n);
    }
    await page.keyboard.press('e');
    await page.keyboard.press('ArrowRight');
    await at(1.2);
    await page.keyboard.press('s');
    for (let n = 7; n <= 10; n++) {
        await page.keyboard.press('ArrowRight');
        await at(0.2 * n);
    }
    await page.keyboard.press('e');
    const snaps = desk.getByRole('list', { name: 'Snaps of the film' });
    await expect(snaps).toContainText('0.0 s to 1.0 s');
    await expect(snaps).toContainText('snap 1');
    await expect(snaps).toContainText('1.2 s to 2.0 s');
    await expect(snaps).toContainText('a new snap');
    await accessible(page);
    await page.getByRole('button', { name: 'Cut 2 snaps' }).click();
    await expect(desk).toBeHidden();
    await page.getByRole('button', { name: /Throw granite-pass-11.webm away/ }).click();
    await expect(page.getByText('Thrown away: granite-pass-11.webm')).toBeVisible();
    await expect(page.getByText('Films of no snap')).toHaveCount(0);
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByRole('navigation', { name: 'Snaps' }).locator('img')).toHaveCount(2);
});

test('is accessible in both themes', async ({ page }) => {
    await openSnap(page, 18);
    await expect(page.getByTestId('decision')).toBeVisible();
    await accessible(page);
    await page.keyboard.press('k');
    await accessible(page);
    await page.keyboard.press('Escape');
    await page.getByRole('tab', { name: 'Chart' }).click();
    await accessible(page);
});
