import type { Units } from '../units/units.ts';
import type { ChoiceValue } from './choice.ts';
import type { Construction } from './construction.ts';

/** The choices a new make starts with where they differ from the defaults, for a person who thinks in `units`. */
export function proposalsFor(construction: Construction, units: Units): Record<string, ChoiceValue> {
  const proposals: Record<string, ChoiceValue> = {};
  for (const { id, proposed } of construction.choices) {
    const value = typeof proposed === 'object' ? (units === 'in' ? proposed.in : undefined) : proposed;
    if (value !== undefined) proposals[id] = value;
  }
  return proposals;
}
