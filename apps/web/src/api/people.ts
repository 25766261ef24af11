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

/** Those who were put away. */
export function usePeopleAway() {
  const answer = useSWR<PersonView[]>(`${KEY}?archived=true`);
  return { ...answer, data: answer.data?.filter(({ archived }) => archived) };
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
  /** Its name, note, and whether it is a child, as they are wanted. */
  update: ({ id, version, name, note, child }: PersonView, values: Partial<Pick<PersonView, 'name' | 'note' | 'child'>>) => {
    const was = { name, note, child };
    outbox.edit(`${KEY}/${id}`, values.name ?? name, { fields: was, version }, was, { ...was, ...values });
  },
  /** A line of the ledger no longer counts, or counts again. */
  strike: (id: string, name: string, line: number, out: boolean) =>
    outbox.call({
      method: out ? 'DELETE' : 'POST',
      path: `${KEY}/${id}/measures/${line}${out ? '' : '/restore'}`,
      says: `A measure of ${name} ${out ? 'struck out' : 'put back'}`,
    }),
  putAway: (id: string) => outbox.call({ method: 'DELETE', path: `${KEY}/${id}`, says: 'A person put away' }),
  takeOut: (id: string) => outbox.call({ method: 'POST', path: `${KEY}/${id}/restore`, says: 'A person taken out again' }),
};
