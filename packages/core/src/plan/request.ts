import type { Body } from '../body/measures.ts';
import type { Wearer } from '../body/wearer.ts';
import type { ClothRole } from '../shapes/piece.ts';
import type { Cloth } from '../cloth/cloth.ts';
import type { Elastic } from '../cloth/elastic.ts';
import type { ChoiceValue } from '../garments/choice.ts';
import type { Units } from '../units/units.ts';

/** What a plan is worked out from. Only construction and body are required. */
export interface PlanRequest {
  construction: string;
  body: Body;
  choices?: Record<string, ChoiceValue>;
  cloth?: Partial<Cloth>;
  /** Further cloths by what they are for. */
  cloths?: Partial<Record<ClothRole, Partial<Cloth>>>;
  elastic?: Partial<Elastic>;
  /** Who wears it; decided from the body where nobody says. */
  wearer?: Wearer;
  /** Measures nobody took, by id: what they were estimated from. Said wherever they are used. */
  estimated?: Record<string, string>;
  /** The maker's own figures by id, in place of the defaults. */
  figures?: Record<string, number>;
  /** What is said of choices and figures that come from this person's own experience, by id. */
  learned?: Record<string, string>;
  units?: Units;
}
