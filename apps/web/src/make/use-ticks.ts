import { useCallback, useMemo } from 'react';
import { figuresOfTick } from './differences.ts';
import { useMakeState } from './make-context.ts';

/** Ticked ids of one kind ("chalk:skirt", "sew") within the make's list, and how to tick. A chalk mark remembers the figures it was ticked at. */
export function useTicks(prefix: string): { done: ReadonlySet<string>; toggle(id: string): void } {
  const { draft, change, plan } = useMakeState();
  const done = useMemo(
    () => new Set(draft.done.filter((each) => each.startsWith(`${prefix}:`)).map((each) => each.slice(prefix.length + 1))),
    [draft.done, prefix],
  );
  const toggle = useCallback(
    (id: string) => {
      const full = `${prefix}:${id}`;
      const figures = plan && figuresOfTick(plan, full)?.figures;
      change(({ done: ticks, chalked }) => {
        const { [full]: _before, ...others } = chalked;
        if (ticks.includes(full)) return { done: ticks.filter((each) => each !== full), chalked: others };
        return { done: [...ticks, full], chalked: figures ? { ...others, [full]: figures } : others };
      }, full);
    },
    [prefix, plan, change],
  );
  return { done, toggle };
}
