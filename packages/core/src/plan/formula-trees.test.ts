import { describe, expect, it } from 'vitest';
import { constructionById } from '../garments/index.ts';
import { evaluate } from '../quantity/evaluate.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { leavesOf, nearestNamed, sensitivity } from '../quantity/sensitivity.ts';
import { solveFor } from '../quantity/solve.ts';
import { workingOf } from '../quantity/working.ts';
import { EVERY_SKIRT } from '../testing/every-skirt.ts';
import { STEP } from '../units/units.ts';
import { draftFor } from './plan.ts';
import type { PlanRequest } from './request.ts';

/** Lengths at which the whole plan is worked out anew, mm: small, so that no count of panels or tiers changes. */
const NUDGE = 0.5;
const COUNTED = /width|panel|strip|radius-cut$/;

const quantitiesOf = (request: PlanRequest) => new Map(draftFor(request).sheet.quantities.map((each) => [each.id!, each]));

/** The request with one leaf of its formulas changed, where that leaf is a measure or a choice that is a number. */
function nudged(request: PlanRequest, leaf: Quantity, by: number): PlanRequest | undefined {
  const { sheet } = draftFor(request);
  if (leaf.formula.op !== 'leaf') return undefined;
  if (leaf.formula.source === 'measure') return { ...request, body: { ...request.body, [leaf.id!]: request.body[leaf.id!]! + by } };
  if (leaf.formula.source === 'choice' && leaf.unit === 'mm' && sheet.hasChoice(leaf.id!))
    return { ...request, choices: { ...request.choices, [leaf.id!]: leaf.value + by } };
  return undefined;
}

describe.each(EVERY_SKIRT)('the formulas of a %s', (_, request) => {
  const quantities = quantitiesOf(request);

  it('leave four to six numbers for the docket', () => {
    const late = ['cloth-to-buy', 'sewing-minutes'];
    const shown = constructionById(request.construction)!.docket.filter((id) => quantities.has(id) || late.includes(id));
    expect(shown.length).toBeGreaterThanOrEqual(4);
    expect(shown.length).toBeLessThanOrEqual(6);
  });

  it('give their own value when they are worked out again', () => {
    for (const [id, quantity] of quantities) expect(evaluate(quantity, new Map()), id).toBeCloseTo(quantity.value, 9);
  });

  it('say what the whole plan says when a measure or a choice changes', () => {
    const leaves = new Map([...quantities.values()].flatMap(leavesOf).map((leaf) => [leaf.id!, leaf]));
    let compared = 0;
    for (const leaf of leaves.values()) {
      const other = nudged(request, leaf, NUDGE);
      if (!other) continue;
      const anew = quantitiesOf(other);
      for (const [id, quantity] of quantities) {
        // what is read off the drawing is drawn anew and no formula of this leaf; a count may jump
        if (leavesOf(quantity).some(({ formula }) => formula.op === 'leaf' && formula.source === 'drawing') || COUNTED.test(id)) continue;
        if (!anew.has(id)) continue;
        expect(evaluate(quantity, new Map([[leaf.id!, leaf.value + NUDGE]])), `${id} when ${leaf.id} changes`).toBeCloseTo(anew.get(id)!.value, 6);
        compared++;
      }
    }
    expect(compared).toBeGreaterThan(5);
  });

  it('have the sensitivity that a small change shows', () => {
    for (const [id, quantity] of quantities) {
      for (const leaf of leavesOf(quantity)) {
        const by = Math.max(1e-5, Math.abs(leaf.value) * 1e-7);
        const [up, down] = [by, -by].map((change) => evaluate(quantity, new Map([[leaf.id!, leaf.value + change]])));
        const slope = (up! - down!) / (2 * by);
        // at a corner (the larger of two that are equal, a whole number) there is no one slope
        const bends = Math.abs(up! - quantity.value - (quantity.value - down!)) > 1e-6 * Math.max(1, Math.abs(up! - down!));
        if (!bends) expect(sensitivity(quantity, leaf.id!), `${id} by ${leaf.id}`).toBeCloseTo(slope, 2);
      }
    }
  });

  it('can be read backwards: the value found gives the figure wanted', () => {
    for (const [id, quantity] of quantities) {
      const leaf = leavesOf(quantity).find(({ unit, value }) => unit === 'mm' && value > 50);
      if (!leaf || quantity.unit !== 'mm') continue;
      const target = evaluate(quantity, new Map([[leaf.id!, leaf.value * 1.07]]));
      const found = solveFor(quantity, leaf.id!, target, leaf.value * 0.5, leaf.value * 2);
      if (found === undefined || Math.abs(target - quantity.value) < 1e-9) continue;
      expect(evaluate(quantity, new Map([[leaf.id!, found]])), id).toBeCloseTo(target, 4);
    }
  });

  it('show their working with the person’s own figures and end in the result', () => {
    for (const [id, quantity] of quantities) {
      for (const units of ['cm', 'in'] as const) {
        const working = workingOf(quantity, units);
        expect(working, id).not.toMatch(/NaN|undefined|Infinity/);
        if (units === 'in') expect(working, id).not.toMatch(/\d cm\b/);
        for (const input of nearestNamed(quantity)) expect(input.label!.length, id).toBeGreaterThan(1);
      }
    }
  });

  it('round to their safe side and never by more than a step', () => {
    for (const [id, { value, unit, safeSide }] of quantities) {
      if (unit !== 'mm') continue;
      const rounded = roundToStep(value, STEP.cm, safeSide);
      expect(Math.abs(rounded - value), id).toBeLessThan(STEP.cm);
      if (safeSide === 'up') expect(rounded, id).toBeGreaterThanOrEqual(value - 1e-6);
      if (safeSide === 'down') expect(rounded, id).toBeLessThanOrEqual(value + 1e-6);
    }
  });
});

it('radii and holes round down, everything cut from cloth, elastic and counts round up (handbook 0)', () => {
  for (const [name, request] of EVERY_SKIRT) {
    for (const [id, { safeSide }] of quantitiesOf(request)) {
      if (/waist-radius|peplum-radius/.test(id)) expect(safeSide, `${name} ${id}`).toBe('down');
      if (/^(elastic-cut|band-cut-length|panel-cut-|hem-radius-cut|widths|casing-turn|ruffle-flat|binding-length|square-side-cut)/.test(id))
        expect(safeSide, `${name} ${id}`).toBe('up');
    }
  }
});
