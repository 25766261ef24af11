import { measureById, type Body } from '../body/measures.ts';
import { PLAIN_KNIT, PLAIN_WOVEN, type Cloth } from '../cloth/cloth.ts';
import { PLAIN_ELASTIC, USUAL_STRETCH, type Elastic } from '../cloth/elastic.ts';
import { WEARERS, wearerOf, type Wearer } from '../body/wearer.ts';
import { FIGURES } from '../figure/figures.ts';
import { CLOTH_ROLES, type ClothRole } from '../shapes/piece.ts';
import { likeMain } from '../sheet/cloths.ts';
import type { PlanRequest } from './request.ts';
import { BadInput } from '../errors/bad-input.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import type { Choice, ChoiceValue } from '../garments/choice.ts';
import type { Construction } from '../garments/construction.ts';
import { constructionById } from '../garments/index.ts';

/** A maker's own figure is no more than so many times the usual one, or as small a part of it: beyond that it is a slip. */
const FIGURE_RANGE = 20;
/** No measure of a person is longer than this, mm. */
const LONGEST_MEASURE = 5000;
/** No choice is larger than this in its own unit; a larger figure is a slip, not a wish. */
const LARGEST_CHOICE = 100_000;

/** Checks the body by name and range. Throws BadInput naming the measure. */
export function validateBody(construction: Construction, body: Body): void {
  if (typeof body !== 'object' || body === null || Array.isArray(body))
    throw new BadInput('body', 'must be an object of measures in millimetres, such as {"waist-girth": 700}');
  for (const [id, value] of Object.entries(body)) {
    if (!measureById(id)) throw new BadInput(`body.${id}`, 'is not a measure we know; see GET /api/constructions for those this garment needs');
    if (typeof value !== 'number' || !Number.isFinite(value)) throw new BadInput(`body.${id}`, 'must be a number of millimetres');
    if (value <= 0 || value > LONGEST_MEASURE) throw new BadInput(`body.${id}`, `must be more than 0 and at most ${LONGEST_MEASURE} mm`);
  }
  for (const id of construction.needs) {
    if (body[id] === undefined) throw new BadInput(`body.${id}`, `is needed for this garment: ${measureById(id)!.how}`);
  }
  for (const group of construction.needsOneOf ?? []) {
    if (!group.some((id) => body[id] !== undefined))
      throw new BadInput(`body.${group[0]}`, `is needed for this garment, or instead of it: ${group.slice(1).join(', ')}`);
  }
}

/** The estimates among the measures. Throws BadInput naming a measure that was not sent, or an estimate that says nothing. */
export function settleEstimates(body: Body, given: Record<string, string>): Readonly<Record<string, string>> {
  if (typeof given !== 'object' || given === null || Array.isArray(given))
    throw new BadInput('estimated', 'must be an object of measures and what each was estimated from');
  for (const [id, from] of Object.entries(given)) {
    if (!Object.hasOwn(body, id)) throw new BadInput(`estimated.${id}`, 'is not among the measures in body');
    if (typeof from !== 'string' || from === '' || from.length > 120) throw new BadInput(`estimated.${id}`, 'must say what it was estimated from');
  }
  return given;
}

/** Every choice with its value: the person's, else the default. Throws BadInput or Unmakeable naming the choice. */
export function settleChoices(construction: Construction, given: Record<string, ChoiceValue>, kind: Cloth['kind']): Map<string, ChoiceValue | null> {
  if (typeof given !== 'object' || given === null || Array.isArray(given))
    throw new BadInput('choices', 'must be an object of choice ids and values');
  const known = new Map(construction.choices.map((choice) => [choice.id, choice]));
  for (const id of Object.keys(given)) {
    if (!known.has(id)) throw new BadInput(`choices.${id}`, `is not a choice of ${construction.id}; there are: ${[...known.keys()].join(', ')}`);
  }
  const settled = new Map<string, ChoiceValue | null>();
  for (const choice of known.values()) {
    const value = Object.hasOwn(given, choice.id) ? given[choice.id] : undefined;
    if (value !== undefined) assertChoice(choice, value);
    const fallback = kind === 'knit' && choice.knitDefault !== undefined ? choice.knitDefault : choice.default;
    settled.set(choice.id, value ?? fallback);
  }
  return settled;
}

/**
 * Whether choices are choices of a construction at all: known by name, of the right kind. What is only too much or too little passes:
 * it can be kept and mended. Throws BadInput naming the choice.
 */
export function assertChoices(constructionId: string, given: Record<string, ChoiceValue>): void {
  const construction = constructionById(constructionId);
  if (!construction) throw new BadInput('construction', `“${constructionId}” is not a construction we know`);
  for (const [id, value] of Object.entries(given)) {
    try {
      settleChoices(construction, { [id]: value }, 'woven');
    } catch (error) {
      if (!(error instanceof Unmakeable)) throw error;
    }
  }
}

function assertChoice(choice: Choice, value: ChoiceValue): void {
  const field = `choices.${choice.id}`;
  if (choice.kind === 'yes-no') {
    if (typeof value !== 'boolean') throw new BadInput(field, 'must be true or false');
    return;
  }
  if (choice.kind === 'one-of') {
    if (typeof value !== 'string' || !choice.options!.includes(value)) throw new BadInput(field, `must be one of ${choice.options!.join(', ')}`);
    return;
  }
  const unit = choice.kind === 'length' ? 'number of millimetres' : choice.kind === 'count' ? 'whole number' : 'plain number';
  if (typeof value !== 'number' || !Number.isFinite(value)) throw new BadInput(field, `must be a ${unit}`);
  if (choice.kind === 'count' && !Number.isInteger(value)) throw new BadInput(field, 'must be a whole number');
  const { min = 0, max = LARGEST_CHOICE } = choice;
  if ((value < 0 && min >= 0) || Math.abs(value) > LARGEST_CHOICE) throw new BadInput(field, `must be between ${min} and ${max}`);
  if (value < min) throw new Unmakeable(field, `${choice.label} of ${value} is too little.`, min);
  if (value > max) throw new Unmakeable(field, `${choice.label} of ${value} is too much.`, max);
}

/** What a figure of a cloth can be. */
export const CLOTH_RANGES: Partial<Record<keyof Cloth, [number, number]>> = {
  width: [50, 10_000],
  selvedge: [0, 200],
  stretchAcross: [0, 4],
  stretchAlong: [0, 4],
  shrinkAcross: [0, 0.5],
  shrinkAlong: [0, 0.5],
  repeat: [0, 2000],
  lengthOnHand: [0, 1_000_000],
  pricePerMetre: [0, 100_000],
};
const CLOTH_WORDS: Partial<Record<keyof Cloth, string[]>> = {
  kind: ['woven', 'knit'],
  weight: ['light', 'medium', 'heavy'],
  print: ['none', 'up', 'across'],
};
const CLOTH_FLAGS: Array<keyof Cloth> = ['oneWay', 'sheer', 'frays', 'prewashed'];

/** The cloth with the defaults of its construction filled in. Throws BadInput naming the field. */
export function settleCloth(construction: Construction, given: Partial<Cloth>): Cloth {
  assertFields('cloth', given, CLOTH_RANGES, CLOTH_WORDS, CLOTH_FLAGS);
  const cloth = { ...(construction.knitOnly ? PLAIN_KNIT : PLAIN_WOVEN), ...withoutUndefined(given) };
  if (cloth.width - 2 * cloth.selvedge <= 0) throw new BadInput('cloth.selvedge', 'leaves nothing of the cloth: it must be less than half the width');
  return cloth;
}

/** Further cloths by role, each filled up from the main one. Throws BadInput naming the role or the field. */
export function settleCloths(main: Cloth, given: NonNullable<PlanRequest['cloths']>): Partial<Record<ClothRole, Cloth>> {
  if (typeof given !== 'object' || given === null || Array.isArray(given))
    throw new BadInput('cloths', 'must be an object of cloths by what they are for');
  const roles = CLOTH_ROLES.filter((role) => role !== 'main');
  const cloths: Partial<Record<ClothRole, Cloth>> = {};
  for (const [role, cloth] of Object.entries(given)) {
    if (!roles.includes(role as never))
      throw new BadInput(`cloths.${role}`, `is not a cloth we know; there are: ${roles.join(', ')} (the main cloth is “cloth”)`);
    if (cloth === undefined) continue;
    assertFields(`cloths.${role}`, cloth, CLOTH_RANGES, CLOTH_WORDS, CLOTH_FLAGS);
    const settled: Cloth = { ...likeMain(main), ...withoutUndefined(cloth) };
    if (settled.width - 2 * settled.selvedge <= 0)
      throw new BadInput(`cloths.${role}.selvedge`, 'leaves nothing of the cloth: it must be less than half the width');
    cloths[role as ClothRole] = settled;
  }
  return cloths;
}

/** Who wears it: as said, or as the body tells. Throws BadInput on a word we don't know. */
export function settleWearer(body: Body, given: Wearer | undefined): Wearer {
  if (given === undefined) return wearerOf(body);
  if (!WEARERS.includes(given)) throw new BadInput('wearer', `must be one of ${WEARERS.join(', ')}`);
  return given;
}

/** The maker's own figures. Throws BadInput naming one we don't reckon with, or that is no sensible number. */
export function settleFigures(given: Record<string, number>): Record<string, number> {
  if (typeof given !== 'object' || given === null || Array.isArray(given)) throw new BadInput('figures', 'must be an object of figures by id');
  for (const [id, value] of Object.entries(given)) {
    const known = Object.hasOwn(FIGURES, id) ? FIGURES[id]! : undefined;
    if (!known) throw new BadInput(`figures.${id}`, `is not a figure we reckon with; there are: ${Object.keys(FIGURES).join(', ')}`);
    if (typeof value !== 'number' || !Number.isFinite(value)) throw new BadInput(`figures.${id}`, 'must be a number');
    const [low, high] = [known.value / FIGURE_RANGE, known.value * FIGURE_RANGE];
    if (value < low || value > high)
      throw new BadInput(`figures.${id}`, `must be between ${Number(low.toPrecision(3))} and ${Number(high.toPrecision(3))}`);
  }
  return given;
}

export const ELASTIC_RANGES = { width: [2, 200], greatestStretch: [1.01, 6] } satisfies Partial<Record<keyof Elastic, [number, number]>>;

/** The elastic with its defaults; the greatest stretch follows the kind unless given. Throws BadInput naming the field. */
export function settleElastic(given: Partial<Elastic>): Elastic {
  assertFields('elastic', given, ELASTIC_RANGES, { kind: Object.keys(USUAL_STRETCH) }, []);
  const elastic = { ...PLAIN_ELASTIC, ...withoutUndefined(given) };
  return given.greatestStretch === undefined ? { ...elastic, greatestStretch: USUAL_STRETCH[elastic.kind] } : elastic;
}

function withoutUndefined<T extends object>(given: T): Partial<T> {
  return Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined)) as Partial<T>;
}

function assertFields(name: string, given: object, ranges: Record<string, [number, number]>, words: Record<string, string[]>, flags: string[]): void {
  if (typeof given !== 'object' || given === null || Array.isArray(given)) throw new BadInput(name, 'must be an object');
  for (const [key, value] of Object.entries(given) as Array<[string, unknown]>) {
    if (value === undefined) continue;
    const field = `${name}.${key}`;
    const range = Object.hasOwn(ranges, key) ? ranges[key] : undefined;
    const list = Object.hasOwn(words, key) ? words[key] : undefined;
    if (range) {
      if (typeof value !== 'number' || !Number.isFinite(value)) throw new BadInput(field, 'must be a number');
      if (value < range[0] || value > range[1]) throw new BadInput(field, `must be between ${range[0]} and ${range[1]}`);
    } else if (list) {
      if (typeof value !== 'string' || !list.includes(value)) throw new BadInput(field, `must be one of ${list.join(', ')}`);
    } else if (flags.includes(key)) {
      if (typeof value !== 'boolean') throw new BadInput(field, 'must be true or false');
    } else throw new BadInput(field, `is not known; there are: ${[...Object.keys(ranges), ...Object.keys(words), ...flags].join(', ')}`);
  }
}
