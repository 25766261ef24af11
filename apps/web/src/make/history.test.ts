import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nextHistory, type History, type HistoryAction } from './history.ts';

const start: History<{ n: number; at?: string }> = { past: [], present: { n: 0 }, future: [] };
const change = (n: number, about = 'length', at = n * 10_000): HistoryAction<{ n: number; at?: string }> => ({
  type: 'change',
  patch: (state) => ({ ...state, n }),
  about,
  at,
});
const after = (...actions: Array<HistoryAction<{ n: number; at?: string }>>) => actions.reduce(nextHistory, start);

describe('undo and redo', () => {
  it('go back to exactly where one was, however many steps', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 0, max: 60 }), (changes, undone) => {
        const history = after(
          ...Array.from({ length: changes }, (_, i) => change(i + 1)),
          ...Array.from({ length: undone }, () => ({ type: 'undo' as const })),
        );
        expect(history.present.n).toBe(Math.max(0, changes - undone));
        const again = Array.from({ length: undone }, () => ({ type: 'redo' as const })).reduce(nextHistory, history);
        expect(again.present.n).toBe(changes);
      }),
    );
  });

  it('take a drag as one step, but not two decisions about different things', () => {
    expect(after(change(1, 'length', 0), change(2, 'length', 300), change(3, 'length', 600), { type: 'undo' }).present.n).toBe(0);
    expect(after(change(1, 'length', 0), change(2, 'hem', 300), { type: 'undo' }).present.n).toBe(1);
  });

  it('forget what was undone once something new is decided', () =>
    expect(after(change(1), { type: 'undo' }, change(5), { type: 'redo' }).present.n).toBe(5));

  it('lay a change over the state of the moment: what was chosen while something was awaited stays', () => {
    const lay: HistoryAction<{ n: number; at?: string }> = { type: 'change', patch: (state) => ({ ...state, at: 'laid' }), about: 'lay', at: 99 };
    expect(after(change(1), change(2), lay).present).toEqual({ n: 2, at: 'laid' });
  });

  it('leave alone what is no decision: having moved on to the cloth', () => {
    const moved = after(change(1), { type: 'settle', patch: (state) => ({ ...state, at: 'cloth' }) }, { type: 'undo' });
    expect(moved.present).toEqual({ n: 0, at: 'cloth' });
  });
});
