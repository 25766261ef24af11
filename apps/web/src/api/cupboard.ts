import type { ClothView, ElasticView } from '@arcus/contract';
import { asTried } from '@arcus/core';
import { useMemo } from 'react';
import useSWR from 'swr';
import { newId, type Fields } from '../outbox/entry.ts';
import { clothsWith, elasticsWith } from '../outbox/overlay.ts';
import { outbox, useEntries } from '../outbox/use-outbox.ts';
import { useExperience } from './experience.ts';

export type Shelf = 'cloths' | 'elastics';

/** Cloths as their records say: for what edits them. */
export function useClothRecords() {
  const answer = useSWR<ClothView[]>('/api/cloths');
  const entries = useEntries('/api/cloths');
  const data = useMemo(() => clothsWith(answer.data, entries), [answer.data, entries]);
  return { ...answer, data };
}

/** Elastics as their records say. */
export function useElasticRecords() {
  const answer = useSWR<ElasticView[]>('/api/elastics');
  const entries = useEntries('/api/elastics');
  const data = useMemo(() => elasticsWith(answer.data, entries), [answer.data, entries]);
  return { ...answer, data };
}

/** The things of a shelf with what was tried on strips of them in place of what their records say. */
function useTried<T extends { id: string }>(records: readonly T[] | undefined): T[] | undefined {
  const { data: experience, error } = useExperience();
  // not shown with one figure now and another a moment later
  const known = experience !== undefined || error !== undefined;
  return useMemo(() => (known ? records?.map((each) => asTried(each, experience)) : undefined), [records, experience, known]);
}

/** Cloths as everything reckons with them: strips that were tried go before what the record says. */
export function useCloths() {
  const records = useClothRecords();
  return { ...records, data: useTried(records.data) };
}

/** Elastics as everything reckons with them. */
export function useElastics() {
  const records = useElasticRecords();
  return { ...records, data: useTried(records.data) };
}

/** What was put away of a shelf. */
export function useShelfAway(shelf: Shelf) {
  const answer = useSWR<Array<ClothView | ElasticView>>(`/api/${shelf}?archived=true`);
  return { ...answer, data: answer.data?.filter(({ archived }) => archived) };
}

/** Everything that changes one shelf of the cupboard, by way of the outbox. */
export const shelfActions = (shelf: Shelf) => ({
  create: async (item: Fields & { name: string }): Promise<{ id: string }> => {
    const id = newId();
    await outbox.call({ method: 'POST', path: `/api/${shelf}`, body: { ...item, id }, says: `${item.name}, new in the cupboard` });
    return { id };
  },
  /** `item` as it was read, `values` as they are wanted. */
  update: (item: { id: string; version: number }, values: Fields & { name: string }) => {
    const fields = Object.fromEntries(Object.keys(values).map((key) => [key, (item as unknown as Fields)[key] ?? null]));
    return outbox.save(`/api/${shelf}/${item.id}`, values.name, { fields, version: item.version }, values);
  },
  putAway: (id: string) => outbox.call({ method: 'DELETE', path: `/api/${shelf}/${id}`, says: 'A thing from the cupboard put away' }),
  takeOut: (id: string) => outbox.call({ method: 'POST', path: `/api/${shelf}/${id}/restore`, says: 'A thing put back into the cupboard' }),
});
