import type { LogCreate, LogView, MakeCreate, MakeDetail, MakeView } from '@arcus/contract';
import { useEffect, useMemo } from 'react';
import useSWR from 'swr';
import { newId } from '../outbox/entry.ts';
import { logWith, makesWith, makeWith } from '../outbox/overlay.ts';
import { outbox, useEntries } from '../outbox/use-outbox.ts';

const KEY = '/api/makes';
/** Dockets that were not ready are asked for again after this long, ms. */
const SHORTLY = 1500;

export function useMakes() {
  const answer = useSWR<MakeView[]>(KEY);
  const { data, mutate } = answer;
  useEffect(() => {
    if (!data?.some(({ summary }) => summary.stale)) return;
    const timer = setTimeout(() => void mutate(), SHORTLY);
    return () => clearTimeout(timer);
  }, [data, mutate]);
  const entries = useEntries(KEY);
  const shown = useMemo(() => makesWith(data, entries), [data, entries]);
  return { ...answer, data: shown };
}

/** Those that were put away. */
export function useMakesAway() {
  const answer = useSWR<MakeView[]>(`${KEY}?archived=true`);
  return { ...answer, data: answer.data?.filter(({ archived }) => archived) };
}

/** One make. Where the server can't be asked, as the list had it. */
export function useMake(id: string) {
  const answer = useSWR<MakeDetail>(`${KEY}/${id}`);
  const { data: all } = useSWR<MakeView[]>(answer.error && !answer.data ? KEY : null);
  const made = useEntries(KEY, 'call');
  const data = useMemo(() => makeWith(id, answer.data, all, made), [id, answer.data, all, made]);
  return { ...answer, data };
}

export function useLog(id: string) {
  const answer = useSWR<LogView[]>(`${KEY}/${id}/log`);
  const entries = useEntries(`${KEY}/${id}/log`);
  const data = useMemo(() => logWith(id, answer.data, entries), [id, answer.data, entries]);
  return { ...answer, data };
}

/** Everything that changes makes but the fields its editor keeps, by way of the outbox. */
export const makesActions = {
  create: async (make: MakeCreate): Promise<{ id: string }> => {
    const id = newId();
    await outbox.call({ method: 'POST', path: KEY, body: { ...make, id }, says: `${make.name}, a new make` });
    return { id };
  },
  finish: (id: string, name: string, entry: LogCreate) =>
    outbox.call({ method: 'POST', path: `${KEY}/${id}/log`, body: { ...entry, key: newId() }, says: `What came out of ${name}` }),
  /** Lays found for its pieces by the page. */
  found: (id: string, name: string, lays: ReadonlyArray<{ key: string; placements: readonly unknown[]; settled: boolean }>) =>
    outbox.call({ method: 'PUT', path: `${KEY}/${id}/lays`, body: { lays }, says: `How the pieces of ${name} lie` }),
  /** What changed under it since it was last looked at has been seen. */
  seen: (id: string, name: string) => outbox.call({ method: 'POST', path: `${KEY}/${id}/seen`, says: `${name}, looked at` }),
  /** Sets a tick of a make that is not open, or takes it away. */
  tick: (make: MakeView, tick: string, on = true) => {
    const others = make.done.filter((each) => each !== tick);
    makesActions.change(make, { done: on ? [...others, tick] : others });
  },
  /** Changes ticks and counts of a make that is not open. */
  change: ({ id, name, version, done, tally }: MakeView, now: Partial<Pick<MakeView, 'done' | 'tally'>>) => {
    const was = { done, tally };
    outbox.edit(`${KEY}/${id}`, name, { fields: was, version }, was, { ...was, ...now });
  },
  /** An entry of the log is taken out, or put back. */
  strike: (id: string, name: string, entry: number, out: boolean) =>
    outbox.call({
      method: out ? 'DELETE' : 'POST',
      path: `${KEY}/${id}/log/${entry}${out ? '' : '/restore'}`,
      says: `An entry of ${name} ${out ? 'taken out' : 'put back'}`,
    }),
  putAway: (id: string) => outbox.call({ method: 'DELETE', path: `${KEY}/${id}`, says: 'A make put away' }),
  takeOut: (id: string) => outbox.call({ method: 'POST', path: `${KEY}/${id}/restore`, says: 'A make taken out again' }),
};
