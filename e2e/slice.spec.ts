import { expect } from '@playwright/test';
import { begin, figure, makeAgain, makeNamed, pick, saved, set, tickAll } from './arcus.ts';
import { test } from './test.ts';

test('a circle skirt from a body to a worn garment', async ({ page }) => {
  await page.goto('/people?new');
  await page.getByRole('textbox', { name: /name/i }).first().fill('Alva');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Alva' }).first()).toBeVisible();
  await begin(page, { construction: 'Circle skirt', person: 'Alva', cloth: 'Rust linen' });

  // Measure: what is missing says so where it is missing
  await expect(page.getByRole('heading', { name: 'Measure' })).toBeVisible();
  await expect(page.getByText('needed before anything can be worked out').first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Waist' }).fill('70');
  await page.keyboard.press('Tab');
  await page.getByRole('textbox', { name: 'Hip' }).fill('96 cm');
  await page.keyboard.press('Tab');
  await expect(figure(page, 'waist-radius-cut')).toHaveText('9.6 cm');
  await page.getByRole('button', { name: 'On to Shape' }).click();

  // Shape: everything redraws at once; half a circle has twice the radius
  await set(page, 'length', '55');
  await set(page, 'fraction', '0.5');
  await expect(figure(page, 'waist-radius-cut')).toHaveText('20.7 cm');
  await expect(page.getByRole('img', { name: /circle skirt/i })).toBeVisible();
  await figure(page, 'waist-radius-cut').click();
  await expect(page.getByTestId('working')).toContainText('22.28 cm - 1.5 cm = 20.78 cm');
  await page.getByRole('button', { name: 'Close the working' }).click();
  await page.getByRole('button', { name: 'On to Cloth' }).click();

  // Cloth
  await expect(page.getByRole('group', { name: /The cloth, 150 cm wide/ })).toBeVisible();
  await page.getByRole('button', { name: 'On to Chalk' }).click();

  // Chalk and Sew: tick off
  await expect(page.getByText('Hem: swing 78.5 cm', { exact: false })).toBeVisible();
  await tickAll(page);
  await page.getByRole('button', { name: 'On to Sew' }).click();
  await expect(page.getByRole('heading', { name: 'Test on a scrap' })).toBeVisible();
  await tickAll(page);
  await page.getByRole('button', { name: 'On to Wear' }).click();

  // Wear
  await page.getByRole('radio', { name: 'I love it' }).click();
  await page.getByRole('textbox', { name: 'Finished waist, as it came out' }).fill('70.8');
  await page.getByRole('textbox', { name: 'What to change next time' }).fill('Stay-stitch first.');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('heading', { name: 'I love it' })).toBeVisible();
  await expect(page.getByRole('row', { name: /Finished waist.*70\.0 cm.*70\.8 cm.*0\.8 cm/ })).toBeVisible();
});

test('a zip-less woven waist that can’t pass the hips stops, and a way out is one click away', async ({ page }) => {
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  await pick(page, 'closure', 'The cloth stretches');
  await expect(page.getByTestId('verdict')).toContainText('Stop.');
  await page.getByTestId('verdict').click();
  await expect(page.getByText(/won't pass the hips/).first()).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: /zip/i }).first().click();
  await expect(page.getByTestId('verdict')).not.toContainText('Stop.');
});

test('centimetres and inches are the same lengths; switching changes nothing that is kept', async ({ page }) => {
  const make = await makeNamed(page, 'Concert skirt');
  await page.goto(`/makes/${make.id}/shape`);
  await expect(figure(page, 'waist-radius-cut')).toHaveText('9.0 cm');
  for (let i = 0; i < 5; i++) await page.keyboard.press('u');
  await expect(figure(page, 'waist-radius-cut')).toHaveText('3 1/2 in');
  await expect(page.locator('[data-choice="length"] input').first()).toHaveValue(/24 3\/8/);
  await page.locator('[data-choice="length"] input').first().focus();
  await page.keyboard.press('Tab');
  await page.getByRole('heading', { name: 'Shape', level: 2 }).click();
  await page.keyboard.press('u');
  await expect(figure(page, 'waist-radius-cut')).toHaveText('9.0 cm');
  await saved(page);
  expect((await makeAgain(page, make)).choices['length']).toBe(make.choices['length']);
});

test('decisions can be undone and done again, by button and by key', async ({ page }) => {
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  const hem = figure(page, 'hem-radius-cut');
  const before = await hem.textContent();
  await set(page, 'length', '40');
  await expect(hem).not.toHaveText(before!);
  const after = await hem.textContent();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(hem).toHaveText(before!);
  await page.locator('h1').click();
  await page.keyboard.press('Control+Shift+Z');
  await expect(hem).toHaveText(after!);
  await page.keyboard.press('Control+z');
  await expect(hem).toHaveText(before!);
  // also what was saved long ago
  await set(page, 'length', '40');
  await saved(page);
  await page.waitForTimeout(1500);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(hem).toHaveText(before!);
  await saved(page);
  await page.reload();
  await expect(hem).toHaveText(before!);
});

test('while the server fails the change stays on the page, survives a reload and is saved when it is back', async ({ page }) => {
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  await saved(page);
  const id = /makes\/([^/]+)/.exec(page.url())![1]!;
  await page.route('**/api/makes/*', (route) =>
    route.request().method() === 'PATCH'
      ? route.fulfill({ status: 503, json: { statusCode: 503, error: 'x', message: ['The server is resting.'], path: '' } })
      : route.continue(),
  );
  await set(page, 'length', '47');
  await expect(page.getByTestId('save-state')).toHaveText(/trying again/);
  await page.reload();
  await expect(page.locator('[data-choice="length"] input').first()).toHaveValue(/47/);
  await page.unroute('**/api/makes/*');
  await expect(page.getByTestId('save-state')).toHaveText('All saved', { timeout: 15_000 });
  expect((await makeAgain(page, { id } as never)).choices['length']).toBe(470);
});

test('a list that can’t be loaded says so and can be tried again', async ({ page }) => {
  let broken = true;
  await page.route('**/api/people', (route) =>
    broken
      ? route.fulfill({ status: 500, json: { statusCode: 500, error: 'x', message: ['Something went wrong on our side.'], path: '' } })
      : route.continue(),
  );
  await page.goto('/people');
  await expect(page.getByRole('alert')).toContainText('Something went wrong');
  broken = false;
  await page.getByRole('button', { name: /again/i }).click();
  await expect(page.getByText('Maren').first()).toBeVisible();
});

test('what is typed wrong is named where it was typed, and what would do', async ({ page }) => {
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  await set(page, 'length', 'long');
  await expect(page.locator('[data-choice="length"]')).toContainText("isn't a length we can read");
});
