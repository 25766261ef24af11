import { expect } from '@playwright/test';
import { begin, choose, figure, makeNamed, saved, set } from './arcus.ts';
import { test } from './test.ts';

test('a person’s measures are a ledger: a new value is added with its date, the old one is kept, a doubt is asked beside it', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: /Maren/ }).click();
  const waist = page.locator('.measure-row', { has: page.getByRole('textbox', { name: 'Waist', exact: true }) });
  const value = waist.getByRole('textbox');
  await waist.getByText('Earlier: 1').click();
  await expect(waist.locator('.ledger')).toContainText('74.2 cm');
  await value.fill('29 7/8 in');
  await page.keyboard.press('Tab');
  // 29 7/8 in is 75.88 cm
  await expect(value).toHaveValue('75.9 cm');
  await expect(waist.locator('.ledger')).toContainText('75.8 cm');
  // inches typed as centimetres are asked about, not refused, and the other reading is one click away
  await value.fill('29.9');
  await page.keyboard.press('Tab');
  await expect(waist).toContainText('Were these inches?');
  await waist.getByRole('button', { name: 'Take 75.9 cm' }).click();
  await expect(waist).not.toContainText('Were these inches?');
  await expect(value).toHaveValue('75.9 cm');
  // typed again on the same day the slip is struck out, and what is struck out can count again
  await expect(waist.locator('.ledger .struck')).not.toHaveCount(0);
  await waist.getByRole('button', { name: 'Strike out: Waist 75.9 cm' }).first().click();
  await expect(value).toHaveValue('75.8 cm');
  await page.reload();
  await expect(value).toHaveValue('75.8 cm');
});

test('a cloth is put on the shelf with its width alone, corrected, put away and taken out again', async ({ page }) => {
  await page.goto('/cupboard?cloth=new');
  const form = page.getByRole('dialog');
  await form.getByLabel('Name').fill('Tar canvas');
  await form.getByRole('textbox', { name: 'Width' }).fill('1.6 m');
  await form.getByRole('button', { name: 'Add' }).click();
  const row = page.getByRole('listitem').filter({ hasText: 'Tar canvas' });
  await expect(row).toContainText('160.0 cm wide');
  await expect(row).toContainText('to be bought');
  await row.getByRole('link', { name: /Tar canvas/ }).click();
  await form.getByRole('radio', { name: 'Heavy' }).click();
  await form.getByRole('radio', { name: 'Up the length' }).click();
  await form.getByRole('textbox', { name: 'Repeat to match at the seams' }).fill('20');
  await page.keyboard.press('Tab');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(row).toContainText('heavy, woven, print up the length');
  await row.getByRole('link', { name: /Tar canvas/ }).click();
  await form.getByRole('button', { name: 'Put away' }).click();
  await expect(row).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toBeVisible();
});

test('a form that the server refuses says why and keeps what was entered', async ({ page }) => {
  await page.goto('/cupboard?cloth=new');
  const form = page.getByRole('dialog');
  await form.getByLabel('Name').fill('All edge');
  await form.getByRole('textbox', { name: 'Width' }).fill('10 cm');
  await form.getByRole('textbox', { name: 'Selvedge' }).fill('6 cm');
  await page.keyboard.press('Tab');
  await form.getByRole('button', { name: 'Add' }).click();
  await expect(form.getByRole('alert')).toContainText('half the width');
  await expect(form.getByLabel('Name')).toHaveValue('All edge');
  await form.getByRole('textbox', { name: 'Selvedge' }).fill('1 cm');
  await page.keyboard.press('Tab');
  await form.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'All edge' })).toBeVisible();
});

test('Today leads to the next thing of every make, in the order they are due, and lists what to buy', async ({ page }) => {
  await page.goto('/');
  const rows = page.locator('.make-link');
  // what is due first stands large, with its picture
  const first = page.getByRole('region', { name: 'Next at the table' });
  await expect(first.getByRole('heading')).toHaveText('Rehearsal skirt');
  await expect(first.locator('svg')).not.toHaveCount(0);
  await expect(rows.filter({ hasText: 'Concert skirt' })).toContainText('Fold and chalk');
  await rows.filter({ hasText: 'Concert skirt' }).click();
  await expect(page).toHaveURL(/\/chalk/);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'To buy' })).toBeVisible();
  await page.locator('.to-buy-row').filter({ hasText: 'Moss needlecord' }).getByRole('link', { name: 'Trumpet skirt' }).click();
  await expect(page).toHaveURL(/\/cloth/);
});

test('every number opens its working, down to the measures, and says what an error there does', async ({ page }) => {
  const make = await makeNamed(page, 'Rehearsal skirt');
  await page.goto(`/makes/${make.id}/shape`);
  await figure(page, 'hem-radius-cut').click();
  const working = page.getByTestId('working');
  await expect(working).toContainText('It comes from');
  await working.getByRole('button', { name: /Hem radius/ }).click();
  await working.getByRole('button', { name: /^Waist radius/ }).click();
  // half a circle: 2 pi x 0.5 is pi, so 5 mm more of waist seam makes the radius 1.6 mm more
  await expect(working).toContainText('5 mm more in');
  await working.getByRole('button', { name: /Waist seam/ }).click();
  await expect(working).toContainText('Hip');
  await working.getByRole('button', { name: /back to waist radius/ }).click();
  await expect(working).toContainText('It goes into');
});

test('a print is matched at the seams, and the cloth for it counted', async ({ page }) => {
  await begin(page, { construction: 'Gathered skirt', person: 'Maren', cloth: 'Sail ticking' });
  await set(page, 'length', '70');
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  await expect(page.getByText(/The print repeats every 12\.0 cm/)).toBeVisible();
  await saved(page);
  await choose(page, 'Cloth', 'Rust linen');
  await expect(page.getByText(/The print repeats/)).toBeHidden();
});

test('on a phone at the machine: steps are ticked with the thumb and stay ticked', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const make = await makeNamed(page, 'Rehearsal skirt');
  await page.goto(`/makes/${make.id}/sew`);
  // one step fills the screen: the first is in hand, reading others ticks nothing
  const bar = page.locator('.step-bar');
  const inHand = page.locator('.step-in-hand h2');
  await expect(inHand).toHaveText('Finish the side edges');
  await page.getByRole('button', { name: 'All steps' }).click();
  const seam = page.locator('.tick-row', { hasText: 'Sew the one seam' });
  await seam.locator('.tick-text').click();
  await expect(inHand).toHaveText('Sew the one seam');
  await expect(seam.locator('.tick-box')).toHaveAttribute('aria-pressed', 'false');
  // the large button under the thumb ticks and goes on
  const next = bar.getByRole('button', { name: 'Done, next' });
  const box = (await next.boundingBox())!;
  expect(box.height).toBeGreaterThanOrEqual(44);
  expect(box.y + box.height).toBeLessThanOrEqual(844);
  await next.click();
  await expect(seam.locator('.tick-box')).toHaveAttribute('aria-pressed', 'true');
  await expect(inHand).not.toHaveText('Sew the one seam');
  await saved(page);
  await page.reload();
  await expect(seam.locator('.tick-box')).toHaveAttribute('aria-pressed', 'true');
});

test('an address that leads nowhere, a make that isn’t there: said plainly, with a way back', async ({ page }) => {
  await page.goto('/attic');
  await expect(page.getByRole('heading', { name: 'There is nothing here' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to Today' }).click();
  await expect(page.getByRole('region', { name: 'Next at the table' })).toBeVisible();
  await page.goto('/makes/00000000-0000-4000-8000-000000000000/shape');
  await expect(page.getByText('This link leads to no make')).toBeVisible();
});

test('what lies in the sewing box is on no list to buy, and the make says that it is there', async ({ page }) => {
  await page.goto('/');
  const needles = page.locator('.to-buy-row').filter({ hasText: 'NM 80 universal' });
  await expect(needles.first()).toBeVisible();
  await page.goto('/settings');
  const box = page.getByRole('region', { name: 'In the sewing box' });
  await box.getByRole('checkbox', { name: 'Machine needles, NM 80 universal' }).check();
  await box.getByRole('textbox', { name: 'Colour of a thread' }).fill('Rust');
  await box.getByRole('button', { name: 'Put it in' }).click();
  await expect(box).toContainText('Thread, Rust: 200.00 m left');
  await page.reload();
  await expect(box.getByRole('checkbox', { name: 'Machine needles, NM 80 universal' })).toBeChecked();
  await page.goto('/');
  await expect(page.locator('.to-buy-row').first()).toBeVisible();
  await expect(needles).toHaveCount(0);
  const { id } = await makeNamed(page, 'Concert skirt');
  await page.goto(`/makes/${id}/cloth`);
  await expect(page.getByRole('row', { name: /NM 80 universal/ })).toContainText('in the sewing box');
  await expect(page.getByRole('row', { name: /^Thread/ })).toContainText('Rust, 200.00 m');
});
