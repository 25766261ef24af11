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
}

/** The choices a new make starts with where they differ from the defaults of a bare request. */
export function proposalsFor(
  { choices, knitOnly }: Construction,
  { units, wearer = 'adult', kind = knitOnly ? 'knit' : 'woven' }: ProposedFor,
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
    if (value !== undefined) proposals[id] = value;
  }
  return proposals;
}
