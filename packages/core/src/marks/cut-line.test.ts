import { describe, expect, it } from 'vitest';
import { edgeLength, sweepOf, type Edge } from '../geometry/edge.ts';
import { polar, type Point } from '../geometry/point.ts';
import { CONSTRUCTIONS } from '../garments/index.ts';
import { draftFor } from '../plan/plan.ts';
import { EVERY_SKIRT, MEASURED } from '../testing/every-skirt.ts';
import type { ChalkSheet } from './mark.ts';

/** How closely what is chalked gives the cut line back, mm: straight, and on curves (contract). */
const STRAIGHT = 1;
const CURVED = 2;
const REACH = 2;

/** Points along a side, every few millimetres. */
function along(edge: Edge): Point[] {
  const steps = Math.max(1, Math.ceil(edgeLength(edge) / 8));
  return Array.from({ length: steps + 1 }, (_, i): Point => {
    const share = i / steps;
    if (!edge.arc) return [edge.from[0] + share * (edge.to[0] - edge.from[0]), edge.from[1] + share * (edge.to[1] - edge.from[1])];
    const { start, sweep, radius } = sweepOf(edge);
    return polar(edge.arc.centre, radius, start + share * sweep);
  });
}

function fromStretch([x, y]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const t = Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2 || 1)));
  return Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay));
}

/** What the chalk draws: every mark's line, and its dots joined in order. */
const strokes = ({ marks }: ChalkSheet): Array<[Point, Point]> =>
  marks.flatMap(({ line, dots = [] }) => [
    ...(line ? [[line[0], line[1]] as [Point, Point]] : []),
    ...dots.slice(1).map((dot, i): [Point, Point] => [dots[i]!, dot]),
  ]);

const others = CONSTRUCTIONS.flatMap(({ id, choices }) =>
  choices
    .filter(({ kind }) => kind === 'yes-no')
    .map(
      (choice) => [`${id} with ${choice.id}`, { construction: id, body: MEASURED, choices: { [choice.id]: true }, cloth: { width: 1500 } }] as const,
    ),
);

describe.each([...EVERY_SKIRT, ...others])('what is chalked of a %s', (_, request) => {
  const { sheet } = draftFor(request);

  it('has a sheet for every piece, linings and underlays too', () => {
    expect(sheet.chalk.map(({ piece }) => piece)).toEqual(sheet.pieces.map(({ id }) => id));
  });

  it('reaches the cut line on every side, and joined gives the cut line back (contract)', () => {
    for (const chalk of sheet.chalk) {
      const drawn = strokes(chalk);
      for (const edge of chalk.cut.filter(({ name }) => name !== 'fold')) {
        const off = along(edge).map((point) => Math.min(...drawn.map(([a, b]) => fromStretch(point, a, b))));
        expect(Math.max(...off), `${chalk.piece}, ${edge.name}`).toBeLessThanOrEqual(edge.arc ? CURVED : STRAIGHT);
        for (const end of [edge.from, edge.to])
          expect(
            Math.min(...drawn.flat().map(([x, y]) => Math.hypot(x - end[0], y - end[1]))),
            `${chalk.piece}, corner of ${edge.name}`,
          ).toBeLessThanOrEqual(REACH);
      }
    }
  });

  it('says where the measuring begins, with a mark of its own at the origin of its rulers', () => {
    for (const { marks, origin, piece } of sheet.chalk) {
      const begins = marks.filter(({ kind }) => kind === 'origin');
      expect(begins, piece).toHaveLength(1);
      expect(begins[0]!.dots![0], piece).toEqual(origin);
    }
  });

  it('snips both edges of a seam at the same share of it (handbook 12)', () => {
    for (const { id, how, layers, notches = [] } of sheet.joins) {
      if (how !== 'plain' || layers.some((run) => run.length !== 1) || layers[0]![0]!.piece === layers[1]?.[0]?.piece) continue;
      const marked = layers.map(([span]) =>
        sheet.chalk.find(({ piece }) => piece === span!.piece)!.marks.filter(({ id: mark }) => /^at-(notch|double)$/.test(mark)),
      );
      if (notches.length > 0) for (const marks of marked) expect(marks.length, id).toBeGreaterThan(0);
    }
  });
});
