import type { Fields } from './entry.ts';

export interface Merged {
  fields: Fields;
  /** Fields that both changed, differently; `fields` has mine. By name: "dueOn", "choices.length". */
  conflicts: Fields;
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
const isMap = (value: unknown): value is Fields => typeof value === 'object' && value !== null && !Array.isArray(value);
const isList = (value: unknown): value is string[] => Array.isArray(value) && value.every((each) => typeof each === 'string');

/**
 * My changes since `base` on top of what is stored now: field by field, choice by choice, tick by tick. What only one side changed is
 * taken; what both changed alike is no matter; the rest is told and stays mine until the person decides.
 */
export function merge(base: Fields, mine: Fields, theirs: Fields, within = ''): Merged {
  const fields: Fields = {};
  const conflicts: Fields = {};
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const [was, own, other] = [base[key], mine[key], theirs[key]];
    const take = (value: unknown) => value !== undefined && (fields[key] = value);
    if (same(own, was)) take(other);
    else if (same(other, was) || same(own, other)) take(own);
    else if (isList(own) && isList(other)) take(mergedTicks(isList(was) ? was : [], own, other));
    else if (isMap(own) && isMap(other) && within === '') {
      const inside = merge(isMap(was) ? was : {}, own, other, `${key}.`);
      take(inside.fields);
      Object.assign(conflicts, inside.conflicts);
    } else {
      take(own);
      conflicts[within + key] = other ?? null;
    }
  }
  return { fields, conflicts };
}

/** Ticks that either side set or took away. */
function mergedTicks(was: readonly string[], mine: readonly string[], theirs: readonly string[]): string[] {
  const gone = was.filter((tick) => !mine.includes(tick));
  const fresh = mine.filter((tick) => !was.includes(tick) && !theirs.includes(tick));
  return [...theirs.filter((tick) => !gone.includes(tick)), ...fresh];
}

/** In how many fields, choices and ticks two states differ. */
export function apart(a: Fields, b: Fields): number {
  let count = 0;
  for (const key of new Set([...Object.keys(a), ...Object.keys(b)])) {
    const [one, other] = [a[key], b[key]];
    if (same(one, other)) continue;
    if (isMap(one) && isMap(other)) count += apart(one, other);
    else if (isList(one) && isList(other))
      count += one.filter((tick) => !other.includes(tick)).length + other.filter((tick) => !one.includes(tick)).length;
    else count++;
  }
  return count;
}

/** The state among some (at least one) that differs least from another; of equals the latest. */
export const nearest = (to: Fields, states: readonly Fields[]): Fields =>
  states.reduce((best, each) => (apart(each, to) <= apart(best, to) ? each : best));

/** The fields that differ, ready for a PATCH; undefined where nothing does. */
export function changesBetween(saved: Fields, now: Fields): Fields | undefined {
  const keys = Object.keys(now).filter((key) => !same(saved[key], now[key]));
  return keys.length === 0 ? undefined : Object.fromEntries(keys.map((key) => [key, now[key]]));
}

/** The fields that differ from at least one of the states that may be stored; undefined where nothing does. */
export function unlikeAny(stored: readonly Fields[], now: Fields): Fields | undefined {
  const found = stored.flatMap((each) => changesBetween(each, now) ?? []);
  return found.length === 0 ? undefined : Object.assign({}, ...found);
}

/** Takes the stored value of each field in conflict. */
export function takeTheirs(mine: Fields, theirs: Fields): Fields {
  const out = structuredClone(mine);
  for (const [name, value] of Object.entries(theirs)) {
    const [field, inside] = name.split('.') as [string, string | undefined];
    if (inside === undefined) out[field] = value;
    else {
      const others = Object.entries(out[field] as Fields).filter(([key]) => key !== inside);
      out[field] = Object.fromEntries(value === null ? others : [...others, [inside, value]]);
    }
  }
  return out;
}

/** The fields of a stored thing that an edit is about. */
export function pickLike(stored: Fields, like: Fields): Fields {
  return Object.fromEntries(Object.keys(like).map((key) => [key, stored[key] ?? null]));
}
