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
