import { useMemo } from 'react';
import { useMakeState } from './make-context.ts';

/** Ticked ids of one kind ("chalk:skirt", "sew") within the make's list, and how to tick. */
export function useTicks(prefix: string): { done: ReadonlySet<string>; toggle(id: string): void } {
  const { draft, change } = useMakeState();
  const done = useMemo(
    () => new Set(draft.done.filter((each) => each.startsWith(`${prefix}:`)).map((each) => each.slice(prefix.length + 1))),
    [draft.done, prefix],
  );
  const toggle = (id: string) => {
    const full = `${prefix}:${id}`;
    change({ done: done.has(id) ? draft.done.filter((each) => each !== full) : [...draft.done, full] }, full);
  };
  return { done, toggle };
}
