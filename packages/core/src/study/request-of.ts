import { wearerFor } from '../body/wearer.ts';
import type { Body } from '../body/measures.ts';
import { clothFigures } from '../cloth/cloth.ts';
import type { Elastic } from '../cloth/elastic.ts';
import type { ChoiceValue } from '../garments/choice.ts';
import { constructionById } from '../garments/index.ts';
import type { PlanRequest } from '../plan/request.ts';
import type { Units } from '../units/units.ts';
import { asTried, traitsSeen } from './as-tried.ts';
import type { Experience } from './experience.ts';
import { learnedFor, withLearned } from './learn.ts';

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
  others?: Readonly<Record<string, KeptCloth & { id: string }>>;
  elastic?: Elastic & { id: string };
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
  const own = known && experience ? learnedFor(experience, { clothId: cloth?.id ?? null, makeId: id }) : [];
  const { learned: saidOfOwn, ...figured } = known && own.length > 0 ? withLearned(known, choices, own) : { learned: {} };
  const learned = {
    ...saidOfOwn,
    ...saidOfTraits('cloth', cloth, experience),
    ...Object.fromEntries(Object.entries(others).flatMap(([role, each]) => Object.entries(saidOfTraits(role, each, experience)))),
    ...saidOfTraits('elastic', elastic, experience),
  };
  return {
    construction,
    body: body ?? {},
    estimated,
    ...(body ? { wearer: wearerFor(body, child) } : {}),
    choices,
    ...figured,
    ...(Object.keys(learned).length > 0 ? { learned } : {}),
    cloth: cloth && clothFigures(asTried(cloth, experience)),
    cloths: Object.fromEntries(Object.entries(others).map(([role, each]) => [role, clothFigures(asTried(each, experience))])),
    elastic: elastic && elasticFigures(asTried(elastic, experience)),
    ...(units ? { units } : {}),
  };
}

const elasticFigures = ({ width, kind, greatestStretch }: Elastic): Elastic => ({ width, kind, greatestStretch });

/** What is said of the traits of a cloth or elastic that were tried on strips of it, by role and trait. */
function saidOfTraits(role: string, kept: { id: string } | undefined, experience: Experience | undefined): Record<string, string> {
  if (!kept || !experience) return {};
  const tried = traitsSeen(experience, kept.id).filter(({ declined }) => !declined);
  return Object.fromEntries(tried.map(({ trait, says }) => [`${role}.${trait}`, says]));
}
