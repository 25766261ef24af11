import { STRETCH_RESERVE } from '../../cloth/elastic.ts';
import type { Step } from '../../make/step.ts';
import type { Plan } from '../../plan/plan.ts';
import { formatLength } from '../../units/format.ts';
import type { Fault } from './fault.ts';
import { chosen, show, valueOf } from './reading.ts';

const atElastic = (step: Step, plan: Plan) =>
  valueOf(plan, 'elastic-finished') !== undefined && plan.choices.has('elasticTryOn') && (step.id.includes('elastic') || step.kind === 'fit');

/** What a new finished length means for comfort and for getting in. */
function fitSays(plan: Plan, finished: number): string {
  const waist = plan.body['waist-girth'];
  const pass = (valueOf(plan, 'elastic-stretch-needed') ?? 0) * (valueOf(plan, 'elastic-finished') ?? 0);
  const opens = finished * plan.elastic.greatestStretch * STRETCH_RESERVE;
  const comfort = waist
    ? ` That is ${Math.round(Math.abs(1 - finished / waist) * 100)} % ${finished <= waist ? 'less' : 'more'} than your waist.`
    : '';
  if (pass === 0) return comfort;
  return `${comfort} ${opens >= pass ? `It still opens to ${formatLength(opens, plan.units, 'down')}, and ${show(plan, pass)} have to pass.` : `It would open to ${formatLength(opens, plan.units, 'down')} only, and ${show(plan, pass)} have to pass: it won't go on.`}`;
}

/** Handbook 14: elastic slips. */
export const elasticLoose: Fault = {
  id: 'elastic-loose',
  label: 'The elastic is too long: it slips',
  asks: { label: 'Too long by', usual: () => 30, max: 500 },
  at: atElastic,
  remedies: (plan, amount) => {
    const [finished, cut] = [valueOf(plan, 'elastic-finished')!, valueOf(plan, 'elastic-cut')!];
    const shorter = finished - amount;
    if (shorter <= finished / 2) return [];
    const sewnOn = valueOf(plan, 'elastic-sewn-ratio') !== undefined;
    return [
      {
        says: `${sewnOn ? 'Unpick a hand’s width where its ends meet' : 'Open the gap, pull the ends out and unpick their join'}, cut ${show(plan, amount)} off and join it again: ${show(plan, shorter)} finished, ${show(plan, cut - amount)} with its join.${fitSays(plan, shorter)}`,
        cost: 'A quarter of an hour; nothing to buy.',
        change: { elasticSchool: 'try-on', elasticTryOn: shorter },
      },
    ];
  },
};

/** Handbook 14: elastic digs in. */
export const elasticTight: Fault = {
  id: 'elastic-tight',
  label: 'The elastic is too short: it digs in',
  asks: { label: 'Too short by', usual: () => 30, max: 500 },
  at: atElastic,
  remedies: (plan, amount) => {
    const [finished, cut] = [valueOf(plan, 'elastic-finished')!, valueOf(plan, 'elastic-cut')!];
    const overlap = chosen(plan, 'elasticOverlap') ?? 20;
    return [
      {
        says: `Let a piece of the same elastic in: ${show(plan, amount + 2 * overlap)} long, overlapped ${show(plan, overlap)} at both ends.${fitSays(plan, finished + amount)}`,
        cost: 'A second join to feel; a quarter of an hour.',
        change: { elasticSchool: 'try-on', elasticTryOn: finished + amount },
      },
      {
        says: `Cut a new one, ${show(plan, cut + amount)} with its join, and keep this one for something smaller.`,
        cost: `${show(plan, cut + amount)} of elastic.`,
        change: { elasticSchool: 'try-on', elasticTryOn: finished + amount },
      },
    ];
  },
};

export const elasticTwisted: Fault = {
  id: 'elastic-twisted',
  label: 'The elastic has twisted',
  at: (step, plan) => atElastic(step, plan) && valueOf(plan, 'elastic-sewn-ratio') === undefined,
  remedies: () => [
    {
      says: 'Open the gap, undo its join, and pull one end round until it lies flat all the way; pin its tail before you begin. Then stitch through casing and elastic, up and down in each side seam: it can’t turn again.',
      cost: 'Twenty minutes. Where the elastic is to be changed later, leave the stitches in the side seams out.',
    },
  ],
};
