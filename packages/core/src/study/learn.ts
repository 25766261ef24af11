import { FIGURES } from '../figure/figures.ts';
import type { ChoiceValue } from '../garments/choice.ts';
import type { Construction } from '../garments/construction.ts';

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
}

/** Everything that was tried and made. */
export interface Experience {
  swatches: readonly SwatchSeen[];
  outcomes: readonly Outcome[];
  /** Ids of figures for which the default is wanted, whatever was learnt. */
  declined: readonly string[];
}

export interface Observation {
  value: number;
  /** "swatch" or the name of a make. */
  from: string;
  on: string;
}

/** A figure of this person's own. With few observations the spread says more than the figure. */
export interface LearnedFigure {
  id: 'takeUp' | 'steam' | 'bobbinMetres' | 'time';
  label: string;
  /** What is reckoned with without it. */
  usual: number;
  /** The middle one of the observations. */
  value: number;
  low: number;
  high: number;
  observations: Observation[];
  /** "your figure, from 2 makes and 1 swatch, of this cloth". */
  says: string;
  /** The person wants the default instead. */
  declined: boolean;
}

/** For what it is learnt: figures of the same cloth go before those of others; a make teaches others, not itself. */
export interface LearnFor {
  clothId?: string | null;
  makeId?: string;
}

const LABELS: Record<LearnedFigure['id'], { label: string; usual: number; range: readonly [number, number]; ofCloth: boolean }> = {
  takeUp: { label: 'Take-up of shirring', usual: 1.8, range: [1.2, 3], ofCloth: true },
  steam: { label: 'Drawn in by steam', usual: 0.05, range: [0, 0.2], ofCloth: true },
  bobbinMetres: { label: 'A bobbin of elastic thread sews, metres', usual: 8, range: [1, 30], ofCloth: false },
  time: { label: 'Time it takes, against what is reckoned', usual: 1, range: [0.25, 4], ofCloth: false },
};

/** What swatches and finished makes have taught for a cloth: only where there is something to learn from. */
export function learnedFor({ swatches, outcomes, declined }: Experience, { clothId = null, makeId }: LearnFor = {}): LearnedFigure[] {
  const others = outcomes.filter((outcome) => outcome.makeId !== makeId);
  return (Object.keys(LABELS) as Array<LearnedFigure['id']>).flatMap((id) => {
    const { label, usual, range, ofCloth } = LABELS[id];
    const seen = [...fromSwatches(id, swatches), ...others.flatMap((outcome) => fromOutcome(id, outcome))].filter(
      ({ value }) => value >= range[0] && value <= range[1],
    );
    const same = ofCloth ? seen.filter((each) => clothId !== null && each.clothId === clothId) : [];
    const chosen = same.length > 0 ? same : seen;
    if (chosen.length === 0) return [];
    const sorted = chosen.map(({ value }) => value).sort((a, b) => a - b);
    const observations = chosen.map(({ value, from, on }) => ({ value, from, on }));
    return [
      {
        id,
        label,
        usual,
        value: middle(sorted),
        low: sorted[0]!,
        high: sorted[sorted.length - 1]!,
        observations,
        says: `your figure, from ${counted(observations)}${same.length > 0 ? ' of this cloth' : ''}`,
        declined: declined.includes(id),
      },
    ];
  });
}

type Seen = Observation & { clothId: string | null };

const SWATCH = 'swatch';

function fromSwatches(id: LearnedFigure['id'], swatches: readonly SwatchSeen[]): Seen[] {
  const strips = swatches.filter(({ kind }) => kind === 'shirring');
  const seen = (value: number, { clothId, takenOn }: SwatchSeen): Seen => ({ value, from: SWATCH, on: takenOn, clothId });
  if (id === 'takeUp') return strips.map((strip) => seen(strip.before / strip.after, strip));
  if (id === 'steam') return strips.flatMap((strip) => (strip.steamed === null ? [] : [seen(1 - strip.steamed / strip.after, strip)]));
  return [];
}

/** What one make shows: each figure is what would have made its plan come true. */
function fromOutcome(id: LearnedFigure['id'], { makeName, clothId, finishedOn, planned, actuals, choices }: Outcome): Seen[] {
  const seen = (value: number): Seen[] => (Number.isFinite(value) ? [{ value, from: makeName, on: finishedOn, clothId }] : []);
  const [planMinutes, minutes] = [planned['sewing-minutes'], actuals['sewing-minutes']];
  switch (id) {
    case 'takeUp': {
      const [flat, relaxed] = [planned['shirr-flat'], actuals['shirr-relaxed']];
      const steam = typeof choices['steam'] === 'number' ? choices['steam'] : LABELS.steam.usual;
      return flat && relaxed ? seen((flat * (1 - steam)) / relaxed) : [];
    }
    case 'bobbinMetres': {
      const [rows, row, bobbins, flat] = [planned['shirr-rows'], planned['row-length'], actuals['bobbins'], planned['shirr-flat']];
      // the last bobbin is seldom empty: so much it sewed at least
      return rows && row && bobbins && flat ? seen((rows * flat) / bobbins / 1000) : [];
    }
    case 'time':
      return planMinutes && minutes ? seen(minutes / planMinutes) : [];
    case 'steam':
      return [];
  }
}

function middle(sorted: readonly number[]): number {
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
}

function counted(observations: readonly Observation[]): string {
  const swatches = observations.filter(({ from }) => from === SWATCH).length;
  const makes = observations.length - swatches;
  const some = (n: number, one: string) => (n === 0 ? [] : [`${n} ${n === 1 ? one : `${one}${one.endsWith('h') ? 'es' : 's'}`}`]);
  return [...some(makes, 'make'), ...some(swatches, SWATCH)].join(' and ');
}

/** What a plan is worked out with where this person's own figures are known: choices not made by hand, times of the hand, and what is said of each. */
export function withLearned(
  { choices: definitions }: Pick<Construction, 'choices'>,
  choices: Record<string, ChoiceValue>,
  learned: readonly LearnedFigure[],
): { choices: Record<string, ChoiceValue>; figures: Record<string, number>; learned: Record<string, string> } {
  const own: Record<string, ChoiceValue> = {};
  const said: Record<string, string> = {};
  let figures: Record<string, number> = {};
  for (const { id, value, says, declined } of learned) {
    if (declined) continue;
    if (id === 'time') {
      figures = timesAt(value);
      for (const each of Object.keys(figures)) said[each] = says;
    } else if (choices[id] === undefined && definitions.some((each) => each.id === id)) {
      own[id] = Math.round(value * 1000) / 1000;
      said[id] = says;
    }
  }
  return { choices: { ...own, ...choices }, figures, learned: said };
}

/** Every time of the hand so many times as long. */
function timesAt(factor: number): Record<string, number> {
  return Object.fromEntries(
    Object.entries(FIGURES)
      .filter(([id]) => /-(beginner|practised)$/.test(id) || id === 'pace-hand')
      .map(([id, { value, unit }]) => [id, unit === 'mm a min' ? value / factor : value * factor]),
  );
}

/** What the swatches of one cloth or elastic say of a trait: the middle, towards the safe side where there are two; and how far they spread. */
export interface TraitSeen {
  trait: 'stretchAcross' | 'stretchAlong' | 'shrinkAcross' | 'shrinkAlong' | 'greatestStretch' | 'fullness';
  value: number;
  low: number;
  high: number;
  count: number;
}

/** Traits as tried: stretch (x - before)/before, shrinkage 1 - after/before, elastic and gathers as ratios (handbook 2, 5, 7). */
export function traitsSeen(swatches: readonly SwatchSeen[]): TraitSeen[] {
  const values = new Map<TraitSeen['trait'], number[]>();
  const add = (trait: TraitSeen['trait'], value: number) => values.set(trait, [...(values.get(trait) ?? []), value]);
  for (const { kind, way, before, after } of swatches) {
    if (kind === 'stretch') add(way === 'across' ? 'stretchAcross' : 'stretchAlong', after / before - 1);
    else if (kind === 'shrinkage') add(way === 'across' ? 'shrinkAcross' : 'shrinkAlong', 1 - after / before);
    else if (kind === 'elastic') add('greatestStretch', after / before);
    else if (kind === 'gather' || kind === 'crinkle') add('fullness', before / after);
  }
  return [...values].map(([trait, seen]) => {
    const sorted = [...seen].sort((a, b) => a - b);
    // of two the one one can be sure of: less stretch, more shrinkage
    const value = trait.startsWith('shrink') ? sorted[Math.floor(sorted.length / 2)]! : sorted[Math.floor((sorted.length - 1) / 2)]!;
    return { trait, value, low: sorted[0]!, high: sorted[sorted.length - 1]!, count: sorted.length };
  });
}
