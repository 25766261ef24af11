import { alineDress } from './aline-dress.ts';
import { childTubeSkirt } from './child-tube-skirt.ts';
import { circleCape } from './circle-cape.ts';
import { circleSkirt } from './circle-skirt.ts';
import type { Construction } from './construction.ts';
import { gatheredSkirt } from './gathered-skirt.ts';
import { gatheredApron } from './gathered-apron.ts';
import { gatheredJerseyDress } from './gathered-jersey-dress.ts';
import { goredSkirt } from './gored-skirt.ts';
import { gussetTunic } from './gusset-tunic.ts';
import { handkerchiefSkirt } from './handkerchief-skirt.ts';
import { knitTubeSkirt } from './knit-tube-skirt.ts';
import { panelRobe } from './panel-robe.ts';
import { rectangleJumper } from './rectangle-jumper.ts';
import { shirredDress } from './shirred-dress.ts';
import { skaterDress } from './skater-dress.ts';
import { tieredSkirt } from './tiered-skirt.ts';
import { wrapCircleSkirt } from './wrap-circle-skirt.ts';
import { yokeDress } from './yoke-dress.ts';

/** The catalogue: every construction Arcus can draft, in the order it is offered. */
export const CONSTRUCTIONS: readonly Construction[] = [
  circleSkirt,
  gatheredSkirt,
  tieredSkirt,
  goredSkirt,
  handkerchiefSkirt,
  knitTubeSkirt,
  childTubeSkirt,
  shirredDress,
  gatheredJerseyDress,
  skaterDress,
  yokeDress,
  alineDress,
  panelRobe,
  rectangleJumper,
  gussetTunic,
  circleCape,
  wrapCircleSkirt,
  gatheredApron,
];

const BY_ID = new Map(CONSTRUCTIONS.map((construction) => [construction.id, construction]));

/** A construction by its id, or undefined where there is none of that name. */
export function constructionById(id: string): Construction | undefined {
  return BY_ID.get(id);
}
