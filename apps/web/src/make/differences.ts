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
  otherCloths: 'Cloth of a part',
  dueOn: 'Needed by',
  lay: 'The lay',
  station: 'Station',
};

/** How a field of a make is said: what it is called, and what a value of it reads. */
function saying({ construction, people, cloths, elastics, units }: Known) {
  const show = (field: string, value: unknown): string => {
    const [name, choice] = field.split('.') as [string, string | undefined];
    const definition = construction.choices.find(({ id }) => id === choice);
    if (definition) {
      const shown = value ?? definition.default;
      return shown === null ? 'worked out' : choiceShown(definition, shown as ChoiceValue, units);
    }
    if (value === null || value === undefined) return 'none';
    const among = { personId: people, clothId: cloths, otherCloths: cloths, elasticId: elastics }[name];
    if (among) return among.find(({ id }) => id === value)?.name ?? 'another';
    if (name === 'lay') return 'laid by hand';
    return typeof value === 'string' || typeof value === 'number' ? String(value) : 'changed';
  };
  const called = (field: string) => {
    const [name, choice] = field.split('.') as [string, string | undefined];
    return construction.choices.find(({ id }) => id === choice)?.label ?? FIELDS[name] ?? name;
  };
  return { show, called };
}

/** What both sides changed in a make: theirs as `was`, mine as `is`. */
export function conflictsIn(theirs: Fields, mine: MakeDraft, known: Known): Difference[] {
  const { show, called } = saying(known);
  return Object.entries(theirs).map(([field, value]) => {
    const [name, choice] = field.split('.') as [keyof MakeDraft, string | undefined];
    const own = choice === undefined ? mine[name] : (mine[name] as Fields)[choice];
    return { what: called(field), was: show(field, value), is: show(field, own) };
  });
}

/** What differs between two states of a make, in words, for whoever steps back or forward: "Length: 60.0 cm". */
export function stepSaid(from: MakeDraft, to: MakeDraft, plan: Plan | undefined, known: Known): string[] {
  const { show, called } = saying(known);
  const differs = (a: unknown, b: unknown) => JSON.stringify(a) !== JSON.stringify(b);
  const within = (name: 'choices' | 'otherCloths') =>
    [...new Set([...Object.keys(from[name]), ...Object.keys(to[name])])]
      .filter((id) => differs(from[name][id], to[name][id]))
      .map((id) => `${name}.${id}`);
  const plain = (['name', 'personId', 'clothId', 'elasticId', 'dueOn', 'lay'] as const).filter((name) => differs(from[name], to[name]));
  const valueOf = (field: string): unknown => {
    const [name, id] = field.split('.') as [keyof MakeDraft, string | undefined];
    return id === undefined ? to[name] : (to[name] as Fields)[id];
  };
  const fields = [...plain, ...within('choices'), ...within('otherCloths')].map((field) => `${called(field)}: ${show(field, valueOf(field))}`);
  const ticks = (of: MakeDraft, than: MakeDraft) => of.done.filter((tick) => !than.done.includes(tick) && !tick.startsWith('station:'));
  return [
    ...fields,
    ...ticks(from, to).map((tick) => `unticked: ${tickSaid(tick, plan)}`),
    ...ticks(to, from).map((tick) => `ticked: ${tickSaid(tick, plan)}`),
  ];
}

function tickSaid(tick: string, plan: Plan | undefined): string {
  const step = plan?.steps.find(({ id }) => tick === `sew:${id}`);
  return step?.title ?? (plan && figuresOfTick(plan, tick)?.says) ?? 'a tick';
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
  now: { body: Readonly<Record<string, number>>; cloth?: ClothView; others?: Readonly<Record<string, ClothView>>; elastic?: ElasticView },
  construction: Construction,
  units: Units,
): Difference[] {
  if (!basis) return [];
  const used = [...construction.needs, ...(construction.needsOneOf ?? []).flat(), ...construction.optional];
  const length = (value: number | undefined) => (value === undefined ? 'not taken' : formatLength(value, units));
  const measures = used
    .filter((id) => basis.body[id] !== now.body[id])
    .map((id) => ({ what: measureById(id)?.label ?? id, was: length(basis.body[id]), is: length(now.body[id]) }));
  const { cloth, others = {}, elastic } = now;
  const things = (what: string, was: Fields | null, is: Fields | undefined): Difference[] =>
    !was || !is
      ? []
      : Object.keys(FIGURES)
          .filter((key) => (was[key] ?? null) !== (is[key] ?? null))
          .map((key) => ({ what: `${what}, ${FIGURES[key]}`, was: figure(key, was[key], units), is: figure(key, is[key], units) }));
  return [
    ...measures,
    ...things(cloth?.name ?? '', basis.cloth, cloth && { ...clothFigures(cloth) }),
    ...Object.entries(others).flatMap(([role, each]) => things(each.name, basis.otherCloths?.[role] ?? null, { ...clothFigures(each) })),
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
