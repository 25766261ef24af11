import type { Step } from '../../make/step.ts';
import type { Plan } from '../../plan/plan.ts';
import type { Fault, Remedy } from './fault.ts';
import { chosen, downSeams, show, valueOf } from './reading.ts';

/** Steam draws shirring in by so much (handbook 8). */
const STEAM = [0.05, 0.1] as const;
/** Shirred, it may be this share of the bust at most with straps to hold it (handbook 8). */
const HELD = 0.95;
/** Rows sewn between the others where the top is loose. */
const BETWEEN = 5;

const atShirring = (step: Step, plan: Plan) => valueOf(plan, 'shirr-relaxed') !== undefined && (step.bobbins !== undefined || step.kind === 'fit');
const asks = {
  label: 'At rest it measures, all round',
  usual: (plan: Plan) => Math.round(valueOf(plan, 'shirr-relaxed') ?? 800),
  max: 5000,
};

/** What the strip or the piece itself has shown is what the plan reckons with from here. */
function reckonWith(plan: Plan, measured: number): Remedy[] {
  const [flat, steam] = [valueOf(plan, 'shirr-flat'), chosen(plan, 'steam') ?? 0];
  if (flat === undefined || measured <= 0) return [];
  const takeUp = (flat * (1 - steam)) / measured;
  const choice = plan.construction.choices.find(({ id }) => id === 'takeUp');
  if (!choice || takeUp < (choice.min ?? 0) || takeUp > (choice.max ?? Infinity)) return [];
  return [
    {
      says: `Reckon with what you measured: ${show(plan, flat)} of flat cloth came down to ${show(plan, measured)}, a take-up of ${takeUp.toFixed(2)} before steam. Whether it holds is worked out again.`,
      cost: 'Nothing.',
      change: { takeUp: Math.round(takeUp * 100) / 100 },
    },
  ];
}

/** Handbook 14: shirring too loose. */
export const shirringLoose: Fault = {
  id: 'shirring-loose',
  label: 'The shirring is too loose',
  asks,
  at: atShirring,
  remedies: (plan, measured) => {
    const [bust, perBobbin] = [plan.body['bust-girth'], valueOf(plan, 'rows-per-bobbin') ?? 1];
    const wanted = Math.min(valueOf(plan, 'shirr-relaxed')!, bust ? bust * HELD : Infinity);
    const [least, most] = [measured * (1 - STEAM[1]), measured * (1 - STEAM[0])];
    const panels = chosen(plan, 'panels') ?? 2;
    const seams = downSeams(plan);
    const over = Math.max(0, measured - wanted);
    return [
      {
        says: `Steam it first, the iron held over it without touching: it draws in by 5 to 10 %, to between ${show(plan, least)} and ${show(plan, most)}. ${wanted >= most ? 'That is enough.' : wanted >= least ? `${show(plan, wanted)} are wanted: it may be enough.` : `${show(plan, wanted)} are wanted: it will not be enough by itself.`}`,
        cost: 'Ten minutes. Mind your hands in the steam.',
      },
      {
        says: `Sew ${BETWEEN} more rows between the upper ones, where it has to hold: ${Math.ceil((BETWEEN * panels) / perBobbin)} more ${BETWEEN * panels <= perBobbin ? 'bobbin' : 'bobbins'}.`,
        cost: 'Half an hour or more.',
      },
      ...(over > 0
        ? [
            {
              says: `Take it in at the sides: ${show(plan, over)} too much over ${seams} ${seams === 1 ? 'seam' : 'seams'}, that is ${show(plan, over / (2 * seams))} inside the old line on each layer, measured at rest. Backstitch over the ends of the elastic, or it slips out.`,
              cost: 'A seam through all rows; it can’t be let out again once it is trimmed.',
            },
          ]
        : []),
      ...reckonWith(plan, measured),
    ];
  },
};

/** Handbook 14: shirring too tight. */
export const shirringTight: Fault = {
  id: 'shirring-tight',
  label: 'The shirring is too tight',
  asks,
  at: atShirring,
  remedies: (plan, measured) => {
    const flat = valueOf(plan, 'shirr-flat')!;
    const [bust, seam] = [plan.body['bust-girth'], chosen(plan, 'seam') ?? 15];
    const missing = bust ? Math.max(0, bust * 0.85 - measured) : 0;
    return [
      {
        says: `Let every second row out: cut its elastic at both side seams and draw it, not the ordinary thread. Half the rows pull about half as hard${bust ? `; flat it is ${show(plan, flat)} round and you are ${show(plan, bust)}` : ''}.`,
        cost: 'Half an hour; the rows that are left show as plain stitching.',
      },
      ...(missing > 0
        ? [
            {
              says: `Set a strip into each side: ${show(plan, missing / 2)} finished, cut ${show(plan, missing / 2 + 2 * seam)} wide and as high as the shirring.`,
              cost: 'Two strips of cloth, four short seams.',
            },
          ]
        : []),
      ...reckonWith(plan, measured),
    ];
  },
};

/** Handbook 8: a bobbin is changed before a row, not inside it. */
export const bobbinEnded: Fault = {
  id: 'bobbin-ended',
  label: 'The bobbin ran out inside a row',
  at: (step) => step.bobbins !== undefined,
  remedies: () => [
    {
      says: 'Unpick this row back to the side edge, put in a fresh bobbin and sew it again from there: a join inside a row slips open. Press “It ran out in this row” at the rows above, so that the next one is changed in time.',
      cost: 'Five minutes.',
    },
  ],
};
