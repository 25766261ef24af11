import { cloths, elastics } from './cupboard.ts';
import { makes } from './makes.ts';
import { people } from './people.ts';
import { swatches } from './swatches.ts';
import type { Scenario } from './scenario.ts';

/** The spring concert: who sings, what lies in the cupboard, what is under way. */
export const scenario: Scenario = { people, cloths, elastics, swatches, makes };
export type { Scenario } from './scenario.ts';
