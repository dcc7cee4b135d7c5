import { expect, test } from '@playwright/test';
import { accessible, signIn } from './support/actions';

test('lets somebody in by a link and shuts him out again', async ({ page, browser }) => {
    await signIn(page);
    await page.getByRole('link', { name: 'People' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('People');
    await accessible(page);
    const form = page.getByRole('form', { name: 'Invite somebody' });
    await form.getByLabel('Name').fill('Piet Garrow');
    await form.getByLabel('Address').fill('line@cedarfork.example');
    await form.getByRole('button', { name: 'Invite' }).click();
    const link = await page.getByLabel('Link of Piet Garrow').inputValue();

    const his = await (await browser.newContext()).newPage();
    await his.goto(link);
    await expect(his.getByText('Welcome, Piet Garrow.')).toBeVisible();
    await accessible(his);
    await his.getByLabel('Password, ten signs or more').fill('football1');
    await his.getByRole('button', { name: 'Come in' }).click();
    await expect(his.getByRole('alert')).toContainText('10 to 200 signs');
    await his.getByLabel('Password, ten signs or more').fill('ridge lantern plum');
    await his.getByRole('button', { name: 'Come in' }).click();
    await expect(his.getByRole('navigation', { name: 'Places' })).toBeVisible();
    await expect(his.getByRole('link', { name: 'People' })).toHaveCount(0);
    await his.goto(link);
    await expect(his.getByRole('alert')).toContainText('Ask your coordinator for another');

    await page.getByRole('button', { name: 'Done' }).click();
    await page
        .getByRole('row', { name: /Piet Garrow/ })
        .getByRole('button', { name: 'Shut out' })
        .click();
    await expect(page.getByRole('row', { name: /Piet Garrow/ })).toContainText('shut out');
    await his.goto('/board');
    await expect(his.getByRole('button', { name: 'Sign in' })).toBeVisible();
});

test('throws a reel away, takes it back with all it had, and says how long such things are kept', async ({ page }) => {
    await signIn(page);
    await page.getByRole('link', { name: 'Film', exact: true }).click();
    const snaps = page.getByRole('navigation', { name: 'Snaps' }).getByRole('button', { name: /^Snap/ });
    await page.getByRole('button', { name: 'Week 3, Granite Pass ▾' }).click();
    await page.getByRole('button', { name: /^Tuesday practice/ }).click();
    await expect(snaps).toHaveCount(4);
    await page.getByRole('button', { name: 'Tuesday practice ▾' }).click();
    await page.getByRole('button', { name: 'Throw Tuesday practice away' }).click();
    await page.getByRole('button', { name: 'Throw it away' }).click();
    await expect(page.getByText('Thrown away: Tuesday practice')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Week 3, Granite Pass ▾' })).toBeVisible();

    await page.getByRole('link', { name: 'People' }).click();
    const thrown = page.getByRole('region', { name: 'Thrown away' });
    const reel = thrown.getByRole('listitem').filter({ hasText: 'Tuesday practice' });
    await expect(reel).toContainText('Reel');
    await accessible(page);
    await reel.getByRole('button', { name: 'Take back' }).click();
    await expect(reel).toHaveCount(0);
    const kept = page.getByRole('region', { name: 'How long things are kept' });
    await kept.getByLabel(/What was thrown away/).fill('45');
    await kept.getByRole('button', { name: 'Keep it so' }).click();
    await expect(page.getByText('Saved: it holds from tonight on')).toBeVisible();
    await page.reload();
    await expect(kept.getByLabel(/What was thrown away/)).toHaveValue('45');

    await page.getByRole('link', { name: 'Film', exact: true }).click();
    await page.getByRole('button', { name: 'Week 3, Granite Pass ▾' }).click();
    await page.getByRole('button', { name: /^Tuesday practice/ }).click();
    await expect(snaps).toHaveCount(4);
    await expect(snaps.first().locator('img')).toBeVisible();
});
