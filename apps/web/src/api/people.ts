import type { MeasureEntry, MeasureView, PersonCreate, PersonUpdate, PersonView } from '@arcus/contract';
import useSWR, { useSWRConfig } from 'swr';
import { request } from './client.ts';

const KEY = '/api/people';

export const usePeople = () => useSWR<PersonView[]>(KEY);
export const useLedger = (id: string) => useSWR<MeasureView[]>(`${KEY}/${id}/measures`);

/** Everything that changes people; lists are read again afterwards. */
export function usePeopleActions() {
  const { mutate } = useSWRConfig();
  const refresh = () => mutate((key) => typeof key === 'string' && key.startsWith(KEY));
  return {
    create: async (person: PersonCreate) => {
      const made = await request<PersonView>('POST', KEY, person);
      await refresh();
      return made;
    },
    update: async (id: string, patch: PersonUpdate) => {
      await request<PersonView>('PATCH', `${KEY}/${id}`, patch);
      await refresh();
    },
    measure: async (id: string, entries: MeasureEntry[]) => {
      await request<PersonView>('POST', `${KEY}/${id}/measures`, { entries });
      await refresh();
    },
    putAway: async (id: string) => {
      await request('DELETE', `${KEY}/${id}`);
      await refresh();
    },
    takeOut: async (id: string) => {
      await request('POST', `${KEY}/${id}/restore`);
      await refresh();
    },
  };
}
