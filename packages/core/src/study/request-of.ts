import { wearerFor } from '../body/wearer.ts';
import type { Body } from '../body/measures.ts';
import { clothFigures } from '../cloth/cloth.ts';
import type { Elastic } from '../cloth/elastic.ts';
import type { ChoiceValue } from '../garments/choice.ts';
import { constructionById } from '../garments/index.ts';
import type { PlanRequest } from '../plan/request.ts';
import type { Units } from '../units/units.ts';
import { learnedFor, withLearned, type Experience } from './learn.ts';

/** A cloth as it is kept on the shelf. */
type KeptCloth = Parameters<typeof clothFigures>[0];

/** What a make is worked out from beside its own choices. */
export interface RequestSources {
  body?: Body;
  /** Measures that were estimated, by id, and from what. */
  estimated?: Record<string, string>;
  /** The person is a child, whatever the measures look like. */
  child?: boolean;
  cloth?: KeptCloth & { id: string };
  others?: Readonly<Record<string, KeptCloth>>;
  elastic?: Elastic;
  /** What was tried and made so far. */
  experience?: Experience;
  units?: Units;
}

/** What is asked of the core for a make: the same wherever it is asked. */
export function requestOfMake(
  { id, construction, choices }: { id: string; construction: string; choices: Record<string, ChoiceValue> },
  { body, estimated = {}, child = false, cloth, others = {}, elastic, experience, units }: RequestSources,
): PlanRequest {
  const known = constructionById(construction);
  const learned = known && experience ? learnedFor(experience, { clothId: cloth?.id ?? null, makeId: id }) : [];
  return {
    construction,
    body: body ?? {},
    estimated,
    ...(body ? { wearer: wearerFor(body, child) } : {}),
    choices,
    ...(known && learned.length > 0 ? withLearned(known, choices, learned) : {}),
    cloth: cloth && clothFigures(cloth),
    cloths: Object.fromEntries(Object.entries(others).map(([role, each]) => [role, clothFigures(each)])),
    elastic: elastic && { width: elastic.width, kind: elastic.kind, greatestStretch: elastic.greatestStretch },
    ...(units ? { units } : {}),
  };
}
