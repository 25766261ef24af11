import { expect, type Locator, type Page } from '@playwright/test';

export interface Make {
  id: string;
  name: string;
  version: number;
  clothId: string | null;
  choices: Record<string, number | string | boolean>;
  done: string[];
}

const json = async <T>(page: Page, method: 'get' | 'post' | 'patch', path: string, data?: object): Promise<T> => {
  const answer = await page.request[method](path, data ? { data } : undefined);
  expect(answer.ok(), await answer.text()).toBe(true);
  return (await answer.json()) as T;
};

/** A make of the demo by its name. */
export async function makeNamed(page: Page, name: string): Promise<Make> {
  const makes = await json<Make[]>(page, 'get', '/api/makes');
  return makes.find((each) => each.name === name)!;
}

export const makeAgain = (page: Page, { id }: Make) => json<Make>(page, 'get', `/api/makes/${id}`);

/** Begins a make of a demo person and cloth by the names on the page, as a person would. */
export async function begin(page: Page, { construction, person, cloth }: { construction: string; person: string; cloth?: string }): Promise<void> {
  await page.goto('/makes/new');
  await page.getByRole('radio', { name: new RegExp(`^${construction}`) }).click();
  await choose(page, 'For', person);
  if (cloth) await choose(page, 'Of', cloth);
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByRole('heading', { name: /^(Shape|Measure)$/, level: 2 })).toBeVisible();
}

/** Picks from a drop-down list, and looks whether it was taken: while a list slides open a click can miss it. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  const field = page.getByRole('combobox', { name: label, exact: true });
  const shown = page.locator('.ant-select').filter({ has: field });
  await expect(async () => {
    await field.click();
    await page.locator('.ant-select-item-option', { hasText: option }).first().click({ timeout: 4000 });
    await expect(shown).toContainText(option, { timeout: 2000 });
  }).toPass();
}

/** Types a length or a figure into the field of a choice. */
export async function set(page: Page, choice: string, value: string): Promise<void> {
  const field = page.locator(`[data-choice="${choice}"]`).locator('input').first();
  await field.fill(value);
  await field.press('Enter');
}

export const pick = (page: Page, choice: string, option: string) =>
  page.locator(`[data-choice="${choice}"]`).getByRole('radio', { name: option, exact: true }).click();

export const figure = (page: Page, id: string): Locator => page.locator(`[data-quantity="${id}"] strong`);

/** Everything entered is with the server; where it is not, the failure says what the page says of it. */
export async function saved(page: Page): Promise<void> {
  const badge = page.getByTestId('save-state');
  await expect(badge)
    .toHaveText('All saved')
    .catch(async (error: Error) => {
      await badge.click();
      throw new Error(`${error.message}\n${await page.getByRole('dialog').innerText()}`);
    });
}

/** Ticks everything on the page's list, top to bottom. */
export async function tickAll(page: Page): Promise<void> {
  const left = page.locator('.ticks .tick-box[aria-pressed="false"]');
  while ((await left.count()) > 0) await left.first().click();
  await expect(left).toHaveCount(0);
}
