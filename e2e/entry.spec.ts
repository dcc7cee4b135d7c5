import { expect, test } from '@playwright/test';
import { accessible, signIn } from './support/actions';

test('refuses a wrong password with the cure', async ({ page }) => {
    await page.goto('/');
    await accessible(page);
    await page.getByLabel('Address').fill('coordinator@cedarfork.example');
    await page.getByLabel('Password').fill('wrong');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('alert')).toContainText('do not belong together');
});

test('shows a player his assignments and his own grades only', async ({ page }) => {
    await signIn(page, 'h');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Micah Lund');
    await expect(page.getByText(/planned 10\.0, done 15\.0/)).toBeVisible();
    await expect(page.getByText('Corner at 10 yd, read 1').first()).toBeVisible();
    await expect(page.getByRole('link', { name: 'Board' })).toHaveCount(0);
    await accessible(page);
    await page.goto('/board');
    await expect(page.getByText('Proving', { exact: false })).toBeVisible();
    expect((await page.request.get('/api/v1/calls')).status()).toBe(403);
});

test('shows the staff every page', async ({ page }) => {
    await signIn(page, 'receivers');
    await page.getByRole('link', { name: 'Grades' }).click();
    await page
        .getByRole('navigation', { name: 'Players' })
        .getByRole('link', { name: /Andre Whitlow/ })
        .click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Andre Whitlow');
    await expect(page.getByText(/^Andre, week 3:/)).toBeVisible();
    await expect(page.getByRole('link', { name: 'in the film room' }).first()).toBeVisible();
});

test('keeps the theme', async ({ page }) => {
    await signIn(page);
    await page.getByRole('button', { name: 'Dark room' }).click();
    await page.reload();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});
