import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bobbinState } from './bobbins.ts';

const steps = fc.record({
  rows: fc.integer({ min: 1, max: 40 }),
  times: fc.integer({ min: 1, max: 4 }),
  rowsPerBobbin: fc.integer({ min: 1, max: 12 }),
});

/** Sews every row, putting a fresh bobbin in whenever it is said to; gives how many that took. */
function sewAll(step: { rows: number; times: number; rowsPerBobbin: number }): number {
  const fresh: number[] = [];
  for (let sewn = 0; sewn < step.rows * step.times; sewn++) {
    if (bobbinState({ ...step, changeBefore: [] }, { sewn, fresh }).change) fresh.push(sewn + 1);
    expect(bobbinState({ ...step, changeBefore: [] }, { sewn, fresh }).change, 'a fresh bobbin lasts at least one row').toBe(false);
  }
  return fresh.length + 1;
}

describe('rows and bobbins at the machine', () => {
  it('changed only when it says so, the bobbins are as many as were wound: rows x panels / rows a bobbin, rounded up (handbook 8)', () => {
    fc.assert(fc.property(steps, (step) => void expect(sewAll(step)).toBe(Math.ceil((step.rows * step.times) / step.rowsPerBobbin))));
  });

  it('says it before the row in which the bobbin would end, not after', () => {
    const step = { rows: 23, times: 2, rowsPerBobbin: 5, changeBefore: [] };
    expect(bobbinState(step, { sewn: 4, fresh: [] })).toMatchObject({ left: 1, change: false });
    expect(bobbinState(step, { sewn: 5, fresh: [] })).toMatchObject({ left: 0, change: true, row: { at: 6, piece: 1, inPiece: 6 } });
    expect(bobbinState(step, { sewn: 23, fresh: [6, 11, 16, 21] })).toMatchObject({ row: { at: 24, piece: 2, inPiece: 1 }, used: 5 });
  });

  it('learns from a bobbin that ended sooner: the next is changed earlier', () => {
    const step = { rows: 23, times: 2, rowsPerBobbin: 6, changeBefore: [] };
    // it ended inside the sixth row, so five rows is what one lasts
    expect(bobbinState(step, { sewn: 5, fresh: [6] })).toMatchObject({ lasts: 5, left: 5 });
    expect(bobbinState(step, { sewn: 10, fresh: [6] })).toMatchObject({ change: true });
  });

  it('ends when all rows are sewn', () => {
    const state = bobbinState({ rows: 3, times: 1, rowsPerBobbin: 3, changeBefore: [] }, { sewn: 3, fresh: [] });
    expect(state.row).toBeUndefined();
    expect(state.change).toBe(false);
  });
});
