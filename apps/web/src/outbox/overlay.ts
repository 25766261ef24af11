import type {
  ClothView,
  ElasticView,
  ExperienceView,
  LogView,
  MakeDetail,
  MakeView,
  MeasureView,
  PersonView,
  SettingsView,
  SwatchView,
} from '@arcus/contract';
import { estimatesIn } from '@arcus/core';
import type { Entry, Fields } from './entry.ts';

/**
 * What was read from the server with what is yet to be saved laid over it, so that a page shows what one has entered whether or not the
 * server has it. One function a list.
 */
type Kept = { id: string; version: number; archived: boolean };

const made = (entries: readonly Entry[], path: string): Fields[] =>
  entries.flatMap((entry) => (entry.kind === 'call' && entry.method === 'POST' && entry.path === path && entry.body ? [entry.body] : []));

/** What was struck out (true) or put back (false) below a path, by number: the last word counts. */
function strikes(entries: readonly Entry[], path: string): Map<number, boolean> {
  const found = new Map<number, boolean>();
  for (const entry of entries) {
    const [, id, back] = new RegExp(`^${path}/(\\d+)(/restore)?$`).exec(entry.path) ?? [];
    if (id !== undefined) found.set(Number(id), back === undefined);
  }
  return found;
}

/** Things made, changed and put away, by the path of their list. */
function kept<T extends Kept>(path: string, read: readonly T[] | undefined, entries: readonly Entry[], fresh: (body: Fields) => T): T[] | undefined {
  if (read === undefined) return undefined;
  const known = new Set(read.map(({ id }) => id));
  const all = [
    ...read,
    ...made(entries, path)
      .map(fresh)
      .filter(({ id }) => !known.has(id)),
  ];
  const away = new Set(entries.flatMap((entry) => (entry.kind === 'call' && entry.method === 'DELETE' ? [entry.path] : [])));
  return all
    .filter(({ id }) => !away.has(`${path}/${id}`))
    .map((each) => {
      const edit = entries.find((entry) => entry.kind === 'edit' && entry.path === `${path}/${each.id}`);
      return edit?.kind === 'edit' ? { ...each, ...edit.mine } : each;
    });
}

export function peopleWith(read: PersonView[] | undefined, entries: readonly Entry[]): PersonView[] | undefined {
  const all = kept<PersonView>(
    '/api/people',
    read,
    entries,
    (body) => ({ note: '', child: false, version: 1, archived: false, body: {}, estimated: {}, ...body }) as PersonView,
  );
  return all?.map((person) => {
    const lots = made(entries, `/api/people/${person.id}/measures`) as Array<{ entries: Array<{ measure: string; value: number; note?: string }> }>;
    if (lots.length === 0) return person;
    const lines = lots.flatMap((lot) => lot.entries);
    const measured = new Set(lines.map(({ measure }) => measure));
    return {
      ...person,
      body: { ...person.body, ...Object.fromEntries(lines.map(({ measure, value }) => [measure, value])) },
      estimated: {
        ...Object.fromEntries(Object.entries(person.estimated).filter(([id]) => !measured.has(id))),
        ...estimatesIn([...new Map(lines.map(({ measure, note = '' }) => [measure, { measure, note }])).values()]),
      },
    };
  });
}

export function ledgerWith(personId: string, read: MeasureView[] | undefined, entries: readonly Entry[]): MeasureView[] | undefined {
  // what was sent just now may be read already, and is not to stand there twice
  const stored = new Set(read?.map(({ key }) => key));
  const lots = made(entries, `/api/people/${personId}/measures`) as Array<{
    key: string;
    entries: Array<Omit<MeasureView, 'id' | 'key'> & { putsRight?: boolean }>;
  }>;
  const fresh = lots
    .filter(({ key }) => !stored.has(key))
    .flatMap(({ key, entries: lines }) => lines.map((line) => ({ ...line, key })))
    .map((line, i) => ({ ...line, note: line.note ?? '', id: -1 - i, struck: false }));
  if (!read && fresh.length === 0) return read;
  const struck = strikes(entries, `/api/people/${personId}/measures`);
  const all = [...(read ?? []), ...fresh];
  const putRight = (line: MeasureView) =>
    fresh.some(
      (later) => later.putsRight && later.measure === line.measure && later.takenOn === line.takenOn && all.indexOf(line) < all.indexOf(later),
    );
  return all.map((line) => ({ ...line, struck: struck.get(line.id) ?? (line.struck || putRight(line)) }));
}

const CLOTH = { fibre: '', colour: '#b96a5a', note: '', selvedge: 10, weight: 'medium', stretchAcross: 0, stretchAlong: 0, shrinkAcross: 0, shrinkAlong: 0, print: 'none', oneWay: false, sheer: false, frays: true, prewashed: false, repeat: 0, lengthOnHand: null, pricePerMetre: null, version: 1, archived: false }; // prettier-ignore

export const clothsWith = (read: ClothView[] | undefined, entries: readonly Entry[]) =>
  kept<ClothView>('/api/cloths', read, entries, (body) => ({ ...CLOTH, ...body }) as ClothView);

export const elasticsWith = (read: ElasticView[] | undefined, entries: readonly Entry[]) =>
  kept<ElasticView>(
    '/api/elastics',
    read,
    entries,
    (body) => ({ greatestStretch: 1.5, lengthOnHand: null, note: '', version: 1, archived: false, ...body }) as ElasticView,
  );

const freshMake = (body: Fields): MakeView =>
  ({
    clothId: null,
    elasticId: null,
    otherCloths: {},
    choices: {},
    dueOn: null,
    lay: null,
    station: 'measure',
    done: [],
    chalked: {},
    tally: {},
    basis: null,
    version: 1,
    archived: false,
    finishedOn: null,
    summary: { figures: {}, verdict: 'ok', says: '', stale: true },
    updatedAt: new Date().toISOString(),
    ...body,
  }) as unknown as MakeView;

export function makesWith(read: MakeView[] | undefined, entries: readonly Entry[]): MakeView[] | undefined {
  const all = kept<MakeView>('/api/makes', read, entries, freshMake);
  return all?.map((make) => {
    const logs = made(entries, `/api/makes/${make.id}/log`) as Array<{ finishedOn: string }>;
    return logs.length > 0 ? { ...make, finishedOn: logs[logs.length - 1]!.finishedOn } : make;
  });
}

/** One make: as it was read, else as the list has it, else as it was entered. What is being edited stays with its editor. */
export function makeWith(
  id: string,
  read: MakeDetail | undefined,
  all: readonly MakeView[] | undefined,
  entries: readonly Entry[],
): MakeDetail | undefined {
  if (read) return read;
  const known = all?.find((make) => make.id === id) ?? made(entries, '/api/makes').filter((body) => body['id'] === id).map(freshMake)[0]; // prettier-ignore
  return known && { ...known, lays: [] };
}

export function logWith(makeId: string, read: LogView[] | undefined, entries: readonly Entry[]): LogView[] | undefined {
  const stored = new Set(read?.map(({ key }) => key));
  const unread = made(entries, `/api/makes/${makeId}/log`).filter((body) => !stored.has(body['key'] as string));
  const fresh = unread.map((body, i) => ({ makeId, planned: {}, note: '', nextTime: '', struck: false, ...body, id: -1 - i }) as unknown as LogView);
  if (!read && fresh.length === 0) return read;
  const struck = strikes(entries, `/api/makes/${makeId}/log`);
  return [...(read ?? []), ...fresh].map((entry) => ({ ...entry, struck: struck.get(entry.id) ?? entry.struck }));
}

/** Swatches kept and put away, and defaults wanted, before the server has them. */
export function experienceWith(read: ExperienceView | undefined, entries: readonly Entry[]): ExperienceView | undefined {
  if (!read || entries.length === 0) return read;
  const path = '/api/experience/swatches';
  const calls = entries.filter((entry) => entry.kind === 'call');
  const away = new Set(calls.flatMap((entry) => (entry.method === 'DELETE' ? [entry.path] : [])));
  const stored = new Set(read.swatches.map(({ id }) => id));
  const fresh = made(entries, path)
    .filter((body) => !stored.has(body['id'] as string))
    .map((body) => ({ clothId: null, elasticId: null, way: 'across', steamed: null, note: '', ...body }) as unknown as SwatchView);
  const wanted = calls.findLast((entry) => entry.method === 'PUT' && entry.path === '/api/experience/declined');
  return {
    ...read,
    swatches: [...read.swatches, ...fresh].filter(({ id }) => !away.has(`${path}/${id}`)),
    declined: (wanted?.body?.['ids'] as string[] | undefined) ?? read.declined,
  };
}

/** How one works, with what was said since: the last word on each counts. */
export const settingsWith = (read: SettingsView | undefined, entries: readonly Entry[]): SettingsView | undefined =>
  read && entries.reduce((now, entry) => (entry.kind === 'call' ? { ...now, [entry.path.slice('/api/settings/'.length)]: entry.body } : now), read);
