import { expect, test, type Locator } from '@playwright/test';
import { accessible, signIn } from './support/actions';
import { layout } from './support/layout';

test('a drill card is found by its fault, turned, printed on one page and given as a picture', async ({ page }) => {
    await signIn(page);
    await page.goto('/practice/drills');
    await page.getByLabel('Find a drill or a fault').fill('first level');
    await page.getByRole('button', { name: 'Combination' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Combination');
    await expect(page.getByText('Waits at the first level')).toBeVisible();
    const guard = page.getByRole('group', { name: 'combination, drawn' }).getByText('G', { exact: true });
    const before = (await guard.boundingBox())!.x;
    await page.getByRole('button', { name: 'Other direction' }).click();
    expect((await guard.boundingBox())!.x).toBeGreaterThan(before);
    await accessible(page);
    const file = page.waitForEvent('download');
    await page.getByRole('button', { name: 'SVG' }).click();
    expect((await file).suggestedFilename()).toBe('combination.svg');
    const paper = await page.pdf({ format: 'Letter', landscape: true });
    expect(paper.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});

test("a card is made the staff's own: dragged, counted, saved, found after a reload, given back", async ({ page }) => {
    await signIn(page);
    await page.goto('/practice/drills?drill=cone%20release');
    await page.getByRole('button', { name: 'Make it our own' }).click();
    const cone = page.getByRole('button', { name: 'cone press' });
    const from = (await cone.boundingBox())!;
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(from.x + from.width / 2 + 90, from.y + from.height / 2 - 20, { steps: 4 });
    await page.mouse.up();
    expect((await cone.boundingBox())!.x).toBeGreaterThan(from.x + 60);
    await page.keyboard.press('ArrowRight');
    await accessible(page);
    await page.getByLabel('Name').fill('gate release');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Gate release');
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Gate release');
    await expect(page.getByRole('button', { name: 'Gate release, our own' })).toBeVisible();
    await page.getByRole('button', { name: 'Change' }).click();
    await page.getByRole('button', { name: 'Throw it away' }).click();
    await expect(page.getByRole('button', { name: 'Gate release, our own' })).toHaveCount(0);
});

test('from the week to a printed practice in nine actions', async ({ page }) => {
    await signIn(page);
    await page.addInitScript(() => {
        window.print = () => document.body.setAttribute('data-printed', 'yes');
    });
    await page.goto('/grades');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Week/);
    let actions = 0;
    const act = async (what: Locator) => {
        await what.click();
        actions += 1;
    };
    await act(page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Practice' }));
    await act(page.getByRole('button', { name: 'New practice' }));
    await act(page.getByRole('button', { name: 'Fill from the film' }).first());
    await expect(page.getByRole('article').getByRole('link', { name: 'Combination' })).toBeVisible();
    const fill = page.getByRole('button', { name: /^Fill \d+ plays$/ });
    await expect(fill).toHaveCount(4);
    for (let left = 4; left > 0; left -= 1) {
        await act(fill.first());
        await expect(fill).toHaveCount(left - 1);
    }
    await act(page.getByRole('button', { name: 'Print' }));
    await expect(page.locator('body')).toHaveAttribute('data-printed', 'yes');
    expect(actions).toBeLessThanOrEqual(9);
    await expect(page.getByText(/\(waits at the first level \d/)).toBeVisible();
    await accessible(page);
});

test('a drill card is read on a phone', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await signIn(page);
    await page.goto('/practice/drills?drill=mesh%20on%20beat');
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Mesh on beat');
    expect(await layout(page)).toMatchObject({ wide: 0, cut: [], over: [], small: [] });
});
