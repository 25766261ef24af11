// Longer than 250 lines: everything done at the table, from the first step to the log.
import { expect, type Page } from '@playwright/test';
import { begin, makeNamed, saved, tickAll } from './arcus.ts';
import { test } from './test.ts';

const SPRING = new Date('2027-04-05T18:00:00');
const inHand = (page: Page) => page.getByRole('region', { name: 'The step in hand' });

/** On to a step of the make by its title. */
async function step(page: Page, id: string): Promise<void> {
  await page.goto(`${page.url().replace(/\/(measure|shape|cloth|chalk|sew|wear).*$/, '')}/sew?step=${id}`);
  await expect(inHand(page)).toBeVisible();
}

test('a make through the whole table: clocks, a wait over night with its notice, tried on and written down with what the clocks say', async ({
  page,
}) => {
  await page.clock.install({ time: SPRING });
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  await step(page, 'sides');
  const clock = page.getByRole('group', { name: 'The clock of this step' });
  await clock.getByRole('button', { name: 'Start the clock' }).click();
  await page.clock.fastForward('12:00');
  await expect(clock).toContainText('12:0');
  await saved(page);
  // it goes on through a reload
  await page.reload();
  await expect(clock).toBeVisible();
  await page.clock.fastForward('03:00');
  await expect(clock).toContainText('15:0');
  // done with it, the clock goes on with the next step
  await inHand(page).getByRole('button', { name: 'Done, next' }).click();
  await expect(clock.getByRole('button', { name: 'Pause the clock' })).toBeVisible();
  await page.clock.fastForward('10:00');
  await clock.getByRole('button', { name: 'Pause the clock' }).click();
  await expect(clock).toContainText('10 min');
  await expect(page.locator('.tick-row', { hasText: 'Sew the' }).first()).toContainText('15 min of');
  // the hem hangs over night; elsewhere one is told when it is over
  await step(page, 'hang');
  await page.getByRole('button', { name: 'It hangs or dries from now' }).click();
  await expect(inHand(page)).toContainText('Until Tue 6 Apr');
  await saved(page);
  await page.goto('/cupboard');
  await expect(page.getByText('Rust linen').first()).toBeVisible();
  await expect(page.locator('.waits-over p')).toHaveCount(0);
  await page.clock.fastForward('25:00:00');
  const notice = page.locator('.waits-over p');
  await expect(notice).toContainText('its 24 hours are over');
  await notice.getByRole('link', { name: 'Go on with it' }).click();
  await expect(inHand(page).getByRole('heading', { name: /Let it hang/ })).toBeVisible();
  await expect(inHand(page)).toContainText('The wait is over');
  await inHand(page).getByRole('button', { name: 'Done, next' }).click();
  await expect(notice).toHaveCount(0);
  // at Wear the clocks are offered, and what is far off is asked about by name, nothing lost
  await page.getByRole('link', { name: /^Wear/ }).click();
  await expect(page.getByText('Close the zip')).toBeVisible();
  // each step's minutes beside what was reckoned, with words for it
  await expect(page.getByRole('region', { name: 'How long each step took' }).getByRole('img', { name: /reckoned .* took 15 min/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take that' }).click();
  await expect(page.getByRole('textbox', { name: 'Sewing time, as it came out' })).toHaveValue('25');
  await page.getByRole('textbox', { name: 'Finished waist, as it came out' }).fill('4');
  await page.keyboard.press('Tab');
  await expect(page.getByText('is far from the')).not.toHaveCount(0);
  await page.getByRole('radio', { name: 'I love it' }).click();
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByRole('dialog')).toContainText('Finished waist');
  await page.getByRole('button', { name: 'Look again' }).click();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Finished waist, as it came out' })).toHaveValue('4.0 cm');
  await page.getByRole('textbox', { name: 'Finished waist, as it came out' }).fill('68');
  await page.getByRole('textbox', { name: 'Sewing time, as it came out' }).fill('380');
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByTestId('log-entry')).toContainText('the hole cut 0.3 cm farther from the centre');
});

test('shirring with its bobbins: it says before a row when to change, learns from one that ended early, and keeps the count', async ({ page }) => {
  const { id } = await makeNamed(page, 'Shirred sundress');
  await page.goto(`/makes/${id}/sew?step=shirring`);
  const counter = page.getByRole('region', { name: 'Rows and bobbins' });
  const lasts = Number(/a bobbin lasts (\d+)/.exec((await counter.textContent())!)![1]);
  expect(lasts).toBeGreaterThan(4);
  const sew = async (rows: number) => {
    for (let i = 0; i < rows; i++) await counter.getByRole('button', { name: 'Row sewn' }).click();
  };
  await sew(lasts - 1);
  await expect(counter).toContainText('last of bobbin 1');
  await sew(1);
  await expect(counter).toContainText('Stop: put a fresh bobbin in BEFORE this row');
  // a row can't be counted without one
  await expect(counter.getByRole('button', { name: 'Row sewn' })).toHaveCount(0);
  await counter.getByRole('button', { name: 'A fresh bobbin is in' }).click();
  await sew(3);
  await counter.getByRole('button', { name: 'It ran out in this row' }).click();
  await expect(counter).toContainText('a bobbin lasts 3 rows, not the');
  await saved(page);
  await page.reload();
  await expect(counter).toContainText(`${lasts + 3} of`);
  await sew(3);
  await expect(counter).toContainText('BEFORE this row');
});

test('a mishap mended: the hem cut too short, what can still be done, and the plan goes on from there', async ({ page }) => {
  await begin(page, { construction: 'Gathered skirt', person: 'Maren', cloth: 'Harbour blue poplin' });
  await step(page, 'hem');
  await page.getByRole('button', { name: 'It went wrong…' }).click();
  await page.getByRole('button', { name: 'It was cut too short' }).click();
  const amount = page.getByRole('textbox', { name: 'Too short by' });
  await amount.fill('1.2');
  await page.keyboard.press('Tab');
  await expect(page.getByText('Turn up only 1.2 cm instead of 2.4 cm')).toBeVisible();
  await amount.fill('5');
  await page.keyboard.press('Tab');
  // 5 cm are more than its 2.4 cm of hem: no narrower hem saves that
  await expect(page.getByText('Turn up only')).toHaveCount(0);
  const shorter = page.locator('.remedies li').filter({ hasText: 'Make it shorter all round: 55.0 cm long instead of 60.0 cm' });
  await shorter.getByRole('button', { name: 'Go on with that' }).click();
  await page.getByRole('link', { name: /^Shape/ }).click();
  await expect(page.locator('[data-choice="length"]').getByRole('textbox')).toHaveValue('55.0 cm');
  await page.getByRole('link', { name: /^Wear/ }).click();
  await expect(page.getByText('it was cut too short, 5.0 cm')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('link', { name: /^Shape/ }).click();
  await expect(page.locator('[data-choice="length"]').getByRole('textbox')).toHaveValue('60.0 cm');
});

test('learning: two logs and a strip change the next plan, it says so at the number, and the default can be had back', async ({ page }) => {
  await begin(page, { construction: 'Shirred dress', person: 'Maren', cloth: 'Rust linen' });
  const id = /makes\/([0-9a-f-]{36})/.exec(page.url())![1]!;
  const relaxed = async () =>
    ((await (await page.request.get(`/api/makes/${id}`)).json()) as { summary: { figures: Record<string, number> } }).summary.figures;
  // what two others of this cloth came down to: 2.0 instead of 1.8 to 1
  for (const share of [0.9, 0.9]) {
    await page.goto('/makes/new');
    await begin(page, { construction: 'Shirred dress', person: 'Maren', cloth: 'Rust linen' });
    const other = /makes\/([0-9a-f-]{36})/.exec(page.url())![1]!;
    const { figures } = ((await (await page.request.get(`/api/makes/${other}`)).json()) as { summary: { figures: Record<string, number> } }).summary;
    await page.request.post(`/api/makes/${other}/log`, {
      data: { finishedOn: '2027-03-01', verdict: 'wear', actuals: { 'shirr-relaxed': ((figures['shirr-flat']! / 2) * 0.95 * share) / 0.9 } },
    });
  }
  await page.goto(`/makes/${id}/shape`);
  await page.getByText('Allowances and other fine points').click();
  const takeUp = page.locator('[data-choice="takeUp"]');
  await expect(takeUp).toContainText('This is your figure, from 2 makes of this cloth');
  await expect(takeUp.getByRole('textbox')).toHaveValue('2');
  const share = async () => (await relaxed())['shirr-relaxed']! / (await relaxed())['shirr-flat']!;
  const learnt = await share();
  expect(learnt).toBeLessThan(0.48);
  // chosen again: the usual one, for this make
  await takeUp.getByRole('button', { name: 'Take the usual 1.8' }).click();
  await expect(takeUp.getByRole('button', { name: 'Back to your figure' })).toBeVisible();
  await saved(page);
  await expect.poll(async () => (await share()) / learnt).toBeCloseTo(2 / 1.8, 2);
  // and for all: in Settings
  await page.goto('/settings');
  const row = page.locator('.own-figure').filter({ hasText: 'Take-up of shirring' });
  await row.getByRole('button', { name: 'Use the usual 1.8' }).click();
  await expect(row).toContainText('The usual 1.8 is used');
  await row.getByRole('button', { name: 'Use mine' }).click();
  await expect(row).toContainText('is used: your figure');
});

test('made again for another person, with what the first one taught; the two compared; the logbook searched', async ({ page }) => {
  await page.goto('/makes?q=half-circle');
  const row = page.locator('.make-row').filter({ hasText: 'Ilka’s summer half-circle' });
  await expect(page.locator('.make-row')).toHaveCount(1);
  await row.getByRole('link', { name: 'Make again' }).click();
  await expect(page.getByText('The waist came out 1.6 cm too large: less ease this time')).toBeVisible();
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page).toHaveURL(/\/shape/);
  const id = /makes\/([0-9a-f-]{36})/.exec(page.url())![1]!;
  const { choices } = (await (await page.request.get(`/api/makes/${id}`)).json()) as { choices: Record<string, number> };
  expect(choices['waistEase']).toBeCloseTo(-16, 0);
  expect(choices['fraction']).toBe(0.5);
  await page.goto('/makes?kind=circle-skirt');
  for (const name of ['Ilka’s summer half-circle', 'Concert skirt'])
    await page.locator('.make-row').filter({ hasText: name }).getByRole('button', { name: 'Compare' }).click();
  await page.getByRole('link', { name: 'Compare the two' }).click();
  await expect(page.getByRole('row', { name: /Part of a circle.*0\.5.*1/ })).toBeVisible();
  await page.goto('/makes?q=nothing+like+that');
  await expect(page.getByText('None is like that.')).toBeVisible();
  await page.getByRole('button', { name: /Show all/ }).click();
  await expect(page.locator('.make-row').first()).toBeVisible();
});

test('the weeks ahead follow the time one has; a date that can’t be kept is said with what would give; the calendar is a file', async ({ page }) => {
  await page.goto('/settings');
  const weekday = page.getByRole('textbox', { name: 'Minutes on a working day' });
  await weekday.fill('5');
  await page.keyboard.press('Tab');
  await page.getByRole('textbox', { name: 'Minutes on a day of the weekend' }).fill('5');
  await page.keyboard.press('Tab');
  await page.goto('/');
  const weeks = page.getByRole('region', { name: 'The weeks ahead' });
  await expect(weeks.getByRole('alert').filter({ hasText: 'Rehearsal skirt won’t be done by' })).toContainText('What would give:');
  const file = page.waitForEvent('download');
  await weeks.getByRole('button', { name: 'To your calendar' }).click();
  expect((await file).suggestedFilename()).toBe('sewing.ics');
  await page.goto('/settings');
  await weekday.fill('240');
  await page.keyboard.press('Tab');
  await page.goto('/');
  await expect(weeks.getByRole('row').filter({ hasText: 'Rehearsal skirt' })).toContainText('done');
  await expect(weeks.getByRole('alert').filter({ hasText: 'Rehearsal skirt' })).toHaveCount(0);
});

test('by hand: set once, a new make has no machine in any step; a photograph is kept without its place', async ({ page }) => {
  await page.goto('/settings');
  await page.getByRole('radio', { name: 'Needle and thread' }).click();
  await begin(page, { construction: 'Gathered skirt', person: 'Tove', cloth: 'Rust linen' });
  await step(page, 'sides');
  await expect(inHand(page)).toContainText('backstitch by hand');
  await expect(inHand(page)).toContainText('sharps 7 to 9');
  await tickAll(page);
  await page.getByRole('button', { name: 'On to Wear' }).click();
  const chosen = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add a photograph' }).click();
  await (await chosen).setFiles({ name: 'words.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(page.getByRole('region', { name: 'Photographs' }).getByRole('alert')).toContainText('is no picture that can be read');
  const again = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add a photograph' }).click();
  await (await again).setFiles({ name: 'worn.png', mimeType: 'image/png', buffer: await page.screenshot() });
  const photographs = page.getByRole('region', { name: 'Photographs' });
  // those that are kept: one that waits has another name, and a button at work shows a picture too
  const kept = photographs.getByRole('img', { name: /, photograph \d+$/ });
  await expect(kept).toHaveCount(1);
  // while the server is away the next one waits on the device, through a reload too
  await saved(page);
  await page.route('**/photos/*', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
  const third = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Add a photograph' }).click();
  await (await third).setFiles({ name: 'back.png', mimeType: 'image/png', buffer: await page.screenshot() });
  await expect(photographs).toContainText('on this device, not saved yet');
  await page.reload();
  await expect(photographs.getByAltText(/not saved yet/)).toBeVisible();
  await expect(page.getByTestId('save-state')).not.toHaveText('All saved');
  await page.unroute('**/photos/*');
  await saved(page);
  await expect(kept).toHaveCount(2);
  await expect(photographs).not.toContainText('not saved yet');
});

test('cutting takes the cloth off the shelf, a leftover lies in the cupboard as a piece, and both can be undone', async ({ page }) => {
  type Cloth = { id: string; name: string; width: number; lengthOnHand: number | null };
  const cloths = async () => (await (await page.request.get('/api/cloths')).json()) as Cloth[];
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  await step(page, 'cut');
  const shelf = page.getByRole('region', { name: 'In the cupboard' });
  const before = (await cloths()).find(({ name }) => name === 'Rust linen')!.lengthOnHand!;
  await shelf.getByRole('button', { name: 'It is cut: take it off' }).click();
  await expect(shelf).toContainText('Taken off the shelf');
  const length = async () => (await cloths()).find(({ name }) => name === 'Rust linen')!.lengthOnHand!;
  await expect.poll(length).toBeLessThan(before - 500);
  await shelf
    .getByRole('button', { name: /^Keep / })
    .first()
    .click();
  await expect.poll(async () => (await cloths()).filter(({ name }) => name.startsWith('Rust linen, a piece')).length).toBe(1);
  await shelf.getByRole('button', { name: 'Put it back' }).click();
  await expect.poll(async () => Math.abs((await length()) - before)).toBeLessThan(1);
  const piece = (await cloths()).find(({ name }) => name.startsWith('Rust linen, a piece'))!;
  await page.request.delete(`/api/cloths/${piece.id}`);
});

test('a strip is tried in the Cupboard: what can’t be is said, what it shows counts everywhere at once, and the record can be had back', async ({
  page,
}) => {
  await page.goto('/cupboard');
  await page.getByRole('link', { name: /Ink jersey/ }).click();
  const form = page.getByRole('dialog');
  const swatches = form.getByRole('region', { name: 'Swatches' });
  await swatches.getByRole('button', { name: 'Try a strip' }).click();
  await swatches.getByRole('radio', { name: 'Stretch' }).click();
  await swatches.getByRole('textbox', { name: 'Folded' }).fill('10');
  await swatches.getByRole('textbox', { name: 'Pulled' }).fill('9');
  await page.keyboard.press('Tab');
  await expect(swatches).toContainText('Pulled it can’t be shorter than at rest');
  await expect(swatches.getByRole('button', { name: 'Keep the swatch' })).toBeDisabled();
  await swatches.getByRole('textbox', { name: 'Pulled' }).fill('14');
  await page.keyboard.press('Tab');
  await swatches.getByRole('button', { name: 'Keep the swatch' }).click();
  // with the one of 52 % there are two: the careful one counts
  await expect(swatches).toContainText('It stretches across 40 %, from 2 swatches (40 % to 52 %)');
  const row = page.getByRole('link', { name: /Ink jersey/ });
  await expect(row).toContainText('stretches 40 % across');
  // what is written in the record stays as it was written, and can be had back
  await expect(form.getByRole('textbox', { name: 'Stretches across' })).toHaveValue('60');
  await swatches.getByRole('button', { name: 'Reckon with the 60 % written above' }).click();
  await expect(row).toContainText('stretches 60 % across');
  await swatches.getByRole('button', { name: 'Reckon with the swatches' }).click();
  await expect(row).toContainText('stretches 40 % across');
  await swatches.locator('li').filter({ hasText: '14.0 cm' }).getByRole('button', { name: 'Put away' }).click();
  await expect(swatches).toContainText('It stretches across 52 %, from 1 swatch');
});
