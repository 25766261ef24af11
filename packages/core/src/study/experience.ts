import type { ChoiceValue } from '../garments/choice.ts';
import type { WorkTimes } from '../make/usual-minutes.ts';

export type SwatchKind = 'gather' | 'shirring' | 'stretch' | 'shrinkage' | 'elastic' | 'crinkle';

/** A strip that was tried, mm: its length before and after, and after steam where it was steamed. */
export interface SwatchSeen {
  kind: SwatchKind;
  clothId: string | null;
  elasticId: string | null;
  /** Along the length of the cloth or across it. */
  way: 'along' | 'across';
  before: number;
  after: number;
  steamed: number | null;
  takenOn: string;
}

/** What came of a make that was finished, beside what was planned; figures by quantity id. */
export interface Outcome {
  makeId: string;
  makeName: string;
  clothId: string | null;
  finishedOn: string;
  planned: Record<string, number>;
  actuals: Record<string, number>;
  choices: Record<string, ChoiceValue>;
  /** How long each kind of work took by the clock; none where it was logged before that was kept. */
  times?: WorkTimes | null;
}

/** Everything that was tried and made. */
export interface Experience {
  swatches: readonly SwatchSeen[];
  outcomes: readonly Outcome[];
  /** Ids of figures for which the default is wanted, whatever was learnt. */
  declined: readonly string[];
}

/** "2 swatches", "1 make and 1 swatch". */
export function countedWords(makes: number, swatches: number): string {
  const some = (n: number, one: string, more: string) => (n === 0 ? [] : [`${n} ${n === 1 ? one : more}`]);
  return [...some(makes, 'make', 'makes'), ...some(swatches, 'swatch', 'swatches')].join(' and ');
}

/** The middle one of several numbers, or between the two middle ones; sorted, at least one. */
export function middleOf(sorted: readonly number[]): number {
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
}
