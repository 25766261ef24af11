import { FIGURES } from '../figure/figures.ts';
import type { Outcome, SwatchSeen } from './experience.ts';

/** A figure that strips and finished makes can teach, and how. */
export interface Teaching {
  id: string;
  label: string;
  /** What is reckoned with without it. */
  usual: number;
  /** What lies outside was measured wrongly. */
  range: readonly [number, number];
  /** Strips and makes of the same cloth go before others ("first"), or nothing else counts ("only"). */
  ofCloth?: 'first' | 'only';
  /** What a strip shows; none where it is of another kind. */
  swatch?(strip: SwatchSeen): number | undefined;
  /** What one make shows: the figure that would have made its plan come true. */
  make?(outcome: Outcome): number | undefined;
  /** What it sets: the choice of this id where a construction has it, the figure of the same id, or times of the hand. */
  sets: 'choice' | 'figure' | { timesOf: string | 'all the rest' };
}

const STEAM = 0.05;
const drawnIn = (kind: SwatchSeen['kind']) => (strip: SwatchSeen) => (strip.kind === kind ? strip.before / strip.after : undefined);

const GATHERED: Teaching[] = [
  {
    id: 'takeUp',
    label: 'Take-up of shirring',
    usual: 1.8,
    range: [1.2, 3],
    ofCloth: 'first',
    sets: 'choice',
    swatch: drawnIn('shirring'),
    make: ({ planned, actuals, choices }) => {
      const [flat, relaxed] = [planned['shirr-flat'], actuals['shirr-relaxed']];
      const steam = typeof choices['steam'] === 'number' ? choices['steam'] : STEAM;
      return flat && relaxed ? (flat * (1 - steam)) / relaxed : undefined;
    },
  },
  {
    id: 'steam',
    label: 'Drawn in by steam',
    usual: STEAM,
    range: [0, 0.2],
    ofCloth: 'first',
    sets: 'choice',
    swatch: ({ kind, after, steamed }) => (kind === 'shirring' && steamed !== null ? 1 - steamed / after : undefined),
  },
  {
    id: 'bobbinMetres',
    label: 'A bobbin of elastic thread sews, metres',
    usual: 8,
    range: [1, 30],
    sets: 'choice',
    make: ({ planned, actuals }) => {
      const [rows, row, bobbins, flat] = [planned['shirr-rows'], planned['row-length'], actuals['bobbins'], planned['shirr-flat']];
      // the last bobbin is seldom empty: so much it sewed at least
      return rows && row && bobbins && flat ? (rows * flat) / bobbins / 1000 : undefined;
    },
  },
  {
    id: 'gather-reach',
    label: FIGURES['gather-reach']!.label,
    usual: FIGURES['gather-reach']!.value,
    range: [1.05, 12],
    ofCloth: 'only',
    sets: 'figure',
    swatch: drawnIn('gather'),
  },
  {
    id: 'crinkle-take-up',
    label: FIGURES['crinkle-take-up']!.label,
    usual: FIGURES['crinkle-take-up']!.value,
    range: [1, 6],
    ofCloth: 'first',
    sets: 'figure',
    swatch: drawnIn('crinkle'),
    make: ({ planned, actuals }) => {
      const [flat, crinkled] = [planned['hem-sweep'], actuals['crinkled-sweep']];
      return flat && crinkled ? flat / crinkled : undefined;
    },
  },
];

const AS_LONG = [0.25, 4] as const;
/** What is left beside the clocks says something only from this share of all minutes on. */
const LEAST_REST = 0.15;

/** Time of everything no clock ran for: what the whole took, less what was clocked, against the rule of thumb. */
const REST: Teaching = {
  id: 'time',
  label: 'Everything no clock ran for',
  usual: 1,
  range: AS_LONG,
  sets: { timesOf: 'all the rest' },
  make: ({ planned, actuals, times }) => {
    const [usual, real] = [times?.usual ?? planned['sewing-minutes'], actuals['sewing-minutes']];
    if (!usual || !real) return undefined;
    const clocked = (of: 'usual' | 'real') => (times?.works ?? []).reduce((sum, work) => sum + work[of], 0);
    const [left, took] = [usual - clocked('usual'), real - clocked('real')];
    return left >= LEAST_REST * usual && took > 0 ? took / left : real / usual;
  },
};

const WORKS = Object.keys(FIGURES).flatMap((id) => (id.endsWith('-beginner') && id !== 'pace-beginner' ? [id.slice(0, -'-beginner'.length)] : []));

const timeOf = (work: string): Teaching => ({
  id: `time-${work}`,
  label: FIGURES[`${work}-beginner`]!.label.replace(', taking it slowly', ''),
  usual: 1,
  range: AS_LONG,
  sets: { timesOf: work },
  make: ({ times }) => {
    const clocked = times?.works.find((each) => each.work === work);
    return clocked && clocked.usual > 0 ? clocked.real / clocked.usual : undefined;
  },
});

/** Everything that can be learnt, in the order it is told. */
export const TEACHINGS: readonly Teaching[] = [...GATHERED, REST, ...WORKS.map(timeOf)];

/** Times of the hand so many times as long: those of one kind of work, or all of them. */
export function timesAt(factor: number, work: string | 'all the rest'): Record<string, number> {
  const times = Object.entries(FIGURES).filter(([id]) =>
    work === 'all the rest' ? /-(beginner|practised)$/.test(id) || id === 'pace-hand' : id === `${work}-beginner` || id === `${work}-practised`,
  );
  return Object.fromEntries(times.map(([id, { value, unit }]) => [id, unit === 'mm a min' ? value / factor : value * factor]));
}
