import { expect, type Page } from '@playwright/test';
import { begin, makeAgain, makeNamed, saved, set } from './arcus.ts';
import { test } from './test.ts';

interface Cloth {
  id: string;
  name: string;
  lengthOnHand: number | null;
}
const voile = async (page: Page) => ((await (await page.request.get('/api/cloths')).json()) as Cloth[]).find(({ name }) => name === 'Gull voile')!;
/** Metres a sentence says after some words. */
const metres = (text: string, after: string) => Number(new RegExp(`${after} (\\d+\\.\\d\\d) m`).exec(text)![1]);

test('two makes of one cloth are laid together: what that saves counts wherever the cloth is counted, and both are cut in one go', async ({
  page,
}) => {
  const cloth = await voile(page);
  for (const [person, construction] of [
    ['Tove', 'Circle skirt'],
    ['Maren', 'Gored skirt'],
  ] as const) {
    await begin(page, { construction, person, cloth: 'Gull voile' });
    await set(page, 'length', '55');
    await page.getByRole('link', { name: /^Cloth/ }).click();
    await expect(page.getByText('laying closer…')).toBeHidden({ timeout: 30_000 });
    await saved(page);
  }
  // each says that the other is cut from it too
  const shared = page.getByRole('note').filter({ hasText: 'cut from it too' });
  await expect(shared).toContainText('one after the other they take');
  await shared.getByRole('link', { name: 'Lay them together' }).click();
  const says = page.getByTestId('together');
  await expect(says).toContainText('You save');
  const [both, alone] = [metres(await says.innerText(), 'they take'), metres(await says.innerText(), 'one after the other')];
  expect(both).toBeLessThan(alone);
  await expect(page.getByRole('row', { name: /Skirt.*Circle skirt for Tove/ }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Cut them together' }).click();
  await expect(page.getByText('They are cut together')).toBeVisible();
  await saved(page);

  // one length on every page
  await page.goto('/cupboard');
  await expect(page.getByText(`${both.toFixed(2)} m spoken for by`)).toBeVisible();
  const makes = await Promise.all(['Circle skirt for Tove', 'Gored skirt for Maren'].map((name) => makeNamed(page, name)));
  await page.goto(`/makes/${makes[1]!.id}/cloth`);
  await expect(shared).toContainText(new RegExp(`together they take (at most )?${both.toFixed(2)} m`));

  // cutting takes it off once, for both
  await page.goto(`/makes/${makes[0]!.id}/sew?step=cut`);
  const shelf = page.getByRole('region', { name: 'In the cupboard' });
  await expect(shelf).toContainText(`cut together, take ${both.toFixed(2)} m`);
  await shelf.getByRole('button', { name: 'All are cut: take it off' }).click();
  await expect(shelf).toContainText('Taken off the shelf');
  const left = async () => (await voile(page)).lengthOnHand!;
  await expect.poll(async () => Math.abs(cloth.lengthOnHand! - (await left()) - 1000 * both)).toBeLessThan(11);
  await expect.poll(async () => (await makeAgain(page, makes[1]!)).done).toContain('sew:cut');
  await page.goto(`/makes/${makes[1]!.id}/sew?step=cut`);
  await expect(shelf).toContainText('taken off with it');
  await expect(shelf.getByRole('button', { name: /take it off|Put it back/ })).toHaveCount(0);
  // and putting it back puts it back once
  await page.goto(`/makes/${makes[0]!.id}/sew?step=cut`);
  await shelf.getByRole('button', { name: 'Put it back' }).click();
  await expect.poll(left).toBeCloseTo(cloth.lengthOnHand!, 3);
  await saved(page);
});

test('a cloth nobody shares says so, and a link that leads to no cloth says that', async ({ page }) => {
  const { id } = ((await (await page.request.get('/api/cloths')).json()) as Cloth[]).find(({ name }) => name === 'Moss needlecord')!;
  await page.goto(`/cupboard/${id}/together`);
  await expect(page.getByText('Two makes can be laid together.')).toBeVisible();
  await page.goto('/cupboard/nothing/together');
  await expect(page.getByText('This link leads to no cloth.')).toBeVisible();
});
