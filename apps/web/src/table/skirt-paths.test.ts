import { describe, expect, it } from 'vitest';
import { figureOf, hang, planFor, type PlanRequest } from '@arcus/core';
import { figurePath } from './figure-path.ts';
import { hemRingPath, skirtPaths } from './skirt-paths.ts';
import { viewOf } from './view.ts';

const BODY = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200, 'waist-to-knee': 580 };
const view = viewOf({ minX: -900, maxX: 900, minY: -100, maxY: 1700 }, 1300, 900, { left: 0, top: 0, right: 0, bottom: 0 });
const WAIST = 1000;
/** Where every line and curve of a path ends, px. */
const ends = (d: string) =>
  [...d.matchAll(/(?:[ML]|[CQ][^A-Z]*? )(-?[\d.]+(?:e-?\d+)?) (-?[\d.]+(?:e-?\d+)?)(?=[A-Z]|$)/g)].map((m) => [Number(m[1]), Number(m[2])] as const);

const drawn = (request: PlanRequest) => {
  const plan = planFor({ ...request, body: BODY }, (asked) => ({ length: 1, utilisation: 1, placements: asked.pieces.map(({ id }) => ({ piece: id, copy: 0, turn: 0, x: 0, y: 0 })) })); // prettier-ignore
  const garment = plan.view!;
  const hanging = hang(garment, plan.cloth, () => 900);
  return { garment, hanging, paths: skirtPaths(garment, hanging, WAIST, view) };
};
const SKIRTS: ReadonlyArray<readonly [string, PlanRequest]> = [
  ['circle', { construction: 'circle-skirt', body: BODY }],
  ['handkerchief', { construction: 'handkerchief-skirt', body: BODY }],
  ['gathered', { construction: 'gathered-skirt', body: BODY }],
  ['tiered', { construction: 'tiered-skirt', body: BODY }],
  ['trumpet', { construction: 'gored-skirt', body: BODY, choices: { profile: 'trumpet' } }],
];

describe.each(SKIRTS)('a %s skirt from the front', (_, request) => {
  const { garment, hanging, paths } = drawn(request);
  const hem = hanging.levels[hanging.levels.length - 1]!;

  it('is the same left and right, waist at the waist', () => {
    const points = ends(paths.outline);
    const middle = view.x(0);
    for (const [x, y] of points)
      expect(
        points.some(([ox, oy]) => Math.abs(ox + x - 2 * middle) < 0.01 && Math.abs(oy - y) < 0.01),
        `${x} ${y}`,
      ).toBe(true);
    expect(Math.min(...points.map(([, y]) => y))).toBeCloseTo(view.y(WAIST), 1);
  });

  it('reaches as far down as the skirt is long, and as far out as it hangs', () => {
    const points = ends(paths.outline);
    expect(points.some(([, y]) => Math.abs(y - view.y(WAIST - hem.drop)) < 0.5)).toBe(true);
    const widest = Math.max(...hanging.levels.map(({ half }) => half));
    expect(Math.max(...points.map(([x]) => x))).toBeCloseTo(view.x(widest), 1);
  });

  it('has a hem seen from below that is as long as the real one', () => {
    const { ring } = hemRingPath(hanging, 0, 500, view);
    const points = [...ring.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])] as const);
    const round = points.reduce((sum, [x, y], i) => {
      const [nx, ny] = points[(i + 1) % points.length]!;
      return sum + Math.hypot(nx - x, ny - y);
    }, 0);
    // the cloth at the hem, spread out; chords of the drawing cut its waves short by a little
    expect(round / view.scale / hem.clothGirth).toBeGreaterThan(0.96);
    expect(round / view.scale / hem.clothGirth).toBeLessThan(1.03);
  });

  it('shows the tier seams and half of the upright ones, and a band where there is one', () => {
    const steps = hanging.levels.filter(({ drop }, i) => i > 0 && drop === hanging.levels[i - 1]!.drop).length;
    const upright = garment.verticalSeams > 2 ? Math.floor(garment.verticalSeams / 2) : 0;
    expect(paths.seams).toHaveLength(steps + upright);
    expect(paths.band !== '').toBe(garment.band > 0);
  });
});

it('a fuller gathered skirt is drawn with more folds than one that is hardly gathered', () => {
  const folds = (fullness: number) => drawn({ construction: 'gathered-skirt', body: BODY, choices: { fullness } }).hanging.folds;
  expect(folds(3)).toBeGreaterThan(folds(1.4));
});

it('a figure stands on the floor and is as tall as the person', () => {
  const figure = figureOf({ ...BODY, 'waist-to-floor': 1040 });
  const ys = ends(figurePath(figure, view)).map(([, y]) => y);
  expect(Math.max(...ys)).toBeCloseTo(view.y(0), 1);
  expect(figure.heights.waist).toBeCloseTo(1040, 0);
  expect(figure.heights.crown).toBeGreaterThan(figure.heights.shoulder);
});
