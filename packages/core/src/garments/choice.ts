import type { Prose } from '../units/prose.ts';

export type ChoiceKind = 'length' | 'ratio' | 'count' | 'one-of' | 'yes-no';
export type ChoiceValue = number | string | boolean;

/** What is proposed by the person's units, by who wears it, by the kind of cloth; the first that fits counts. */
export interface Proposed {
  child?: ChoiceValue;
  knit?: ChoiceValue;
  adult?: ChoiceValue;
  in?: ChoiceValue;
}

/** One decision of a construction; panels are drawn and requests checked from this. Lengths mm, ratios plain. */
export interface Choice {
  id: string;
  label: string;
  kind: ChoiceKind;
  /** null: worked out from the body or the cloth, or to be given by the person. */
  default: ChoiceValue | null;
  /** What a new make starts with where that differs from the default of a bare request: for everybody, or for whom it fits. */
  proposed?: ChoiceValue | Proposed;
  /** Default on knit cloth where it differs. */
  knitDefault?: ChoiceValue;
  min?: number;
  max?: number;
  step?: number;
  options?: string[];
  optionLabels?: Record<string, string>;
  /** What one gets from it and why one would change it. */
  why: Prose;
  /** How it saves cloth: by less of it, or by another option. Ways out of too little cloth are made from this. */
  saves?: 'less' | Array<{ to: ChoiceValue; says: string }>;
  /** Shrinks with a half- or quarter-size sample (lengths of the garment, not allowances or elastic). */
  scales?: boolean;
  /** Shown only while another choice has one of these values, and that one is shown itself. */
  when?: { choice: string; is: ChoiceValue[] };
  /** Schools set side by side: which quantities tell them apart, and (for numbers) at which values. */
  compare?: { quantities: string[]; at?: number[] };
  /** Its name in the formulas, where a result has the name of the choice. */
  inTree?: string;
  /** Shown under "fine points" rather than up front. */
  fine?: boolean;
}

type Rest = Partial<Omit<Choice, 'id' | 'label' | 'kind' | 'default' | 'why'>>;

/** Makes the factories of the choices that are numbers: what all of one sort share stands here once. */
const numeric =
  (kind: ChoiceKind, step: number, shared: Rest = {}) =>
  (id: string, label: string, byDefault: number | null, [min, max]: [number, number], why: Prose, rest: Rest = {}): Choice => ({
    id,
    label,
    kind,
    default: byDefault,
    min,
    max,
    step,
    why,
    ...shared,
    ...rest,
  });

/** A length of the garment itself, mm: scales with a practice sample. */
export const lengthChoice = numeric('length', 5, { scales: true });
/** An allowance or notion, mm: stays full size on a practice sample. */
export const allowanceChoice = numeric('length', 1, { fine: true });
export const ratioChoice = numeric('ratio', 0.05);
export const countChoice = numeric('count', 1);
export const oneOfChoice = (
  id: string,
  label: string,
  byDefault: string,
  optionLabels: Record<string, string>,
  why: Prose,
  rest: Rest = {},
): Choice => ({
  id,
  label,
  kind: 'one-of',
  default: byDefault,
  options: Object.keys(optionLabels),
  optionLabels,
  why,
  ...rest,
});
export const yesNoChoice = (id: string, label: string, byDefault: boolean, why: Prose, rest: Rest = {}): Choice => ({
  id,
  label,
  kind: 'yes-no',
  default: byDefault,
  why,
  ...rest,
});
