import type { Body } from '../body/measures.ts';
import { PLAIN_ELASTIC, STRETCH_RESERVE } from '../cloth/elastic.ts';
import { SNUG_PROPOSED } from './shared-choices.ts';
import type { Wearer } from '../body/wearer.ts';
import type { Cloth } from '../cloth/cloth.ts';
import { INCH, type Units } from '../units/units.ts';
import type { Choice, ChoiceValue, Proposed } from './choice.ts';
import type { Construction } from './construction.ts';

/** Whom a new make is for, and of what. */
export interface ProposedFor {
  units: Units;
  wearer?: Wearer;
  kind?: Cloth['kind'];
  /** As far as it was measured. */
  body?: Body;
}

/** Whether an elastic a few per cent shorter than the waist still stretches over the hips, if it is of the usual kind. */
function snugPasses(body: Body): boolean {
  const [waist, hip] = [body['waist-girth'], body['hip-girth']];
  return waist === undefined || hip === undefined || hip / (SNUG_PROPOSED * waist) <= PLAIN_ELASTIC.greatestStretch * STRETCH_RESERVE;
}

/** The choices a new make starts with where they differ from the defaults of a bare request. */
export function proposalsFor(
  { choices, knitOnly }: Construction,
  { units, wearer = 'adult', kind = knitOnly ? 'knit' : 'woven', body = {} }: ProposedFor,
): Record<string, ChoiceValue> {
  const pick = ({ child, knit, adult, in: inches }: Proposed): ChoiceValue | undefined => {
    if (wearer !== 'adult' && child !== undefined) return child;
    if (kind === 'knit' && knit !== undefined) return knit;
    if (wearer === 'adult' && adult !== undefined) return adult;
    return units === 'in' ? inches : undefined;
  };
  const proposals: Record<string, ChoiceValue> = {};
  for (const choice of choices) {
    const { id, proposed, default: usual } = choice;
    const value = typeof proposed === 'object' ? pick(proposed) : proposed;
    const round =
      units === 'in' && choice.kind === 'length' ? roundInches(value ?? (kind === 'knit' ? choice.knitDefault : undefined) ?? usual, choice) : value;
    if (round !== undefined && !(id.startsWith('elastic') && !snugPasses(body))) proposals[id] = round;
  }
  return proposals;
}

/** From this length on (mm) people think in steps of so many inches. */
const INCH_STEPS: ReadonlyArray<readonly [from: number, step: number]> = [
  [200, 1],
  [50, 1 / 2],
  [20, 1 / 4],
  [0, 1 / 8],
];

/** The round figure of inches next to a length, mm; undefined where there is none to round, or the round one is not allowed. */
function roundInches(value: ChoiceValue | null | undefined, { min = 0, max = Infinity }: Choice): number | undefined {
  if (typeof value !== 'number' || value === 0) return undefined;
  const step = INCH * INCH_STEPS.find(([from]) => value >= from)![1];
  const round = Math.max(1, Math.round(value / step)) * step;
  return round >= min && round <= max ? round : undefined;
}
