import { expect } from '@playwright/test';
import { begin, choose, figure, saved, set, tickAll } from './arcus.ts';
import { test } from './test.ts';

test('shirred: rows, bobbins and when to change them, its way in on the figure, to the last step', async ({ page }) => {
  await begin(page, { construction: 'Shirred dress', person: 'Tove', cloth: 'Harbour blue poplin' });
  // handbook 8: 1.5 times the bust (85.0 cm); 20 cm of shirring at 1 cm: 21 rows
  await expect(figure(page, 'shirr-flat')).toHaveText('127.5 cm');
  await expect(figure(page, 'shirr-rows')).toHaveText('21');
  await set(page, 'fullness', '2');
  await expect(figure(page, 'shirr-flat')).toHaveText('170.0 cm');
  await expect(page.getByText(/the shirring opens to 170\.0 cm, the shoulders 95\.0 cm: passes/)).toBeVisible();
  await expect(page.getByRole('img', { name: /Shirred dress from the front and from behind/ })).toBeVisible();
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  await expect(page.getByText(/Elastic thread for shirring, \d+ bobbins/)).toBeVisible();
  await page.getByRole('button', { name: 'On to Chalk' }).click();
  await page.getByRole('button', { name: 'On to Sew' }).click();
  await page.locator('.tick-title', { hasText: 'Shirr the panels' }).click();
  // 85 cm a row: nine rows from a bobbin of 8 m
  await expect(page.getByRole('region', { name: 'The step in hand' })).toContainText('BEFORE row 10 of piece 1');
  await tickAll(page);
  await page.getByRole('button', { name: 'On to Wear' }).click();
  await saved(page);
});

test('from a T-shirt laid flat: a child’s A-line with a keyhole for the head, and what nobody measured is said', async ({ page }) => {
  await begin(page, { construction: 'A-line dress', person: 'Pim', cloth: 'Sail ticking' });
  await expect(figure(page, 'flat-chest')).toHaveText('34.5 cm');
  await set(page, 'length', '56');
  await set(page, 'neckWidth', '13');
  await set(page, 'armholeDepth', '16');
  await expect(page.locator('.docket-verdict')).toContainText('Nobody measured round bust or shoulders');
  await page.getByRole('link', { name: 'Measure' }).click();
  await expect(page.getByText('one that fits, laid flat')).toBeVisible();
  await page.getByRole('link', { name: 'Sew' }).click();
  await page.locator('.tick-title', { hasText: 'Loop and button' }).click();
  await expect(page.getByRole('region', { name: 'The step in hand' })).toContainText('let');
});

test('panel robe: bands from a second cloth out of the cupboard, bought by its own width', async ({ page }) => {
  await begin(page, { construction: 'Panel robe', person: 'Maren', cloth: 'Rust linen' });
  await set(page, 'length', '115');
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  const second = page.getByRole('row', { name: /Second cloth for the bands/ });
  await expect(second).toContainText('150.0 cm wide');
  await choose(page, 'Second cloth', 'Sail ticking');
  await expect(second).toContainText('90.0 cm wide');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('row', { name: /Second cloth for the bands/ })).toContainText('90.0 cm wide');
});

test('skater, yoke, jumper and apron go from Shape to Sew', async ({ page }) => {
  test.slow();
  const cloths: Record<string, string> = { knit: 'Ink jersey', woven: 'Harbour blue poplin' };
  for (const [construction, kind] of [
    ['Skater dress', 'knit'],
    ['Yoke dress', 'woven'],
    ['Rectangle jumper', 'knit'],
    ['Gathered apron', 'woven'],
  ] as const) {
    await begin(page, { construction, person: 'Maren', cloth: cloths[kind] });
    await expect(page.getByRole('img', { name: new RegExp(`^${construction} from the front`) })).toBeVisible();
    for (const next of ['Cloth', 'Chalk', 'Sew']) await page.getByRole('button', { name: `On to ${next}` }).click();
    await expect(page.getByRole('region', { name: 'The step in hand' })).toBeVisible();
    // the last step of each has a picture or words of its own
    await page.locator('.ticks .tick-title').last().click();
    await expect(page.getByRole('region', { name: 'The step in hand' }).getByRole('heading')).not.toHaveText('');
  }
});

test('a yoke as long as the dress is refused where it was chosen, and one click makes it', async ({ page }) => {
  await begin(page, { construction: 'Yoke dress', person: 'Maren', cloth: 'Harbour blue poplin' });
  await set(page, 'length', '40');
  await set(page, 'frontYoke', '45');
  await expect(page.getByText(/nothing is left for the skirt/)).toBeVisible();
  await page
    .getByRole('button', { name: /Take 36\.0 cm|36\.0 cm/ })
    .first()
    .click();
  await expect(figure(page, 'front-skirt-length')).toHaveText('4.0 cm');
});
