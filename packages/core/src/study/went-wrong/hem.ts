import type { Plan } from '../../plan/plan.ts';
import type { Fault, Remedy } from './fault.ts';
import { againSays, chosen, sews, show, valueOf } from './reading.ts';

/** The narrowest hem that is turned and holds, mm (common practice, no source). */
const LEAST_HEM = 8;
const LENGTHS = ['length', 'skirtLength', 'sideLength'];

/** Cut too short, before or at the hem (handbook 14, "length"; 3, hems). */
export const tooShort: Fault = {
  id: 'too-short',
  label: 'It was cut too short',
  asks: { label: 'Too short by', usual: () => 20, max: 1000 },
  at: (step, plan) => lengthOf(plan) !== undefined && (step.kind === 'cut' || step.id === 'level' || sews(step, plan, 'hem').length > 0),
  remedies: (plan, amount) => [...narrower(plan, amount), ...bound(plan, amount), ...lengthened(plan, amount), ...shorter(plan, amount)],
};

/** Hangs unevenly once it is worn. */
export const uneven: Fault = {
  id: 'uneven-hem',
  label: 'The hem hangs unevenly',
  at: (step, plan) => step.id === 'level' || step.kind === 'press' || sews(step, plan, 'hem').length > 0,
  remedies: (plan, _, step) => [
    {
      says: `Unpick the hem where it is off, hang it ${plan.cloth.weight === 'heavy' ? 48 : 24} hours from the waist, then mark up from the floor all round with a helper, and cut at the highest place that is safe.`,
      cost: `A night of hanging, and ${againSays(plan, step.seam?.value ?? 0)}; it ends as short as its shortest place.`,
    },
    {
      says: 'Is it only waved, not uneven? Press it under a damp cloth without pulling, from the wrong side; a wave from stretching goes back.',
      cost: 'A few minutes at the iron.',
    },
  ],
};

function lengthOf(plan: Plan): { id: string; length: number } | undefined {
  const id = LENGTHS.find((each) => chosen(plan, each) !== undefined);
  return id ? { id, length: chosen(plan, id)! } : undefined;
}

function narrower(plan: Plan, amount: number): Remedy[] {
  const hem = chosen(plan, 'hem');
  if (hem === undefined || hem - amount < LEAST_HEM) return [];
  return [
    {
      says: `Turn up only ${show(plan, hem - amount)} instead of ${show(plan, hem)}: it ends as long as planned.`,
      cost: 'Nothing but a lighter hem, which falls a little less straight.',
      change: { hem: hem - amount },
    },
  ];
}

function bound(plan: Plan, amount: number): Remedy[] {
  const [hem, sweep, own] = [chosen(plan, 'hem'), valueOf(plan, 'hem-sweep'), lengthOf(plan)];
  const choice = plan.construction.choices.find(({ id }) => id === 'hemEdge');
  if (hem === undefined || sweep === undefined || !own || !choice?.options?.includes('bound') || plan.choices.get('hemEdge') === 'bound') return [];
  const lost = Math.max(0, amount - hem);
  return [
    {
      says: `Bind the edge instead of turning it up: binding takes no length, so the ${show(plan, hem)} for the hem become length. ${lost > 0 ? `It ends ${show(plan, lost)} shorter than planned.` : 'It ends as long as planned.'}`,
      cost: `A bias strip ${show(plan, sweep)} long, made and sewn.`,
      change: { hemEdge: 'bound', ...(lost > 0 ? { [own.id]: own.length - lost } : {}) },
    },
  ];
}

function lengthened(plan: Plan, amount: number): Remedy[] {
  const [hem, sweep, seam] = [chosen(plan, 'hem'), valueOf(plan, 'hem-sweep'), chosen(plan, 'seam')];
  if (hem === undefined || sweep === undefined || seam === undefined) return [];
  return [
    {
      says: `Sew a strip on below, of this cloth or another: ${show(plan, sweep + 2 * seam)} long in all and ${show(plan, amount + hem + 2 * seam)} high, with the same hem. A wider strip looks meant; a narrow one looks mended.`,
      cost: `Cloth for the strip, a seam of ${show(plan, sweep)}.`,
    },
  ];
}

function shorter(plan: Plan, amount: number): Remedy[] {
  const own = lengthOf(plan);
  const least = plan.construction.choices.find(({ id }) => id === own?.id)?.min ?? 0;
  if (!own || own.length - amount < Math.max(least, 1)) return [];
  return [
    {
      says: `Make it shorter all round: ${show(plan, own.length - amount)} long instead of ${show(plan, own.length)}. Cut the rest to the shortest place.`,
      cost: `${show(plan, amount)} of length.`,
      change: { [own.id]: own.length - amount },
    },
  ];
}
