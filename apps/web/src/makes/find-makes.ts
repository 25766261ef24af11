import type { ClothView, MakeView, OutcomeView, PersonView } from '@arcus/contract';
import { constructionById } from '@arcus/core';

/** What one looks for among the makes; all of it stands in the address. */
export interface Wanted {
  text: string;
  person: string;
  kind: string;
  cloth: string;
  verdict: string;
  sort: Sort;
}

export const SORTS = { due: 'Soonest needed', changed: 'Last worked at', finished: 'Last finished', name: 'By name' } as const;
export type Sort = keyof typeof SORTS;

export interface Shelves {
  people: readonly PersonView[];
  cloths: readonly ClothView[];
  outcomes: readonly OutcomeView[];
}

/** What is asked for in an address. */
export function wantedIn(query: URLSearchParams): Wanted {
  const of = (key: string) => query.get(key) ?? '';
  const sort = of('sort');
  return {
    text: of('q'),
    person: of('person'),
    kind: of('kind'),
    cloth: of('cloth'),
    verdict: of('verdict'),
    sort: sort in SORTS ? (sort as Sort) : 'due',
  };
}

/** The last verdict on a make, if it was worn. */
export const verdictOf = (make: Pick<MakeView, 'id'>, outcomes: readonly OutcomeView[]) =>
  outcomes.findLast(({ makeId }) => makeId === make.id)?.verdict;

/** The makes that are wanted, in the order they are wanted in; every word of the text has to be found somewhere: name, kind, person, cloth, notes. */
export function findMakes(makes: readonly MakeView[], wanted: Wanted, { people, cloths, outcomes }: Shelves): MakeView[] {
  const words = fold(wanted.text).split(/\s+/).filter(Boolean);
  const saidOf = (make: MakeView) =>
    fold(
      [
        make.name,
        constructionById(make.construction)?.name,
        people.find(({ id }) => id === make.personId)?.name,
        cloths.find(({ id }) => id === make.clothId)?.name,
        ...outcomes.filter(({ makeId }) => makeId === make.id).flatMap(({ note, nextTime }) => [note, nextTime]),
      ].join(' '),
    );
  const fits = (make: MakeView) =>
    (!wanted.person || make.personId === wanted.person) &&
    (!wanted.kind || make.construction === wanted.kind) &&
    (!wanted.cloth || make.clothId === wanted.cloth || Object.values(make.otherCloths).includes(wanted.cloth)) &&
    (!wanted.verdict || verdictOf(make, outcomes) === wanted.verdict) &&
    (words.length === 0 || ((said) => words.every((word) => said.includes(word)))(saidOf(make)));
  return makes.filter(fits).sort(ORDER[wanted.sort]);
}

const ORDER: Record<Sort, (a: MakeView, b: MakeView) => number> = {
  due: (a, b) => (a.dueOn ?? '9').localeCompare(b.dueOn ?? '9'),
  changed: (a, b) => b.updatedAt.localeCompare(a.updatedAt),
  finished: (a, b) => (b.finishedOn ?? '').localeCompare(a.finishedOn ?? ''),
  name: (a, b) => a.name.localeCompare(b.name),
};

/** Case and accents don't matter to whoever looks for something. */
const fold = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
