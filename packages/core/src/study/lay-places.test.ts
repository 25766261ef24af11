import { expect, it } from 'vitest';
import { boundsOf } from '../geometry/bounds.ts';
import { planFor } from '../plan/plan.ts';
import { layPlaces } from './lay-places.ts';

const body = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200, 'waist-to-knee': 580 };
const plan = planFor({ construction: 'gored-skirt', body, cloth: { width: 1400 } });

it('every copy of every piece is found once, in the order one meets it from the cut end', () => {
  const places = layPlaces(plan.pieces, plan.lay, 10);
  expect(places.map(({ piece, copy }) => `${piece.id} ${copy}`).sort()).toEqual(
    plan.lay.placements.map(({ piece, copy }) => `${piece} ${copy}`).sort(),
  );
  expect(places.map(({ number }) => number)).toEqual(places.map((_, i) => i + 1));
  places.slice(1).forEach(({ fromEnd }, i) => expect(fromEnd).toBeGreaterThanOrEqual(places[i]!.fromEnd - 1));
});

it('its distances and its size are those of the lay: nothing beyond the end, nothing beyond the far selvedge', () => {
  for (const { piece, fromEnd, fromSelvedge, long, wide } of layPlaces(plan.pieces, plan.lay, 10)) {
    const { width, height } = boundsOf(piece.cut);
    // a piece lies along or across, never askew
    expect([long, wide].sort((a, b) => a - b)).toEqual([width, height].sort((a, b) => a - b).map((side) => expect.closeTo(side, 0)));
    expect(fromEnd).toBeGreaterThanOrEqual(-0.01);
    expect(fromEnd + long).toBeLessThanOrEqual(plan.lay.length + 0.1);
    expect(fromSelvedge).toBeGreaterThanOrEqual(10 - 0.01);
    expect(fromSelvedge + wide).toBeLessThanOrEqual(plan.lay.usableWidth + 10 + 0.1);
  }
});
