import { childTubeSkirt } from './child-tube-skirt.ts';
import { circleSkirt } from './circle-skirt.ts';
import type { Construction } from './construction.ts';
import { gatheredSkirt } from './gathered-skirt.ts';
import { goredSkirt } from './gored-skirt.ts';
import { handkerchiefSkirt } from './handkerchief-skirt.ts';
import { knitTubeSkirt } from './knit-tube-skirt.ts';
import { tieredSkirt } from './tiered-skirt.ts';

/** The catalogue: every construction Arcus can draft, in the order it is offered. */
export const CONSTRUCTIONS: readonly Construction[] = [
  circleSkirt,
  gatheredSkirt,
  tieredSkirt,
  goredSkirt,
  handkerchiefSkirt,
  knitTubeSkirt,
  childTubeSkirt,
];

const BY_ID = new Map(CONSTRUCTIONS.map((construction) => [construction.id, construction]));

/** A construction by its id, or undefined where there is none of that name. */
export function constructionById(id: string): Construction | undefined {
  return BY_ID.get(id);
}
