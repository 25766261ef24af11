import type { ChoiceValue } from '../garments/choice.ts';
import type { Construction } from '../garments/construction.ts';
import { countedWords, middleOf, type Experience } from './experience.ts';
import { TEACHINGS, timesAt } from './teachings.ts';

export interface Observation {
  value: number;
  /** "swatch" or the name of a make. */
  from: string;
  on: string;
}

/** A figure of this person's own. With few observations the spread says more than the figure. */
export interface LearnedFigure {
  id: string;
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
  /** Strips of the same cloth go before others ("first"), or count alone ("only"). */
  ofCloth?: 'first' | 'only';
  /** The person wants the default instead. */
  declined: boolean;
}

/** For what it is learnt: figures of the same cloth go before those of others; a make teaches others, not itself. */
export interface LearnFor {
  clothId?: string | null;
  makeId?: string;
}

const SWATCH = 'swatch';

/** What swatches and finished makes have taught for a cloth, or of all cloths where none is named: only where there is something to learn from. */
export function learnedFor({ swatches, outcomes, declined }: Experience, { clothId = null, makeId }: LearnFor = {}): LearnedFigure[] {
  const others = outcomes.filter((outcome) => outcome.makeId !== makeId);
  return TEACHINGS.flatMap(({ id, label, usual, range, ofCloth, swatch, make }) => {
    const seen = [
      ...swatches.map((strip) => ({ value: swatch?.(strip), from: SWATCH, on: strip.takenOn, clothId: strip.clothId })),
      ...others.map((outcome) => ({ value: make?.(outcome), from: outcome.makeName, on: outcome.finishedOn, clothId: outcome.clothId })),
    ].flatMap(({ value, ...rest }) => (value !== undefined && value >= range[0] && value <= range[1] ? [{ value, ...rest }] : []));
    const same = ofCloth ? seen.filter((each) => clothId !== null && each.clothId === clothId) : [];
    const chosen = same.length > 0 ? same : ofCloth === 'only' && clothId !== null ? [] : seen;
    if (chosen.length === 0) return [];
    const sorted = chosen.map(({ value }) => value).sort((a, b) => a - b);
    const strips = chosen.filter(({ from }) => from === SWATCH).length;
    return [
      {
        id,
        label,
        usual,
        value: middleOf(sorted),
        low: sorted[0]!,
        high: sorted[sorted.length - 1]!,
        observations: chosen.map(({ value, from, on }) => ({ value, from, on })),
        says: `your figure, from ${countedWords(chosen.length - strips, strips)}${same.length > 0 ? ' of this cloth' : ''}`,
        ...(ofCloth ? { ofCloth } : {}),
        declined: declined.includes(id),
      },
    ];
  });
}

/** What a plan is worked out with where this person's own figures are known: choices not made by hand, figures, and what is said of each. */
export function withLearned(
  { choices: definitions }: Pick<Construction, 'choices'>,
  choices: Record<string, ChoiceValue>,
  learned: readonly LearnedFigure[],
): { choices: Record<string, ChoiceValue>; figures: Record<string, number>; learned: Record<string, string> } {
  const own: Record<string, ChoiceValue> = {};
  const figures: Record<string, number> = {};
  const said: Record<string, string> = {};
  // all the rest comes before the kinds of work in the list: what has a figure of its own takes that
  for (const { id, value, says, declined } of learned) {
    const sets = TEACHINGS.find((each) => each.id === id)?.sets;
    if (declined || !sets) continue;
    if (sets !== 'choice') {
      const set = sets === 'figure' ? { [id]: value } : timesAt(value, sets.timesOf);
      Object.assign(figures, set);
      for (const each of Object.keys(set)) said[each] = says;
    } else if (choices[id] === undefined && definitions.some((each) => each.id === id)) {
      own[id] = Math.round(value * 1000) / 1000;
      said[id] = says;
    }
  }
  return { choices: { ...own, ...choices }, figures, learned: said };
}
