import { TWO_PI } from '../quantity/quantity.ts';
import { leavesOf, sensitivity } from '../quantity/sensitivity.ts';
import type { Plan } from '../plan/plan.ts';
import { formatLength } from '../units/format.ts';
import { downSeams, valueOf } from './went-wrong/reading.ts';

/** A difference below this says nothing: nobody measures closer, mm. */
const HAIR = 2;

/**
 * What at the table makes a number come out otherwise than planned, each with the amount that explains all of it: "cut 2.5 mm larger".
 * Lengths mm. Nothing where it came out as planned.
 */
export function explained(plan: Plan, id: string, planned: number, actual: number): string[] {
  const quantity = plan.quantities.find((each) => each.id === id);
  if (!quantity) return [];
  const more = actual - planned;
  if (quantity.unit === 'min') return Math.abs(more) < 1 ? [] : minutesSay(planned, actual);
  if (quantity.unit !== 'mm' || Math.abs(more) < HAIR) return [];
  const show = (mm: number) => formatLength(Math.abs(mm), plan.units);
  const seams = downSeams(plan);
  const fraction = plan.choices.get('fraction');
  const round = id === 'finished-girth' || id === 'hem-sweep' || id === 'shirr-relaxed';
  return [
    ...(round && typeof fraction === 'number' && valueOf(plan, 'waist-radius') !== undefined
      ? [
          `${id === 'hem-sweep' ? 'the hem' : 'the hole'} cut ${show(more / (TWO_PI.value * fraction))} ${more > 0 ? 'farther from' : 'nearer to'} the centre`,
        ]
      : []),
    ...(round
      ? [
          `${seams === 1 ? 'the one seam' : `each of the ${seams} seams`} sewn ${show(more / (2 * seams))} ${more > 0 ? 'nearer to the edge' : 'farther in'}`,
        ]
      : []),
    ...(id === 'finished-girth' && more > 0 && plan.cloth.kind === 'woven' ? ['a waist edge that stretched before it was stay-stitched'] : []),
    ...(id === 'finished-length' ? [`${show(more)} ${more > 0 ? 'less' : 'more'} turned up at the hem or cut off when it was levelled`] : []),
    ...(id === 'finished-length' && more > 0 && typeof fraction === 'number' ? ['a bias that dropped while it hung'] : []),
    ...(id === 'cloth-length' ? [more > 0 ? 'pieces laid less close than here, or a straightened end cut off' : 'pieces laid closer than here'] : []),
    ...fromMeasures(plan, quantity, more, show),
  ];
}

/** The measures and choices it follows: how much one of them would have to be otherwise. */
function fromMeasures(plan: Plan, quantity: Plan['quantities'][number], more: number, show: (mm: number) => string): string[] {
  return leavesOf(quantity)
    .filter((leaf) => leaf.unit === 'mm' && leaf.id !== undefined && plan.body[leaf.id] !== undefined)
    .map((leaf) => ({ leaf, slope: sensitivity(quantity, leaf.id!) }))
    .filter(({ slope }) => Math.abs(slope) > 0.05)
    .slice(0, 1)
    .map(({ leaf, slope }) => `a ${leaf.label!.toLowerCase()} taken ${show(more / slope)} too ${more / slope > 0 ? 'small' : 'large'}`);
}

function minutesSay(planned: number, actual: number): string[] {
  const share = Math.round((actual / planned) * 100);
  return [`${share} % of the time reckoned with: the next plan takes your pace.`];
}
