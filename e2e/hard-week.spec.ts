import { expect } from '@playwright/test';
import { begin, figure, makeNamed, saved, set } from './arcus.ts';
import { test } from './test.ts';

test('no form loses what was typed to a click beside it', async ({ page }) => {
  await page.goto('/cupboard?cloth=new');
  const form = page.getByRole('dialog').first();
  await form.getByLabel('Name').fill('Half typed canvas');
  await page.mouse.click(200, 400);
  await expect(form.getByLabel('Name')).toHaveValue('Half typed canvas');
  await page.keyboard.press('Escape');
  await expect(page.getByText('What you changed here is not saved.')).toBeVisible();
  await page.getByRole('button', { name: 'Go on typing' }).click();
  await expect(form.getByLabel('Name')).toHaveValue('Half typed canvas');
});

test('undo says what it took back; what stands there can be had back by its figure', async ({ page }) => {
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  await set(page, 'length', '47');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('.ant-message')).toContainText(/Length.*60\.0 cm/);
  await set(page, 'length', '47');
  await expect(page.locator('[data-choice="length"]').getByRole('button', { name: 'Back to 60.0 cm' })).toBeVisible();
});

test('numbers are read alike in every field; what can’t be says so where it was typed and changes nothing', async ({ page }) => {
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  const field = page.locator('[data-choice="fraction"]').getByRole('textbox');
  for (const [typed, shown] of [
    ['1/2', '0.5'],
    ['0,75', '0.75'],
    ['½', '0.5'],
  ] as const) {
    await field.fill(typed);
    await page.keyboard.press('Tab');
    await expect(field).toHaveValue(shown);
  }
  const before = await figure(page, 'hem-radius-cut').textContent();
  await field.fill('90');
  await page.keyboard.press('Tab');
  await expect(field).toHaveAttribute('aria-invalid', 'true');
  await expect(figure(page, 'hem-radius-cut')).toHaveText(before!);
});

test('looking at Wear is no work done: Today still leads to what comes next', async ({ page }) => {
  const make = await makeNamed(page, 'Tiers for the encore');
  await page.goto(`/makes/${make.id}/wear`);
  await expect(page.getByRole('heading', { name: 'Wear', level: 2 })).toBeVisible();
  await page.goto('/');
  await expect(page.locator('.make-link').filter({ hasText: 'Tiers for the encore' })).toContainText('Settle the cloth');
});

test('what was put away has a list to come back from', async ({ page }) => {
  const { id } = (await (await page.request.post('/api/people', { data: { name: 'Away for a while' } })).json()) as { id: string };
  await page.request.delete(`/api/people/${id}`);
  await page.goto('/people');
  await expect(page.locator('main').getByRole('link', { name: /Away for a while/ })).toHaveCount(0);
  await page
    .getByText(/put away/i)
    .first()
    .click();
  await page
    .locator('li')
    .filter({ hasText: 'Away for a while' })
    .getByRole('button', { name: /Take out|Back/ })
    .click();
  await expect(page.locator('main').getByRole('link', { name: /Away for a while/ })).toBeVisible();
});

test('a make on paper: numbers, shopping, the lay with every piece’s place, every chalk sheet and every step, on pages one can work from', async ({
  page,
}) => {
  const make = await makeNamed(page, 'Concert skirt');
  await page.goto(`/makes/${make.id}/print`);
  const paper = page.locator('.paper-page, .paper').first();
  await expect(paper).toBeVisible();
  const text = (await page.locator('main').textContent())!;
  for (const part of ['Waist radius', 'Zip', 'Skirt half', 'Let it hang', 'hem']) expect(text, part).toContain(part);
  for (const format of ['A4', 'Letter'] as const) {
    const pdf = await page.pdf({ format, printBackground: true });
    const pages = pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)?.length ?? 0;
    expect(pages, format).toBeGreaterThan(3);
    expect(pages, format).toBeLessThan(40);
  }
});

test('in inches everything reads in inches: proposals are round, cloth is said in yards', async ({ page }) => {
  await page.addInitScript(() => localStorage.setItem('arcus.units', 'in'));
  await begin(page, { construction: 'Gathered skirt', person: 'Sunna', cloth: 'Sail ticking' });
  await expect(page.locator('[data-choice="length"]').getByRole('textbox')).toHaveValue('24 in');
  await saved(page);
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  await expect(figure(page, 'cloth-to-buy')).toContainText('yd');
  const said = (await page.locator('main').innerText()).replace(/Centimetres|^cm$/gm, '');
  expect(said.match(/\d+(\.\d+)? cm\b/g)).toBeNull();
});
