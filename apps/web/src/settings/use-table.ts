import { useState } from 'react';
import type { Construction, Machine, Pace } from '@arcus/core';

const KEEP = 'arcus.table';

/** What stands on this person's table and how practised they are: what a new make starts with. */
export interface OnTheTable {
  machine: Machine;
  finish: 'zigzag' | 'overlock' | 'pinking';
  pace: Pace;
}

const USUAL: OnTheTable = { machine: 'zigzag', finish: 'zigzag', pace: 'beginner' };

/** As it is kept on this device. */
export function onTheTable(): OnTheTable {
  try {
    return { ...USUAL, ...(JSON.parse(localStorage.getItem(KEEP) ?? '{}') as Partial<OnTheTable>) };
  } catch {
    return USUAL;
  }
}

/** The choices of a construction that follow from it, where they differ from its own defaults. */
export function tableChoices({ choices }: Pick<Construction, 'choices'>): Record<string, string> {
  return Object.fromEntries(Object.entries(onTheTable()).filter(([id, value]) => choices.some((each) => each.id === id && each.default !== value)));
}

export function useTable(): [table: OnTheTable, set: (change: Partial<OnTheTable>) => void] {
  const [table, show] = useState(onTheTable);
  return [
    table,
    (change) => {
      const next = { ...table, ...change };
      localStorage.setItem(KEEP, JSON.stringify(next));
      show(next);
    },
  ];
}
