import type { Worksheet } from '../sheet/worksheet.ts';
import type { Choice } from './choice.ts';

/** What one looks for it under. */
export type Group = 'skirts' | 'dresses' | 'tops' | 'ties';

/** A way of making a garment: what it needs, what can be chosen, and how its numbers, pieces and steps follow. */
export interface Construction {
  id: string;
  name: string;
  summary: string;
  group: Group;
  /** Measures without which nothing can be worked out. */
  needs: string[];
  /** Of each group one measure must be there. */
  needsOneOf?: string[][];
  /** Measures that make the plan better. */
  optional: string[];
  /** Only works in a knit: defaults follow, and woven cloth stops it. */
  knitOnly?: boolean;
  choices: Choice[];
  /** The four to six numbers that matter, for the docket. */
  docket: string[];
  /** Fills the worksheet: quantities, pieces, checks, chalk sheets, steps. */
  draft(sheet: Worksheet): void;
}
