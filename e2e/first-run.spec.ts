import { expect } from '@playwright/test';
import { figure, saved } from './arcus.ts';
import { serve, type Served } from './serve.ts';
import { test } from './test.ts';

let served: Served;
test.beforeAll(async () => {
  served = await serve({ demo: false });
});
test.afterAll(() => served.stop());

test('a newcomer gets from nothing to a lay for her own full-circle skirt, in inches, and a reload loses nothing', async ({ page }) => {
  await page.goto(served.url);
  await expect(page).toHaveURL(/welcome/);
  await page.getByRole('radio', { name: /inches/i }).click();
  await page.getByLabel('Who is it for?').fill('Wenke');
  await page.getByRole('textbox', { name: /waist/i }).fill('28');
  await page.getByRole('textbox', { name: /hip/i }).fill('38 1/2');
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'Draw my skirt' }).click();
  await expect(page.getByRole('heading', { name: 'Shape', level: 2 })).toBeVisible();
  // handbook 4: 28 in, full circle: 4.46 in; half an inch of allowance cut off inwards, rounded down to an eighth
  await expect(figure(page, 'waist-radius-cut')).toHaveText('3 7/8 in');
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  await expect(page.getByRole('group', { name: /The cloth, .* in wide/ })).toBeVisible();
  await expect(figure(page, 'cloth-to-buy')).toHaveText(/yd/);
  const bought = await figure(page, 'cloth-to-buy').textContent();
  await saved(page);
  await page.reload();
  await expect(figure(page, 'cloth-to-buy')).toHaveText(bought!);
  await expect(page.getByRole('heading', { name: 'My first circle skirt' })).toBeVisible();
});
