import { choiceShown, clothFigures, formatLength, measureById, type ChoiceValue, type Construction, type Plan, type Units } from '@arcus/core';
import type { ClothView, ElasticView, MakeView, PersonView } from '@arcus/contract';
import type { Fields } from '../outbox/entry.ts';
import type { MakeDraft } from './draft.ts';

/** Ticked marks whose figures have moved by more than this no longer hold, mm: less can't be chalked. */
const MOVED = 0.5;

/** What one side has and the other, in words. */
export interface Difference {
  what: string;
  was: string;
  is: string;
}

interface Known {
  construction: Construction;
  people: readonly PersonView[];
  cloths: readonly ClothView[];
  elastics: readonly ElasticView[];
  units: Units;
}

const FIELDS: Record<string, string> = {
  name: 'Name',
  personId: 'Who it is for',
  clothId: 'Cloth',
  elasticId: 'Elastic',
  dueOn: 'Needed by',
  lay: 'The lay',
  station: 'Station',
};

/** What both sides changed in a make: theirs as `was`, mine as `is`. */
export function conflictsIn(theirs: Fields, mine: MakeDraft, { construction, people, cloths, elastics, units }: Known): Difference[] {
  const show = (field: string, value: unknown): string => {
    const [name, choice] = field.split('.') as [string, string | undefined];
    const definition = construction.choices.find(({ id }) => id === choice);
    if (definition) return value === null || value === undefined ? 'as proposed' : choiceShown(definition, value as ChoiceValue, units);
    if (value === null || value === undefined) return 'none';
    const among = { personId: people, clothId: cloths, elasticId: elastics }[name];
    if (among) return among.find(({ id }) => id === value)?.name ?? 'another';
    if (name === 'lay') return 'laid by hand';
    return typeof value === 'string' || typeof value === 'number' ? String(value) : 'changed';
  };
  return Object.entries(theirs).map(([field, value]) => {
    const [name, choice] = field.split('.') as [keyof MakeDraft, string | undefined];
    const own = choice === undefined ? mine[name] : (mine[name] as Fields)[choice];
    return {
      what: construction.choices.find(({ id }) => id === choice)?.label ?? FIELDS[name] ?? name,
      was: show(field, value),
      is: show(field, own),
    };
  });
}

const FIGURES: Record<string, string> = {
  width: 'width',
  selvedge: 'selvedge',
  lengthOnHand: 'length in the cupboard',
  repeat: 'repeat of the print',
  stretchAcross: 'stretch across',
  stretchAlong: 'stretch along',
  shrinkAcross: 'shrinkage across',
  shrinkAlong: 'shrinkage along',
  kind: 'kind',
  weight: 'weight',
  print: 'print',
  oneWay: 'nap or one-way print',
  sheer: 'see-through',
  frays: 'frays',
  prewashed: 'washed',
  greatestStretch: 'greatest stretch',
};
const SHARES = new Set(['stretchAcross', 'stretchAlong', 'shrinkAcross', 'shrinkAlong']);

/** What has changed under a make since it was last looked at: measures, cloth, elastic. */
export function changedUnder(
  { basis }: MakeView,
  now: { body: Readonly<Record<string, number>>; cloth?: ClothView; elastic?: ElasticView },
  construction: Construction,
  units: Units,
): Difference[] {
  if (!basis) return [];
  const used = [...construction.needs, ...(construction.needsOneOf ?? []).flat(), ...construction.optional];
  const length = (value: number | undefined) => (value === undefined ? 'not taken' : formatLength(value, units));
  const measures = used
    .filter((id) => basis.body[id] !== now.body[id])
    .map((id) => ({ what: measureById(id)?.label ?? id, was: length(basis.body[id]), is: length(now.body[id]) }));
  const { cloth, elastic } = now;
  const things = (what: string, was: Fields | null, is: Fields | undefined): Difference[] =>
    !was || !is
      ? []
      : Object.keys(FIGURES)
          .filter((key) => (was[key] ?? null) !== (is[key] ?? null))
          .map((key) => ({ what: `${what}, ${FIGURES[key]}`, was: figure(key, was[key], units), is: figure(key, is[key], units) }));
  return [
    ...measures,
    ...things(cloth?.name ?? '', basis.cloth, cloth && { ...clothFigures(cloth) }),
    ...things(elastic?.name ?? '', basis.elastic, elastic && { kind: elastic.kind, width: elastic.width, greatestStretch: elastic.greatestStretch }),
  ];
}

function figure(key: string, value: unknown, units: Units): string {
  if (value === null || value === undefined) return 'not known';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value !== 'number') return String(value);
  if (SHARES.has(key)) return `${Number((value * 100).toFixed(1))} %`;
  return key === 'greatestStretch' ? String(value) : formatLength(value, units);
}

/** A ticked chalk mark that was made at other figures than today's. */
export interface StaleTick {
  tick: string;
  /** What it says today, and what it was chalked at. */
  says: string;
}

/** Ticked marks that no longer hold: their figures have moved, or their mark is gone. */
export function staleTicks(plan: Plan, { done, chalked }: Pick<MakeDraft, 'done' | 'chalked'>): StaleTick[] {
  return done.flatMap((tick) => {
    const then = chalked[tick];
    if (!then) return [];
    const now = figuresOfTick(plan, tick);
    if (!now) return [{ tick, says: 'a mark that is no longer there' }];
    const moved = then.filter((figure, i) => Math.abs(figure - (now.figures[i] ?? Infinity)) > MOVED);
    if (moved.length === 0 && now.figures.length === then.length) return [];
    const at = moved.length > 0 && /\d/.test(now.says) ? ` Chalked at ${moved.map((figure) => formatLength(figure, plan.units)).join(', ')}.` : '';
    return [{ tick, says: `${now.piece}, now: ${now.says}.${at}` }];
  });
}

/** The figures a chalk mark measures off today. `tick`: "chalk:PIECE:MARK". */
export function figuresOfTick(plan: Plan, tick: string): { figures: number[]; piece: string; says: string } | undefined {
  const sheet = plan.chalk.find(({ piece }) => tick.startsWith(`chalk:${piece}:`));
  const mark = sheet?.marks.find(({ id }) => tick === `chalk:${sheet.piece}:${id}`);
  return sheet && mark && { figures: mark.quantities.map(({ value }) => value), piece: sheet.name, says: mark.says };
}
