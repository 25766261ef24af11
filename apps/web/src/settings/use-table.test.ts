import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { CONSTRUCTIONS, planFor } from '@arcus/core';
import { onTheTable, tableChoices } from './use-table.ts';

const kept = new Map<string, string>();
beforeEach(() => {
  kept.clear();
  vi.stubGlobal('localStorage', { getItem: (key: string) => kept.get(key) ?? null, setItem: (key: string, value: string) => kept.set(key, value) });
});
afterEach(() => vi.unstubAllGlobals());
const set = (table: object) => kept.set('arcus.table', JSON.stringify(table));

describe('what stands on the table', () => {
  it('where nothing was said it is a machine with zigzag and no hurry, and a new make chooses nothing by it', () => {
    expect(onTheTable()).toEqual({ machine: 'zigzag', finish: 'zigzag', pace: 'beginner' });
    for (const construction of CONSTRUCTIONS) expect(tableChoices(construction)).toEqual({});
  });
  it('what was set goes into every new make as a choice of its own, and the plan follows', () => {
    set({ machine: 'hands', pace: 'practised' });
    for (const construction of CONSTRUCTIONS) expect(tableChoices(construction), construction.id).toEqual({ machine: 'hands', pace: 'practised' });
    const circle = CONSTRUCTIONS.find(({ id }) => id === 'circle-skirt')!;
    const plan = planFor({ construction: 'circle-skirt', body: { 'waist-girth': 700, 'hip-girth': 960 }, choices: tableChoices(circle) });
    expect(plan.steps.find(({ id }) => id === 'sides')!.stitch).toBe('backstitch');
  });
  it('what can’t be read is as if nothing had been said', () => {
    kept.set('arcus.table', '{half');
    expect(onTheTable().machine).toBe('zigzag');
  });
});
