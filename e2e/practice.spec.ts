import { expect, test } from '@playwright/test';
import { accessible, signIn } from './support/actions';

test('a practice is planned, filled, saved and printed in a few steps', async ({ page }) => {
    await signIn(page);
    await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Practice' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await page.getByLabel('Day of the new practice').fill('2027-01-05');
    await page.getByRole('button', { name: 'New practice' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tue, Jan 5');
    // It begins with the periods of the last one, without its plays.
    await expect(page.getByLabel('Kind of period 3')).toHaveValue('inside run');
    await page.getByRole('button', { name: 'Fill 8 plays' }).first().click();
    await expect(page.getByLabel('Call 8 of period 3')).toBeVisible();
    const look = await page.getByLabel('Look 1 of period 3').inputValue();
    await page.getByLabel('Minutes of period 3').fill('18');
    await page.getByLabel('Minutes of period 3').press('Enter');
    await expect(page.getByText('86 min', { exact: false }).first()).toBeVisible();
    await accessible(page);
    await page.reload();
    await expect(page.getByLabel('Minutes of period 3')).toHaveValue('18');
    await expect(page.getByLabel('Look 1 of period 3')).toHaveValue(look);
    await page.getByRole('button', { name: 'Scout cards' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Scout cards: 8');
    await expect(page.getByRole('article').first().locator('svg')).toBeVisible();
    await accessible(page);
    const paper = await page.pdf({ format: 'A4', landscape: true });
    // A card a page.
    expect(paper.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(8);
});
