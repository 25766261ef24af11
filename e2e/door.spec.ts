import { expect } from '@playwright/test';
import { serve, type Served } from './serve.ts';
import { test } from './test.ts';

let served: Served;
test.beforeAll(async () => {
  served = await serve({ env: { HOST: '0.0.0.0', ARCUS_PASSPHRASE: 'tide and thimble' } });
});
test.afterAll(() => served.stop());

test('where others can reach it one gives the passphrase first, and gets to where one was going', async ({ page }) => {
  await page.goto(`${served.url}/people`);
  await page.getByLabel('Passphrase').fill('another one');
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByRole('alert')).toContainText('is not the one');
  await page.getByLabel('Passphrase').fill('tide and thimble');
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByText('Maren').first()).toBeVisible();
  await page.goto(`${served.url}/settings`);
  await page.getByRole('button', { name: 'Sign out on this device' }).click();
  await expect(page.getByLabel('Passphrase')).toBeVisible();
  expect((await page.request.get(`${served.url}/api/people`)).status()).toBe(401);
});
