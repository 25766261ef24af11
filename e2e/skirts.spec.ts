import { expect, type Page } from '@playwright/test';
import { begin, choose, figure, pick, saved, set, tickAll } from './arcus.ts';
import { test } from './test.ts';

/** From Cloth to Wear as a person goes: look at the lay, chalk every piece, sew every step, write down what came out. */
async function fromClothToWear(page: Page, waist: string): Promise<void> {
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  await expect(page.getByRole('group', { name: /The cloth, .* wide; \d+ pieces/ })).toBeVisible();
  await page.getByRole('button', { name: 'On to Chalk' }).click();
  await expect(page.getByRole('heading', { name: /^Chalk/, level: 2 })).toBeVisible();
  const pieces = page.getByRole('radiogroup', { name: 'Piece' }).getByRole('radio');
  for (let i = 0; i < Math.max(1, await pieces.count()); i++) {
    if ((await pieces.count()) > 0) {
      await pieces.nth(i).click();
      // the list beside it is this piece's once it is the chosen one
      await expect(pieces.nth(i)).toBeChecked();
    }
    await tickAll(page);
  }
  await page.getByRole('button', { name: 'On to Sew' }).click();
  await expect(
    page.getByRole('region', { name: 'The step in hand' }).getByRole('heading', { name: /Test on a scrap|Wash, dry and press/ }),
  ).toBeVisible();
  await tickAll(page);
  await page.getByRole('button', { name: 'On to Wear' }).click();
  await page.getByRole('textbox', { name: 'Finished waist, as it came out' }).fill(waist);
  // nothing is decided for them: the verdict has to be given
  await expect(page.getByRole('button', { name: 'Write it down' })).toBeDisabled();
  await page.getByRole('radio', { name: 'I will wear it' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('row', { name: new RegExp(`Finished waist.*${waist.replace('.', '\\.')}`) })).toBeVisible();
  await saved(page);
}

test('gathered: fullness and schools side by side with this person’s numbers, then to the end', async ({ page }) => {
  await begin(page, { construction: 'Gathered skirt', person: 'Maren', cloth: 'Harbour blue poplin' });
  const fullness = page.locator('[data-choice="fullness"]');
  await fullness.getByRole('button', { name: 'Side by side' }).click();
  // handbook 5: flat length is fullness x waist (75.8 cm), never less than hips + 5 cm (106.6)
  await expect(fullness.getByRole('row', { name: /Flat, all round/ })).toContainText(/113\.7 cm.*151\.6 cm.*227\.4 cm/);
  await expect(fullness.locator('.thumb')).toHaveCount(3);
  await fullness.getByRole('button', { name: '3', exact: true }).click();
  await expect(figure(page, 'flat-length')).toHaveText('227.4 cm');
  await pick(page, 'widthSchool', 'Whole widths of cloth');
  await set(page, 'fullness', '2');
  await pick(page, 'waist', 'Tube band');
  await fromClothToWear(page, '76.2');
});

test('tiered: more tiers, growing, to the floor, in inches', async ({ page }) => {
  await page.goto('/settings');
  await page.getByRole('radio', { name: /inch/i }).first().click();
  await begin(page, { construction: 'Tiered skirt', person: 'Tove', cloth: 'Harbour blue poplin' });
  await set(page, 'tiers', '4');
  await set(page, 'length', '36');
  await pick(page, 'heights', 'Growing downwards');
  await expect(figure(page, 'strip-total')).toHaveText(/yd$/);
  await expect(page.getByRole('img', { name: /Tiered skirt from the front: 36 in long/ })).toBeVisible();
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  await expect(page.getByRole('group', { name: /The cloth, 55 in wide/ })).toBeVisible();
  await page.getByRole('button', { name: 'On to Chalk' }).click();
  await expect(page.locator('.tick-title').first()).not.toContainText('cm');
  await page.keyboard.press('u');
});

test('gored: a trumpet with the seat shifted back, its hips chalked so that they stay true', async ({ page }) => {
  await begin(page, { construction: 'Gored skirt', person: 'Maren', cloth: 'Moss needlecord' });
  await pick(page, 'profile', 'Trumpet');
  await set(page, 'hipShift', '5');
  // handbook 6: (101.6 + 2)/2 - 5 = 46.8 cm in front, over four gores
  await expect(figure(page, 'front-gore-hip')).toHaveText('11.7 cm');
  await set(page, 'kneePinch', '5.5');
  await expect(page.getByTestId('verdict')).toContainText(/too tight|stride/);
  await set(page, 'kneePinch', '1');
  await fromClothToWear(page, '76.0');
});

test('knit tube: woven cloth stops it, a knit lets it pass', async ({ page }) => {
  await begin(page, { construction: 'Knit tube skirt', person: 'Tove', cloth: 'Rust linen' });
  await expect(page.getByTestId('verdict')).toContainText('Stop.');
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  await choose(page, 'Cloth', 'Ink jersey');
  await expect(page.getByTestId('verdict')).not.toContainText('no opening');
  await page.getByRole('link', { name: /^Shape/ }).click();
  await expect(page.getByRole('heading', { name: 'Shape', level: 2 })).toBeVisible();
  await pick(page, 'profile', 'Shaped in quarters');
  await page.getByRole('switch', { name: 'Peplum' }).click();
  // an inch less than the body can't be pulled over these hips by a non-roll elastic; a way out is one click away
  await expect(page.getByTestId('verdict')).toContainText("can't stretch enough");
  await page.getByTestId('verdict').click();
  await page.locator('[data-check="elastic-stretch"]').getByRole('button', { name: /body/ }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByTestId('verdict')).not.toContainText('Stop.');
  await fromClothToWear(page, '66.0');
});

test('child’s: growth room in the hem, the gap left open, the cautions said', async ({ page }) => {
  await begin(page, { construction: 'Child', person: 'Pim', cloth: 'Ink jersey' });
  await page.getByTestId('verdict').click();
  await expect(page.locator('[data-check="child-safety"]')).toContainText('no drawstrings');
  await page.getByRole('button', { name: 'Close' }).click();
  await fromClothToWear(page, '53.0');
  await page.keyboard.press(',');
  await expect(page.getByText('leave the gap open')).toBeVisible();
});

test('handkerchief: the corners hang lower by the diagonal', async ({ page }) => {
  await begin(page, { construction: 'Handkerchief skirt', person: 'Tove', cloth: 'Rust linen' });
  await set(page, 'sideLength', '50');
  // handbook 4: (r + side) sqrt 2 - r with r = 66.4 / 2 pi = 10.57 cm: 60.57 x 1.4142 - 10.57 = 75.09
  await expect(figure(page, 'corner-length')).toHaveText('75.1 cm');
  await fromClothToWear(page, '66.4');
});

test('a half-size practice piece: lengths shrink, allowances stay (handbook 10)', async ({ page }) => {
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  await page.getByText('Allowances and other fine points').click();
  await pick(page, 'sampleSize', 'Half size, to practise');
  // r = 66.4 / 2 / 2 pi = 5.28 cm, less the whole 1.5 cm of allowance
  await expect(figure(page, 'waist-radius-cut')).toHaveText('3.7 cm');
});
