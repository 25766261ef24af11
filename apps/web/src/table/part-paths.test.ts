import { describe, expect, it } from 'vitest';
import { bodyLevels, figureOf, girthAt, hang, planFor, type PlanRequest } from '@arcus/core';
import { armOf, ARMS_HANG, figurePath } from './figure-path.ts';
import { armsFor, crownPath, halfAt, partOf, partPaths, reachOf, sleevePaths, type Drawing } from './part-paths.ts';
import { placeLabels, tapeOf } from './tapes.ts';
import { viewOf } from './view.ts';

const BODY = {
  'bust-girth': 900,
  'under-bust-girth': 780,
  'waist-girth': 720,
  'hip-girth': 980,
  'shoulder-to-waist': 420,
  'shoulder-width': 390,
  'upper-arm-girth': 290,
  'wrist-girth': 165,
  'neck-girth': 370,
  'wrist-span': 1500,
  'back-neck-width': 180,
  'shoulder-to-floor': 1440,
};
const view = viewOf({ minX: -900, maxX: 900, minY: -100, maxY: 1800 }, 1300, 950, { left: 0, top: 0, right: 0, bottom: 0 });
const numbers = (d: string) => [...d.matchAll(/-?\d+(?:\.\d+)?(?:e-?\d+)?/g)].map(Number);

function drawn(construction: string, choices: PlanRequest['choices'] = {}): Drawing & { places: number } {
  const plan = planFor({ construction, body: BODY, choices }, () => ({ length: 1, utilisation: 0, placements: [] }));
  const body = bodyLevels(plan.body);
  const garment = plan.view!;
  return { garment, hanging: hang(garment, plan.cloth, (drop) => girthAt(body, drop)), figure: figureOf(plan.body), view, places: plan.wayIn.length };
}

describe('what hangs from the shoulders', () => {
  it('shows its rows where they are sewn, one under the other within the shirring', () => {
    const drawing = drawn('shirred-dress', { shirrDepth: 150 });
    const rows = partOf(drawing.garment, 'rows', 'front')!;
    const [first, last] = [rows.drops[0]!, rows.drops[rows.drops.length - 1]!];
    expect(last - first).toBeCloseTo(150, 6);
    expect(partPaths(drawing, rows)).toHaveLength(rows.drops.length);
  });

  it('has a neck that is deeper in front than behind, as wide as it was chosen', () => {
    const drawing = drawn('aline-dress', { neckWidth: 200, neckDrop: 120 });
    const lowest = (side: 'front' | 'back') => Math.max(...numbers(crownPath(drawing, side)).filter((_, i) => i % 2 === 1).filter((y) => y < view.y(drawing.figure.heights.bust))); // prettier-ignore
    const neck = (side: 'front' | 'back') => partOf(drawing.garment, 'shoulders', side)!;
    expect(neck('front').neckDepth).toBeGreaterThan(neck('back').neckDepth);
    expect(2 * neck('front').neckHalf).toBe(200);
    expect(lowest('front')).toBeGreaterThanOrEqual(lowest('back'));
  });

  it('shows a keyhole behind and not in front', () => {
    const { garment } = drawn('aline-dress');
    expect(partOf(garment, 'keyhole', 'back')).toBeDefined();
    expect(partOf(garment, 'keyhole', 'front')).toBeUndefined();
  });

  it('holds the arms out for wide straight sleeves, and leaves room for them', () => {
    const [robe, dress] = [drawn('panel-robe'), drawn('yoke-dress')];
    expect(armsFor(robe.garment)).toBeGreaterThan(armsFor(dress.garment));
    expect(reachOf(robe)).toBeGreaterThan(reachOf(dress));
    const sleeves = sleevePaths(robe, partOf(robe.garment, 'sleeves', 'front')!);
    const xs = sleeves.flatMap(({ d }) => numbers(d).filter((_, i) => i % 2 === 0));
    // the same left and right
    expect(Math.max(...xs) - view.x(0)).toBeCloseTo(view.x(0) - Math.min(...xs), 3);
  });

  it('opens a robe all the way down the front and not behind', () => {
    const robe = drawn('panel-robe');
    expect(partPaths(robe, partOf(robe.garment, 'open-front', 'front')!)).toHaveLength(2);
    expect(partOf(robe.garment, 'open-front', 'back')).toBeUndefined();
  });

  it('names every narrow place one goes in through', () => {
    expect(drawn('aline-dress', { chestEase: 70 }).places).toBe(2);
    expect(drawn('shirred-dress').places).toBeGreaterThan(0);
  });
});

describe('how cloth falls', () => {
  it('a gathered skirt widens right down to its hem: no barrel', () => {
    const { hanging } = drawn('gathered-skirt');
    const halves = [0.3, 0.6, 1].map((share) => halfAt(hanging, share * 600));
    expect(halves[1]!).toBeGreaterThan(halves[0]!);
    expect(halves[2]!).toBeGreaterThan(halves[1]! + 5);
  });
});

describe('the figure', () => {
  it('of a child has a larger head for its height, and no long neck', () => {
    const [child, adult] = [figureOf({ 'waist-girth': 530, 'hip-girth': 620 }), figureOf(BODY)];
    const head = ({ heights: h }: typeof child) => (h.crown - h.chin) / h.crown;
    expect(head(child)).toBeGreaterThan(1.2 * head(adult));
    for (const { heights: h } of [child, adult]) {
      expect(h.chin).toBeGreaterThan(h.neck);
      expect(h.neck).toBeGreaterThan(h.shoulder);
    }
  });

  it('has arms as long as they were measured, ending at the wrists', () => {
    const figure = figureOf({ ...BODY, 'shoulder-to-wrist': 600 });
    const { joint, wrist } = armOf(figure, ARMS_HANG);
    expect(Math.hypot(wrist[0] - joint[0], wrist[1] - joint[1])).toBeCloseTo(600, 6);
    expect(figurePath(figure, view).split('Z').length).toBeGreaterThanOrEqual(4);
  });

  it('shows a tape for every measure that is taken on a body', () => {
    const figure = figureOf(BODY);
    for (const id of Object.keys(BODY)) expect(tapeOf(id, figure), id).toBeDefined();
    expect(tapeOf('flatChest', figure)).toBeUndefined();
  });
});

describe('labels beside their tapes', () => {
  it('never lie over each other, and stay on the board', () => {
    const ends = [10, 12, 14, 300, 301, 590, 595].map((y, i) => ({ id: String(i), at: [0, y] as const }));
    const placed = placeLabels(ends, 22, 5, 600);
    expect(placed.map(({ id }) => id)).toEqual(ends.map(({ id }) => id));
    placed.slice(1).forEach(({ y }, i) => expect(y - placed[i]!.y).toBeGreaterThanOrEqual(22 - 1e-9));
    for (const { y } of placed) expect(y >= 5 && y <= 600, String(y)).toBe(true);
  });
});
