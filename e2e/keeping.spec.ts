import { expect, type Page } from '@playwright/test';
import { begin, figure, makeAgain, makeNamed, saved, set, type Make } from './arcus.ts';
import { test } from './test.ts';

const idOf = (page: Page) => /makes\/([0-9a-f-]{36})/.exec(page.url())![1]!;
const stored = (page: Page, id: string) => makeAgain(page, { id } as Make);

/** The server takes no writes, or does not answer at all, until this is let go. */
async function away(page: Page): Promise<() => Promise<void>> {
  await page.route('**/api/**', (route) => route.abort('connectionrefused'));
  return () => page.unroute('**/api/**');
}

test('leaving a make at once after a change saves it all the same', async ({ page }) => {
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  await saved(page);
  const id = idOf(page);
  await set(page, 'length', '43');
  await page.getByRole('link', { name: 'People' }).click();
  await expect.poll(async () => (await stored(page, id)).choices['length']).toBe(430);
});

test('measures, what came out and the cupboard are kept while the server is away, through a reload, and saved when it is back', async ({ page }) => {
  await page.goto('/people');
  await page.getByText('Sunna').first().click();
  await expect(page.getByRole('heading', { name: 'Sunna' })).toBeVisible();
  await page.waitForTimeout(2500);
  const back = await away(page);
  await page.getByRole('textbox', { name: 'Neck', exact: true }).fill('36.5');
  await page.keyboard.press('Tab');
  await expect(page.getByTestId('save-state')).toHaveText(/trying again/);
  // every page still opens, and shows what was entered
  for (const [place, heading] of [
    ['Makes', 'Makes'],
    ['Cupboard', 'Cupboard'],
    ['Settings', 'Settings'],
    ['Today', 'Today'],
    ['People', 'People'],
  ] as const) {
    await page.getByRole('link', { name: place, exact: true }).click();
    await expect(page.getByRole('heading', { name: heading, level: 1 })).toBeVisible();
    await expect(page.getByText('This page broke')).toHaveCount(0);
  }
  await page.getByText('Sunna').first().click();
  await expect(page.getByRole('textbox', { name: 'Neck', exact: true })).toHaveValue(/36\.5/);
  await page.getByRole('button', { name: /trying again/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Neck of Sunna');
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await back();
  await page.reload();
  await expect(page.getByTestId('save-state')).toHaveText('All saved', { timeout: 15_000 });
  await expect(page.getByRole('textbox', { name: 'Neck', exact: true })).toHaveValue(/36\.5/);
  const people = (await (await page.request.get('/api/people')).json()) as Array<{ name: string; body: Record<string, number> }>;
  expect(people.find(({ name }) => name === 'Sunna')!.body['neck-girth']).toBe(365);
});

test('two tabs on one make follow each other: both have what they did, and what both changed is asked by name', async ({ page, context }) => {
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  await saved(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await set(page, 'length', '52');
  await saved(page);
  await expect(other.locator('[data-choice="length"] input').first()).toHaveValue(/52/);
  await set(other, 'fraction', '0.75');
  await saved(other);
  await expect(page.locator('[data-choice="fraction"] input').first()).toHaveValue(/0\.75/);
  const make = await stored(page, idOf(page));
  expect(make.choices).toMatchObject({ length: 520, fraction: 0.75 });
  // a device that can't be told changes the very same, and nobody has heard of it yet
  await context.route(`**/api/makes/${make.id}`, (route) => (route.request().method() === 'GET' ? route.abort() : route.continue()));
  await page.request.patch(`/api/makes/${make.id}`, {
    data: { version: make.version, choices: { ...make.choices, length: 610 }, name: 'Named on the phone' },
  });
  await set(page, 'length', '55');
  const bar = page.getByRole('alert');
  await expect(bar).toContainText('theirs 61.0 cm, yours 55.0 cm');
  await context.unroute(`**/api/makes/${make.id}`);
  await bar.getByRole('button', { name: 'Take theirs' }).click();
  await expect(page.locator('[data-choice="length"] input').first()).toHaveValue(/61/);
  await expect(page.getByRole('heading', { name: 'Named on the phone' })).toBeVisible();
  await saved(page);
});

test('a cloth that turns out narrower changes what is to buy everywhere at once, and the make says what changed', async ({ page }) => {
  const make = await makeNamed(page, 'Tiers for the encore');
  const { clothId } = make as Make & { clothId: string };
  const cloth = (await (await page.request.get(`/api/cloths/${clothId}`)).json()) as { name: string; width: number; version: number };
  const bought = async () =>
    ((await stored(page, make.id)) as unknown as { summary: { figures: Record<string, number> } }).summary.figures['cloth-to-buy']!;
  const before = await bought();
  await page.request.patch(`/api/cloths/${clothId}`, { data: { version: cloth.version, width: cloth.width * 0.7 } });
  expect(await bought()).toBeGreaterThan(before);
  await page.goto(`/makes/${make.id}/cloth`);
  const bar = page.getByTestId('changed-under');
  await expect(bar).toContainText(`${cloth.name}, width`);
  await expect(bar).toContainText(/was .* cm, is .* cm/);
  await bar.getByRole('button', { name: 'I have seen it' }).click();
  await expect(bar).toHaveCount(0);
  await page.request.patch(`/api/cloths/${clothId}`, { data: { version: cloth.version + 1, width: cloth.width } });
});

test('a measure taken again says which chalked marks no longer hold, and unticks them', async ({ page }) => {
  await page.goto('/people?new');
  await page.getByRole('textbox', { name: /name/i }).first().fill('Ylva');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Ylva' })).toBeVisible();
  for (const [name, value] of [
    ['Waist', '70'],
    ['Hip', '96'],
  ] as const) {
    await page.getByRole('textbox', { name, exact: true }).fill(value);
    await page.keyboard.press('Tab');
  }
  await begin(page, { construction: 'Circle skirt', person: 'Ylva', cloth: 'Rust linen' });
  await page.goto(`/makes/${idOf(page)}/chalk`);
  const rows = page.locator('.ticks .tick-box');
  await expect(rows.first()).toBeVisible();
  for (let i = 0; i < (await rows.count()); i++) await rows.nth(i).click();
  await saved(page);
  const chalked = (ticks: string[]) => ticks.filter((tick) => tick.startsWith('chalk:')).length;
  const before = chalked((await stored(page, idOf(page))).done);
  await page.goto(`/makes/${idOf(page)}/measure`);
  await page.getByRole('textbox', { name: 'Waist', exact: true }).fill('74');
  await page.keyboard.press('Tab');
  const bar = page.getByTestId('changed-under');
  await expect(bar).toContainText('Waist: was 70.0 cm, is 74.0 cm');
  await expect(bar).toContainText(/marks are ticked at other figures/);
  await bar.getByRole('button', { name: /Untick/ }).click();
  await expect(bar).toHaveCount(0);
  await saved(page);
  const { done } = await stored(page, idOf(page));
  // what no figure moved stays ticked
  expect(chalked(done)).toBeGreaterThan(0);
  expect(chalked(done)).toBeLessThan(before);
  await page.goto(`/makes/${idOf(page)}/chalk`);
  await expect(page.locator('.ticks .tick-box[aria-pressed="false"]').first()).toBeVisible();
});

test('one lay: what the Cloth station shows is what is saved, bought for, listed on Today and logged as planned', async ({ page }) => {
  await begin(page, { construction: 'Gored skirt', person: 'Maren' });
  // a length of its own: what was laid for another make is not laid again
  await set(page, 'length', '81.3');
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  const id = idOf(page);
  type Summed = { choices: Record<string, unknown>; summary: { figures: Record<string, number>; settled?: boolean } };
  // the length is with the server, and what was laid is of that length: only then has the Cloth station laid it to the end
  await saved(page);
  await expect
    .poll(
      async () => {
        const { choices, summary } = (await stored(page, id)) as unknown as Summed;
        return Math.round(choices['length'] as number) === 813 && summary.settled;
      },
      { timeout: 30_000 },
    )
    .toBe(true);
  await expect(page.getByText('laying closer…')).toHaveCount(0);
  const shown = (await figure(page, 'cloth-to-buy').textContent())!;
  const figures = ((await stored(page, id)) as unknown as Summed).summary.figures;
  expect(`${(figures['cloth-to-buy']! / 1000).toFixed(2)} m`).toBe(shown);
  await page.goto('/');
  const bought = page.locator('.to-buy-row', { has: page.locator(`a[href="/makes/${id}/cloth"]`) });
  await expect(bought.filter({ hasText: 'Cloth' }).first()).toContainText(shown);
  await expect(bought.filter({ hasText: 'Cloth' }).first()).not.toContainText('at most');
  // opened again it is not laid again
  await page.goto(`/makes/${id}/cloth`);
  await expect(figure(page, 'cloth-to-buy')).toHaveText(shown);
  await expect(page.getByText('laying closer…')).toHaveCount(0);
  const log = await page.request.post(`/api/makes/${id}/log`, { data: { finishedOn: '2027-01-01', verdict: 'wear', actuals: {} } });
  expect(((await log.json()) as { planned: Record<string, number> }).planned).toEqual(figures);
});

test('a copy is taken in Settings, looked into, and put back', async ({ page }) => {
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Take a copy now' }).click();
  await expect(page.getByText('A copy is taken, and it is whole.')).toBeVisible();
  const before = (await (await page.request.get('/api/people')).json()) as unknown[];
  await page.request.post('/api/people', { data: { name: 'Here for a moment' } });
  await page
    .locator('.copies li')
    .filter({ hasText: 'taken by you' })
    .first()
    .getByRole('button', { name: /Look inside/ })
    .click();
  await expect(page.getByRole('dialog')).toContainText(`${before.length} people`);
  await page.getByRole('button', { name: 'Put all of it back' }).click();
  await expect(page.getByText('Put back. What was there before is among the copies.')).toBeVisible();
  expect(await (await page.request.get('/api/people')).json()).toEqual(before);
  await expect(page.locator('.copies')).toContainText('before a copy was put back');
});
