import { bodyLevels, girthAt } from '../../body/girth-at.ts';
import type { Step } from '../../make/step.ts';
import type { Plan } from '../../plan/plan.ts';
import type { Fault, Remedy } from './fault.ts';
import { againSays, chosen, downSeams, LEAST_SEAM, sews, show, valueOf } from './reading.ts';

/** This much can be eased into a band without showing, and this much more as small gathers (common practice, no source). */
const EASED = 0.05;
const GATHERED = 0.2;
/** Looked for down the body in steps of, mm. */
const DOWN = 5;

const waistOf = (plan: Plan) => valueOf(plan, 'seam-girth') ?? valueOf(plan, 'bodice-waist') ?? plan.body['waist-girth'];
const aboutWaist = (step: Step, plan: Plan) =>
  waistOf(plan) !== undefined &&
  (step.kind === 'cut' || step.kind === 'fit' || step.id === 'stay-stitch' || step.id === 'sides' || sews(step, plan, 'band', 'zip').length > 0);

/** The hole or the top edge came out too large (handbook 14, "waist too big"). */
export const waistBig: Fault = {
  id: 'waist-big',
  label: 'The waist is too big',
  asks: { label: 'Too big all round by', usual: () => 20, max: 400 },
  at: (step, plan) => aboutWaist(step, plan) && !usesElastic(plan),
  remedies: (plan, amount) => [...takenIn(plan, amount), ...easedIn(plan, amount), ...lower(plan, amount)],
};

/** It came out too small (handbook 0: a hole can be made larger, never smaller). */
export const waistSmall: Fault = {
  id: 'waist-small',
  label: 'The waist is too small',
  asks: { label: 'Too small all round by', usual: () => 20, max: 400 },
  at: (step, plan) => aboutWaist(step, plan) && !usesElastic(plan),
  remedies: (plan, amount) => [...cutLarger(plan, amount), ...letOut(plan, amount), ...stripIn(plan, amount)],
};

/** The way in is too narrow when it is tried (handbook 9). */
export const wontPass: Fault = {
  id: 'wont-pass',
  label: 'It won’t go on over the hips or shoulders',
  asks: { label: 'Missing all round', usual: () => 30, max: 400 },
  at: (step) => step.kind === 'fit' || step.kind === 'press' || step.id === 'elastic-close',
  remedies: (plan, amount) => [...openFurther(plan, amount), ...longerElastic(plan, amount), ...letOut(plan, amount)],
};

const usesElastic = (plan: Plan) => valueOf(plan, 'elastic-finished') !== undefined;

function takenIn(plan: Plan, amount: number): Remedy[] {
  const seams = downSeams(plan);
  const each = amount / seams;
  const word = seams === 1 ? 'the one seam' : `each of the ${seams} seams`;
  return [
    {
      says: `Take ${show(plan, each)} in at ${word}: sew ${show(plan, each / 2)} inside the old line at the waist, running out to it at the hip. Pin it, try it on, sew, then unpick the old line.${each > 40 ? ' That is much for one seam: a dart of half of it on each side of the back sits better.' : ''}`,
      cost: `${againSays(plan, seams * (plan.body['waist-to-hip'] ?? 200))}. No length is lost.`,
    },
  ];
}

function easedIn(plan: Plan, amount: number): Remedy[] {
  const girth = waistOf(plan)!;
  const share = amount / girth;
  if (share > GATHERED) return [];
  return [
    {
      says: `${share <= EASED ? 'Ease it into the band' : 'Gather it a little into the band'}: one row of 4 mm stitches inside the allowance all round, drawn up until it measures ${show(plan, girth)} again; spread it evenly, most at the back.${share <= EASED ? ' So little is not seen.' : ' It shows as small gathers.'}`,
      cost: 'A row of stitches and a quarter of an hour.',
    },
  ];
}

function lower(plan: Plan, amount: number): Remedy[] {
  const levels = bodyLevels(plan.body);
  const hip = levels.find(({ name }) => name === 'hip');
  const girth = waistOf(plan)!;
  if (!hip || !levels.some(({ name }) => name === 'waist') || plan.construction.group !== 'skirts') return [];
  let drop = 0;
  while (drop <= hip.drop && girthAt(levels, drop) < girthAt(levels, 0) + amount) drop += DOWN;
  if (drop > hip.drop) return [];
  const ease = chosen(plan, 'waistEase');
  return [
    {
      says: `Leave it and let it sit ${show(plan, drop)} lower, where you are about ${show(plan, girthAt(levels, drop))} round. A band is cut for that: ${show(plan, girth + amount)} and its overlap. Measure yourself there first.`,
      cost: `It hangs ${show(plan, drop)} lower.`,
      ...(ease === undefined ? {} : { change: { waistEase: ease + amount } }),
    },
  ];
}

function cutLarger(plan: Plan, amount: number): Remedy[] {
  const [radius, girth] = [valueOf(plan, 'waist-radius'), valueOf(plan, 'seam-girth')];
  if (radius === undefined || girth === undefined) return [];
  const off = (amount * radius) / girth;
  return [
    {
      says: `Cut ${show(plan, off)} off all round inside the hole, no more: that makes it ${show(plan, amount)} larger. Measure the seam line after every cut; what is off is off.`,
      cost: `${show(plan, off)} of length.`,
    },
  ];
}

function letOut(plan: Plan, amount: number): Remedy[] {
  const seam = chosen(plan, 'seam');
  if (seam === undefined) return [];
  const seams = downSeams(plan);
  const most = Math.max(0, seam - LEAST_SEAM) * 2 * seams;
  if (most === 0) return [];
  const each = amount / (2 * seams);
  const word = seams === 1 ? 'the one seam' : `the ${seams} seams`;
  return [
    amount <= most
      ? {
          says: `Let ${word} out: sew ${show(plan, each)} nearer to the raw edge on both layers; ${show(plan, seam - each)} of allowance stay.`,
          cost: againSays(plan, seams * (chosen(plan, 'length') ?? 600)),
        }
      : {
          says: `${seams === 1 ? 'The one seam has' : `The ${seams} seams have`} ${show(plan, most)} to give in all, if ${show(plan, LEAST_SEAM)} stay beside the stitches: ${show(plan, amount - most)} are still missing.`,
          cost: 'It is not enough by itself.',
        },
  ];
}

function stripIn(plan: Plan, amount: number): Remedy[] {
  const seam = chosen(plan, 'seam');
  if (seam === undefined) return [];
  return [
    {
      says: `Set a strip into both sides, from the waist to the hem: each ${show(plan, amount / 2)} finished, cut ${show(plan, amount / 2 + 2 * seam)} wide. In another cloth it looks meant.`,
      cost: 'Cloth for two strips, four seams.',
    },
  ];
}

function openFurther(plan: Plan, amount: number): Remedy[] {
  const zip = valueOf(plan, 'zip-length');
  if (zip === undefined) return [];
  return [
    {
      says: `Open the seam ${show(plan, amount / 2)} further down: an opening counts twice. The zip is then ${show(plan, zip + amount / 2)} long; or leave the seam open below the old zip with both edges hemmed, as a slit.`,
      cost: `A longer zip; ${againSays(plan, 2 * zip)}.`,
    },
  ];
}

function longerElastic(plan: Plan, amount: number): Remedy[] {
  const [finished, cut] = [valueOf(plan, 'elastic-finished'), valueOf(plan, 'elastic-cut')];
  if (finished === undefined || cut === undefined || !plan.choices.has('elasticTryOn')) return [];
  const longer = finished + amount / plan.elastic.greatestStretch;
  return [
    {
      says: `Take a longer elastic: ${show(plan, longer)} finished, cut ${show(plan, cut - finished + longer)}. Stretched it opens ${show(plan, amount)} further. Or one that stretches more at the same length.`,
      cost: 'A new piece of elastic; the gap is opened again.',
      change: { elasticSchool: 'try-on', elasticTryOn: longer },
    },
  ];
}
