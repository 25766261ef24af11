import { circleSkirt } from './circle-skirt.ts';
import type { Construction } from './construction.ts';

/** The catalogue: every construction Arcus can draft, in the order it is offered. */
export const CONSTRUCTIONS: readonly Construction[] = [circleSkirt];

const BY_ID = new Map(CONSTRUCTIONS.map((construction) => [construction.id, construction]));

/** A construction by its id, or undefined where there is none of that name. */
export function constructionById(id: string): Construction | undefined {
  return BY_ID.get(id);
}
