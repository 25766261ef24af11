import type { ClothView, ElasticView, LogView, MakeDetail, MakeView, MeasureView, PersonView } from '@arcus/contract';
import type { Entry, Fields } from './entry.ts';

/**
 * What was read from the server with what is yet to be saved laid over it, so that a page shows what one has entered whether or not the
 * server has it. One function a list.
 */
type Kept = { id: string; version: number; archived: boolean };

const made = (entries: readonly Entry[], path: string): Fields[] =>
  entries.flatMap((entry) => (entry.kind === 'call' && entry.method === 'POST' && entry.path === path && entry.body ? [entry.body] : []));

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
    (body) => ({ note: '', child: false, version: 1, archived: false, body: {}, ...body }) as PersonView,
  );
  return all?.map((person) => {
    const lots = made(entries, `/api/people/${person.id}/measures`) as Array<{ entries: Array<{ measure: string; value: number }> }>;
    if (lots.length === 0) return person;
    return {
      ...person,
      body: { ...person.body, ...Object.fromEntries(lots.flatMap((lot) => lot.entries.map(({ measure, value }) => [measure, value]))) },
    };
  });
}

export function ledgerWith(personId: string, read: MeasureView[] | undefined, entries: readonly Entry[]): MeasureView[] | undefined {
  const lots = made(entries, `/api/people/${personId}/measures`) as Array<{ entries: Array<Omit<MeasureView, 'id'>> }>;
  const fresh = lots.flatMap((lot) => lot.entries).map((line, i): MeasureView => ({ ...line, note: line.note ?? '', id: -1 - i }));
  return read || fresh.length > 0 ? [...(read ?? []), ...fresh] : read;
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
    choices: {},
    dueOn: null,
    lay: null,
    station: 'measure',
    done: [],
    chalked: {},
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
  const fresh = made(entries, `/api/makes/${makeId}/log`).map(
    (body, i) => ({ makeId, planned: {}, note: '', nextTime: '', ...body, id: -1 - i }) as unknown as LogView,
  );
  return read || fresh.length > 0 ? [...(read ?? []), ...fresh] : read;
}
