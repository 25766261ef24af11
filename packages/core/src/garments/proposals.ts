import type { Body } from '../body/measures.ts';
import { PLAIN_ELASTIC, STRETCH_RESERVE } from '../cloth/elastic.ts';
import { SNUG_PROPOSED } from './shared-choices.ts';
import type { Wearer } from '../body/wearer.ts';
import type { Cloth } from '../cloth/cloth.ts';
import type { Units } from '../units/units.ts';
import type { ChoiceValue, Proposed } from './choice.ts';
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
  for (const { id, proposed } of choices) {
    const value = typeof proposed === 'object' ? pick(proposed) : proposed;
    if (value !== undefined && !(id.startsWith('elastic') && !snugPasses(body))) proposals[id] = value;
  }
  return proposals;
}
