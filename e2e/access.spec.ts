import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, type Response } from '@playwright/test';
import { makeNamed } from './arcus.ts';
import { test } from './test.ts';

const STATIONS = ['measure', 'shape', 'cloth', 'chalk', 'sew', 'wear'];

async function places(page: Page): Promise<string[]> {
  const make = await makeNamed(page, 'Concert skirt');
  const cloth = ((await (await page.request.get('/api/cloths')).json()) as Array<{ id: string }>)[0]!;
  const studies = [
    `/cupboard/${cloth.id}/becomes`,
    `/cupboard/${cloth.id}/together`,
    ...['folds', 'widths'].map((view) => `/makes/${make.id}/cloth?view=${view}`),
  ];
  return [
    ...studies,
    '/',
    '/makes',
    '/makes/new',
    '/people',
    '/cupboard',
    '/settings',
    '/welcome',
    ...STATIONS.map((station) => `/makes/${make.id}/${station}`),
  ];
}

for (const size of [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
  { width: 360, height: 740 },
]) {
  test(`no page scrolls sideways at ${size.width} px, every address can be opened by itself, and axe finds no serious fault`, async ({ page }) => {
    test.setTimeout(120_000);
    await page.setViewportSize(size);
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(String(error)));
    page.on('console', (said) => said.type() === 'error' && errors.push(said.text()));
    for (const place of await places(page)) {
      await page.goto(place);
      await page.waitForLoadState('networkidle');
      await expect(page.locator('h1').first()).toBeVisible();
      const sideways = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(sideways, place).toBeLessThanOrEqual(0);
      if (size.width === 360) continue;
      const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
      const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
      expect(serious.map(({ id, nodes }) => `${place}: ${id} ${nodes.map((node) => node.target.join(' ')).join(', ')}`)).toEqual([]);
    }
    expect(errors).toEqual([]);
  });
}

test('the keyboard alone walks the stations and opens its own help', async ({ page }) => {
  const make = await makeNamed(page, 'Concert skirt');
  await page.goto(`/makes/${make.id}/chalk`);
  await expect(page.getByRole('heading', { name: /^Chalk/, level: 2 })).toBeVisible();
  await page.keyboard.press(',');
  await expect(page).toHaveURL(/\/cloth$/);
  await expect(page.getByRole('heading', { name: 'Cloth', level: 2 })).toBeVisible();
  await page.keyboard.press('.');
  await expect(page).toHaveURL(/\/chalk/);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Next station');
  await page.keyboard.press('Escape');
  await page.keyboard.press('g');
  await page.keyboard.press('c');
  await expect(page).toHaveURL(/\/cupboard/);
});

test('the first load is at most 300 kB of compressed script', async ({ page }) => {
  const scripts: Response[] = [];
  page.on('response', (answer) => /\.js($|\?)/.test(answer.url()) && scripts.push(answer));
  await page.goto('/');
  await page.waitForLoadState('networkidle');
  let total = 0;
  for (const script of scripts) total += (await script.request().sizes()).responseBodySize;
  expect(total).toBeGreaterThan(50_000);
  expect(total).toBeLessThanOrEqual(300_000);
});
