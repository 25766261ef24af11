import type { MeasureEntry, MeasureView, PersonCreate, PersonView } from '@arcus/contract';
import { measureById } from '@arcus/core';
import { useMemo } from 'react';
import useSWR from 'swr';
import { newId } from '../outbox/entry.ts';
import { ledgerWith, peopleWith } from '../outbox/overlay.ts';
import { outbox, useEntries } from '../outbox/use-outbox.ts';

const KEY = '/api/people';

export function usePeople() {
  const answer = useSWR<PersonView[]>(KEY);
  const entries = useEntries(KEY);
  const data = useMemo(() => peopleWith(answer.data, entries), [answer.data, entries]);
  return { ...answer, data };
}

export function useLedger(id: string) {
  const answer = useSWR<MeasureView[]>(`${KEY}/${id}/measures`);
  const entries = useEntries(`${KEY}/${id}`);
  const data = useMemo(() => ledgerWith(id, answer.data, entries), [id, answer.data, entries]);
  return { ...answer, data };
}

/** Everything that changes people, by way of the outbox. */
export const peopleActions = {
  create: async (person: PersonCreate): Promise<{ id: string }> => {
    const id = newId();
    await outbox.call({ method: 'POST', path: KEY, body: { ...person, id }, says: `${person.name}, a new person` });
    return { id };
  },
  measure: (id: string, name: string, entries: MeasureEntry[]) =>
    outbox.call({
      method: 'POST',
      path: `${KEY}/${id}/measures`,
      body: { entries, key: newId() },
      says: `${entries.map(({ measure }) => measureById(measure)?.label ?? measure).join(', ')} of ${name}`,
    }),
  putAway: (id: string) => outbox.call({ method: 'DELETE', path: `${KEY}/${id}`, says: 'A person put away' }),
  takeOut: (id: string) => outbox.call({ method: 'POST', path: `${KEY}/${id}/restore`, says: 'A person taken out again' }),
};
