import { readFileSync } from 'node:fs';
import { expect, type Locator, type Page } from '@playwright/test';
import { begin, choose, figure, makeAgain, pick, saved, set } from './arcus.ts';
import { test } from './test.ts';

const piece = (page: Page, name: string): Locator => page.locator(`[data-piece="${name}"]`);

/** Drags a piece by its name and lets it go; pixels on the screen. */
async function drag(page: Page, what: Locator, dx: number, dy: number): Promise<void> {
  const box = (await what.locator('text').boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + dx / 2, y + dy / 2, { steps: 5 });
  await page.mouse.move(x + dx, y + dy, { steps: 5 });
  await page.mouse.up();
}

const settled = (page: Page) => expect(page.getByText('laying closer…')).toBeHidden({ timeout: 20_000 });

async function goredLay(page: Page): Promise<string> {
  await begin(page, { construction: 'Gored skirt', person: 'Maren', cloth: 'Rust linen' });
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  await expect(page.getByRole('group', { name: /The cloth, .* wide/ })).toBeVisible();
  await settled(page);
  return /makes\/([^/]+)/.exec(page.url())![1]!;
}

/** The piece that reaches furthest along the table: beyond it the cloth is free. */
async function lastPiece(page: Page): Promise<Locator> {
  const names = await page.locator('[data-piece]').evaluateAll((all) =>
    all
      .map((each) => ({ name: each.getAttribute('data-piece')!, right: each.getBoundingClientRect().right }))
      .sort((one, other) => other.right - one.right)
      .map(({ name }) => name),
  );
  return piece(page, names[0]!);
}

interface Stored {
  lay: Array<{ piece: string; copy: number; x: number; y: number; locked?: boolean }> | null;
}

test('a piece is dragged where it is wanted and held there, the rest is laid around it, and undo brings the old lay back', async ({ page }) => {
  const id = await goredLay(page);
  const stored = async () => ((await makeAgain(page, { id } as never)) as unknown as Stored).lay;
  const last = await lastPiece(page);
  await drag(page, last, 60, 0);
  await expect(page.getByText('laid by hand, 1 held in place')).toBeVisible();
  await expect(last).toHaveAttribute('aria-pressed', 'true');
  await saved(page);
  const held = (await stored())!.find(({ locked }) => locked)!;

  await page.getByRole('button', { name: 'Lay the rest again' }).click();
  await expect(page.getByText('laid by hand, 1 held in place')).toBeVisible({ timeout: 20_000 });
  await saved(page);
  expect((await stored())!.find(({ piece: p, copy }) => p === held.piece && copy === held.copy)).toEqual(held);

  // another is held without moving it, and let go again
  const gore = piece(page, held.piece === 'gore-front' && held.copy === 0 ? 'gore-back 0' : 'gore-front 0');
  await gore.focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Hold in place' }).click();
  await expect(page.getByText('laid by hand, 2 held in place')).toBeVisible();
  await page.getByRole('button', { name: 'Let go' }).click();
  await expect(page.getByText('laid by hand, 1 held in place')).toBeVisible();

  await saved(page);
  await page.reload();
  await expect(page.getByText('laid by hand, 1 held in place')).toBeVisible();
  await page.getByRole('button', { name: 'Let Arcus lay it' }).click();
  await expect(page.getByText(/laid by hand/)).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('laid by hand, 1 held in place')).toBeVisible();
});

test('a place where a piece can’t be cut is shown while dragging and refused on letting go', async ({ page }) => {
  await goredLay(page);
  const gore = piece(page, 'gore-front 0');
  const other = piece(page, 'gore-back 0');
  const [a, b] = [(await gore.boundingBox())!, (await other.boundingBox())!];
  const box = (await gore.locator('text').boundingBox())!;
  const path = await gore.locator('.laid-cut').getAttribute('d');
  await page.mouse.move(box.x + 10, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x + 10 + (b.x - a.x) / 2 + 3, box.y + 8 + (b.y - a.y) / 2 + 3, { steps: 6 });
  await page.mouse.move(box.x + 10 + b.x - a.x, box.y + 8 + b.y - a.y, { steps: 6 });
  await expect(gore).toHaveClass(/faulty/);
  await page.mouse.up();
  await expect(page.getByText(/can’t lie there/)).toBeVisible();
  await expect(gore.locator('.laid-cut')).toHaveAttribute('d', path!);
});

test('a piece is nudged with the keyboard, half a centimetre a press', async ({ page }) => {
  const id = await goredLay(page);
  const last = await lastPiece(page);
  await last.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByText('laid by hand, 1 held in place')).toBeVisible();
  await saved(page);
  const at = async () => ((await makeAgain(page, { id } as never)) as unknown as Stored).lay!.find(({ locked }) => locked)!;
  const before = await at();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => (await at()).y - before.y).toBeCloseTo(10, 6);
});

test('too little cloth: ways out with their numbers, and one click takes one', async ({ page }) => {
  await begin(page, { construction: 'Gathered skirt', person: 'Maren', cloth: 'Slate wool' });
  await set(page, 'length', '130');
  await set(page, 'fullness', '2.6');
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  await expect(page.getByTestId('verdict')).toContainText('too little cloth', { timeout: 20_000 });
  const way = page.locator('.way-out', { hasText: 'Length:' });
  await expect(way).toBeVisible({ timeout: 20_000 });
  await way.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByTestId('verdict')).not.toContainText('too little cloth', { timeout: 20_000 });
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('verdict')).toContainText('too little cloth');
});

test('folds, widths and the cloth curve are compared side by side', async ({ page }) => {
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Ink jersey' });
  await pick(page, 'closure', 'The cloth stretches');
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  await page.getByRole('radio', { name: 'Ways to fold' }).click();
  await expect(page.getByRole('row', { name: /In four.*4/ })).toBeVisible({ timeout: 20_000 });
  await page.getByRole('button', { name: /In four/ }).click();
  await expect(page.getByRole('img', { name: /folded in four/ })).toBeVisible();
  await page.getByRole('radio', { name: 'Widths' }).click();
  await expect(page.getByRole('row', { name: /^90\.0 cm/ })).toBeVisible({ timeout: 20_000 });
  await page.getByRole('radio', { name: 'against length below the band' }).click();
  await expect(page.getByRole('img', { name: /Length below the band against cloth needed: .* m/ })).toBeVisible({ timeout: 20_000 });
});

test('cloth is cut folded where one wants it so: drawn as it lies, bought for, kept, and opened out again', async ({ page }) => {
  const id = await goredLay(page);
  const open = await figure(page, 'cloth-to-buy').innerText();
  await page.getByRole('radio', { name: 'Ways to fold' }).click();
  const along = page.getByRole('row', { name: /^Folded along/ });
  await along.getByRole('button', { name: 'Cut it this way' }).click({ timeout: 20_000 });
  await expect(along.getByText('cut this way')).toBeVisible();
  await page.getByRole('radio', { name: 'The lay' }).click();
  await expect(page.getByRole('img', { name: /^folded along, / })).toBeVisible();
  await expect(page.getByText('Front gore × 2').first()).toBeVisible();
  // eight tapering gores that may not lie head to tail across the fold take more cloth than open
  await expect(figure(page, 'cloth-to-buy')).not.toHaveText(open, { timeout: 20_000 });
  await saved(page);
  expect(((await makeAgain(page, { id } as never)) as unknown as { choices: { fold: string } }).choices.fold).toBe('along');
  await page.reload();
  await expect(page.getByRole('img', { name: /^folded along, / })).toBeVisible();
  await page.getByRole('button', { name: 'Lay it open to move pieces' }).click();
  await expect(piece(page, 'gore-front 0')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('img', { name: /^folded along, / })).toBeVisible();
});

test('the lay is saved as an open drawing, true to size', async ({ page }) => {
  await begin(page, { construction: 'Circle skirt', person: 'Tove', cloth: 'Rust linen' });
  await page.getByRole('button', { name: 'On to Cloth' }).click();
  await settled(page);
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  const download = page.waitForEvent('download');
  await page.getByText('Drawing (SVG), true to size').click();
  const svg = readFileSync(await (await download).path(), 'utf8');
  expect(svg).toContain('<svg xmlns="http://www.w3.org/2000/svg"');
  // as it lies on screen, its length along the table: 148 cm between the selvedges and a margin above and below
  expect(svg).toMatch(/height="1[5-9]\d\d\.\dmm"/);
  expect(svg.match(/Skirt half/g)!.length).toBe(2);
  const picture = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await page.getByText('Picture (PNG)').click();
  expect(
    readFileSync(await (await picture).path())
      .subarray(1, 4)
      .toString(),
  ).toBe('PNG');
});

test('around what is held the rest never lies longer than it did, and cloth that lies one way turns no piece', async ({ page }) => {
  const makes = (await (await page.request.get('/api/makes')).json()) as Array<{ id: string; name: string }>;
  await page.goto(`/makes/${makes.find(({ name }) => name === 'Trumpet skirt')!.id}/cloth`);
  await expect(page.getByRole('group', { name: /The cloth, .* wide/ })).toBeVisible();
  await settled(page);
  const buy = async () => parseFloat((await figure(page, 'cloth-to-buy').textContent())!);
  const before = await buy();
  await piece(page, 'gore-front 0').focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Turn' }).click();
  await expect(page.getByText(/lies one way only/)).toBeVisible();
  await expect(page.getByText('open, in one layer')).toBeVisible();
  await page.getByRole('button', { name: 'Hold in place' }).click();
  await page.getByRole('button', { name: 'Lay the rest again' }).click();
  await expect(page.getByText('laid by hand, 1 held in place')).toBeVisible({ timeout: 20_000 });
  expect(await buy()).toBeLessThanOrEqual(before);
  await page.getByRole('button', { name: 'Let Arcus lay it' }).click();
  await saved(page);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('a finger drags a piece without scrolling the page, and the piece stays where it is let go', async ({ page, context }) => {
    const makes = (await (await page.request.get('/api/makes')).json()) as Array<{ id: string; name: string }>;
    const tiers = makes.find(({ name }) => name === 'Tiers for the encore')!;
    await page.goto(`/makes/${tiers.id}/cloth`);
    await expect(page.getByRole('group', { name: /The cloth, .* wide/ })).toBeVisible();
    await settled(page);
    const last = await lastPiece(page);
    const spot = async () => {
      const box = (await last.locator('.laid-cut').boundingBox())!;
      return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    };
    await last.scrollIntoViewIfNeeded();
    const from = await spot();
    const finger = await context.newCDPSession(page);
    const touch = (type: string, x?: number, y?: number) =>
      finger.send('Input.dispatchTouchEvent', { type: type as 'touchStart', touchPoints: x === undefined ? [] : [{ x, y: y! }] });
    await touch('touchStart', from.x, from.y);
    for (let i = 1; i <= 12; i++) await touch('touchMove', from.x + i, from.y - 2 * i);
    const held = await spot();
    // 24 px towards the far selvedge, but for what its neighbours draw it
    expect(from.y - held.y).toBeGreaterThan(8);
    await touch('touchEnd');
    await expect(page.getByText('laid by hand, 1 held in place')).toBeVisible();
    await expect(last).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('open, in one layer')).toBeVisible();
    await saved(page);
  });
});

test('the reverse question: a cloth and a person, everything it can become, and one is begun', async ({ page }) => {
  await page.goto('/cupboard');
  await page.getByRole('listitem').filter({ hasText: 'Sail ticking' }).getByRole('link', { name: 'What can it become?' }).click();
  await choose(page, 'For', 'Maren');
  const gathered = page.locator('.becomes .catalogue-item', { hasText: 'Gathered skirt' });
  await expect(gathered).toContainText(/up to .* cm long/, { timeout: 30_000 });
  await expect(page.getByText(/Knit tube skirt\. .*woven/)).toBeVisible();
  await gathered.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByRole('heading', { name: 'Shape', level: 2 })).toBeVisible();
  await expect(page.getByTestId('verdict')).not.toContainText('Stop.');
  await expect(figure(page, 'cloth-to-buy')).toBeVisible();
});
