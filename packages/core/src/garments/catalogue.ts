import type { Choice } from './choice.ts';
import type { Construction } from './construction.ts';
import { proseIn } from '../units/prose.ts';
import { CONSTRUCTIONS } from './index.ts';

/** A construction of the catalogue, as plain data; lengths mm, words in centimetres. */
export interface CatalogueEntry extends Pick<Construction, 'id' | 'name' | 'summary' | 'group' | 'needs' | 'optional' | 'docket'> {
  needsOneOf: NonNullable<Construction['needsOneOf']>;
  knitOnly: boolean;
  choices: Array<Omit<Choice, 'why'> & { why: string }>;
}

/** The catalogue as the API tells it: what each construction needs and what can be chosen. */
export function catalogueView(): CatalogueEntry[] {
  return CONSTRUCTIONS.map(({ id, name, summary, group, needs, needsOneOf = [], optional, choices, knitOnly = false, docket }) => ({
    id,
    name,
    summary,
    group,
    needs,
    needsOneOf,
    optional,
    knitOnly,
    docket,
    choices: choices.map(({ why, ...choice }) => ({ ...choice, why: proseIn(why, 'cm') })),
  }));
}
