import { useCallback } from 'react';
import { useMakeState } from './make-context.ts';

/** What is counted at the table under one id: no decision, so that undo leaves it alone. */
export function useTally(id: string): [value: number[] | undefined, set: (value: number[] | undefined) => void] {
  const { draft, settle } = useMakeState();
  const set = useCallback(
    (value: number[] | undefined) =>
      settle((state) => {
        const { [id]: _before, ...others } = state.tally;
        return { ...state, tally: value ? { ...others, [id]: value } : others };
      }),
    [id, settle],
  );
  return [draft.tally[id], set];
}
