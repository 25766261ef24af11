import { CONSTRUCTIONS } from './index.ts';

/** The catalogue as the API tells it: what each construction needs and what can be chosen. */
export function catalogueView() {
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
    choices,
  }));
}
