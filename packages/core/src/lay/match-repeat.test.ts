import fc from 'fast-check';
import { expect, it } from 'vitest';
import { planFor } from '../plan/plan.ts';
import { gores } from '../testing/lay-sets.ts';
import { layPieces } from './lay.ts';

it('lays pieces whole repeats apart so that the print meets at the seams, and costs no less cloth', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 40, max: 400 }),
      fc.integer({ min: 1, max: 9 }),
      fc.constantFrom<readonly number[]>([0], [0, 180]),
      (repeat, seed, turns) => {
        const pieces = [{ ...gores(6, seed), turns, matched: true }];
        const plain = layPieces({ width: 1400, pieces });
        const matched = layPieces({ width: 1400, pieces, repeat });
        const [first, ...others] = matched.placements;
        for (const { y } of others) {
          const apart = Math.abs(y - first!.y) / repeat;
          expect(Math.abs(apart - Math.round(apart))).toBeLessThan(1e-6);
        }
        expect(matched.length).toBeGreaterThanOrEqual(plain.length - 1e-6);
      },
    ),
    { numRuns: 25, seed: 3 },
  );
});

it('lets the print begin where it costs least, and leaves what is held where it is', () => {
  // three boxes of 300 on 950 mm of cloth, repeat 400: side by side, wherever the print begins
  const box = { id: 'a', outline: [[0, 0], [300, 0], [300, 500], [0, 500]] as const, copies: 3, turns: [0], matched: true }; // prettier-ignore
  const free = layPieces({ width: 950, pieces: [box], repeat: 400 });
  expect(free.length).toBeCloseTo(500, 6);
  const held = { piece: 'a', copy: 1, turn: 0, x: 300, y: 130 };
  const { placements, length } = layPieces({ width: 950, pieces: [box], repeat: 400, locked: [held] });
  expect(placements.find(({ copy }) => copy === 1)).toMatchObject({ x: 300, y: 130 });
  for (const { y } of placements) expect(Math.abs(((y - 130) / 400) % 1)).toBeLessThan(1e-6);
  expect(length).toBeCloseTo(630, 6);
});

it('leaves plain cloth alone, and bands that run across', () => {
  const request = { construction: 'gathered-skirt', body: { 'waist-girth': 800, 'hip-girth': 1000 } };
  const plain = planFor({ ...request, cloth: { width: 1100, print: 'up' } });
  const printed = planFor({ ...request, cloth: { width: 1100, print: 'up', repeat: 250 } });
  expect(printed.lay.length).toBeGreaterThan(plain.lay.length);
  const ys = printed.lay.placements.map(({ y }) => y);
  expect(ys.every((y) => Math.abs((y - ys[0]!) / 250 - Math.round((y - ys[0]!) / 250)) < 1e-6)).toBe(true);
});
