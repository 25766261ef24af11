import { describe, expect, it } from 'vitest';
import { boundsOf } from '../geometry/bounds.ts';
import { HandLay } from '../lay/by-hand/by-hand.ts';
import { waysOutOfTooLittle } from '../study/ways-out.ts';
import { takenOffBolt } from '../study/fitting.ts';
import { EVERY_SKIRT } from '../testing/every-skirt.ts';
import { clothOf, type Fold } from './fold-stretches.ts';
import { layRequestOf } from './plan-lay.ts';
import { planFor, type Plan } from './plan.ts';
import type { PlanRequest } from './request.ts';

const BODY = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200, 'waist-to-knee': 580 };
const gored: PlanRequest = { construction: 'gored-skirt', body: BODY, choices: { bandCloth: 'contrast' }, cloth: { width: 1500 } };
const folded = (request: PlanRequest, fold: Fold): Plan => planFor({ ...request, choices: { ...request.choices, fold } });
const suits = (plan: Plan) => plan.checks.find(({ id }) => id === 'fold-suits')!;

describe('cloth folded while it is cut', () => {
  describe.each(EVERY_SKIRT)('%s', (_, request) => {
    it.each(['along', 'across', 'in-four'] as const)('folded %s opens out to a lay of every piece once, none on another', (fold) => {
      const plan = folded(request, fold);
      const { placements, usableWidth, stretches, length } = plan.lay;
      const asked = layRequestOf(plan);
      const named = new Set(placements.map(({ piece, copy }) => `${piece} ${copy}`));
      expect(named.size).toBe(placements.length);
      expect(placements.length).toBe(asked.pieces.reduce((sum, { copies }) => sum + copies, 0));
      for (const { piece, turn } of placements) expect(asked.pieces.find(({ id }) => id === piece)!.turns).toContain(turn);
      const { overlapping, outside } = new HandLay(usableWidth, asked.pieces).faults(placements);
      expect([...overlapping, ...outside]).toEqual([]);
      // what is folded takes the cloth of all its layers
      if (stretches) expect(stretches.reduce((sum, each) => sum + clothOf(each), 0)).toBeGreaterThanOrEqual(length - 1);
      expect(suits(plan).verdict).toBe(stretches ? 'ok' : 'caution');
    });
  });

  it('folded along, each pair lies like a thing and its mirror image on the two sides of the fold', () => {
    const plan = folded(gored, 'along');
    const middle = plan.lay.usableWidth / 2;
    const boxes = plan.lay.placements.map(({ piece, turn, x, y }) => {
      const { minX, maxX, minY } = boundsOf(plan.pieces.find(({ id }) => id === piece)!.cut, turn as 0);
      return { from: minX + x - middle, to: maxX + x - middle, at: minY + y };
    });
    for (const { from, to, at } of boxes)
      expect(boxes.some((other) => Math.abs(other.from + to) < 1e-6 && Math.abs(other.to + from) < 1e-6 && Math.abs(other.at - at) < 1e-6)).toBe(
        true,
      );
    expect(plan.lay.stretches![0]!.placements.length * 2).toBe(plan.lay.placements.length);
  });

  it('cuts fewer outlines through more layers, in less time', () => {
    const step = (plan: Plan) => plan.steps.find(({ id }) => id === 'cut')!;
    // eight gores and a band from another cloth: folded, the gores are half as many outlines
    expect(step(planFor(gored)).title).toBe('Cut the 9 pieces');
    expect(step(folded(gored, 'along')).title).toBe('Cut the 5 outlines, up to 2 layers at once');
    expect(step(folded(gored, 'along')).setUp).toBeLessThan(step(planFor(gored)).setUp);
  });

  it('one-way cloth is not folded where the under layer would lie upside down', () => {
    const oneWay = (print: 'up' | 'across') => ({ ...gored, cloth: { width: 1500, oneWay: true, print } });
    // pile or print up the cloth: selvedges together is fine, end to end is not; across the cloth it is the other way about
    expect(folded(oneWay('up'), 'along').lay.fold).toBe('along');
    expect(folded(oneWay('up'), 'across').lay.fold).toBe('open');
    expect(folded(oneWay('across'), 'along').lay.fold).toBe('open');
    expect(folded(oneWay('across'), 'across').lay.fold).toBe('across');
  });

  it('a fold that nothing can be cut in is said, and the cloth laid open', () => {
    const plan = folded(gored, 'in-four');
    expect(plan.lay.placements).toEqual(planFor(gored).lay.placements);
    expect(suits(plan).says).toContain('laid open');
    expect(suits(plan).waysOut![0]!.choices).toEqual({ fold: 'open' });
    expect(planFor(gored).checks.map(({ id }) => id)).not.toContain('fold-suits');
  });

  it('another fold is a way out of too little cloth', () => {
    const along = folded(gored, 'along');
    const open = planFor(gored);
    const onHand = (takenOffBolt(along) + takenOffBolt(open)) / 2;
    expect(takenOffBolt(along)).toBeGreaterThan(onHand);
    const way = waysOutOfTooLittle({ ...gored, choices: { ...gored.choices, fold: 'along' } }, onHand).find(({ choices }) => 'fold' in choices)!;
    expect(way.choices).toEqual({ fold: 'open' });
    expect(way.takes).toBeCloseTo(takenOffBolt(open), 6);
  });

  it('keeps the air the blade wants between the pieces of each layer', () => {
    const plan = planFor({ ...gored, choices: { fold: 'along', bladeGap: 4 } });
    const { placements, usableWidth } = plan.lay;
    expect([...new HandLay(usableWidth, layRequestOf(plan).pieces, 3.9).faults(placements.filter(({ copy }) => copy % 2 === 0)).overlapping]).toEqual(
      [],
    );
  });
});
