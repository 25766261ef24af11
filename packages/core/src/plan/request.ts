import type { Body } from '../body/measures.ts';
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
  elastic?: Partial<Elastic>;
  units?: Units;
}
