import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { apart, changesBetween, merge, takeTheirs } from './merge.ts';

const base = { name: 'Slip', dueOn: null, choices: { length: 600, fraction: 1 }, done: ['sew:sides', 'sew:hem'] };

describe('two people change one make', () => {
  it('field by field, choice by choice, tick by tick: both have what they did', () => {
    const mine = { ...base, choices: { length: 610, fraction: 1 }, done: ['sew:sides', 'sew:hem', 'sew:press'] };
    const theirs = {
      ...base,
      name: 'Concert slip',
      dueOn: '2027-05-14',
      choices: { length: 600, fraction: 0.5, closure: 'zip' },
      done: ['sew:hem', 'sew:band'],
    };
    const { fields, conflicts } = merge(base, mine, theirs);
    expect(conflicts).toEqual({});
    expect(fields).toEqual({
      name: 'Concert slip',
      dueOn: '2027-05-14',
      choices: { length: 610, fraction: 0.5, closure: 'zip' },
      done: ['sew:hem', 'sew:band', 'sew:press'],
    });
  });

  it('where both changed the same thing differently, mine stays and theirs is told; alike is no matter', () => {
    const mine = { ...base, name: 'Mine', dueOn: '2027-05-01', choices: { length: 610, fraction: 1 } };
    const theirs = { ...base, name: 'Theirs', dueOn: '2027-05-01', choices: { length: 620, fraction: 1 } };
    const { fields, conflicts } = merge(base, mine, theirs);
    expect(conflicts).toEqual({ name: 'Theirs', 'choices.length': 620 });
    expect(fields).toMatchObject({ name: 'Mine', choices: { length: 610 } });
    expect(takeTheirs(fields, conflicts)).toMatchObject({ name: 'Theirs', choices: { length: 620, fraction: 1 } });
  });

  it('a choice one let go of is gone, also if the other changed another', () => {
    const { fields, conflicts } = merge(base, { ...base, choices: { fraction: 1 } }, { ...base, choices: { length: 600, fraction: 2 } });
    expect([fields['choices'], conflicts]).toEqual([{ fraction: 2 }, {}]);
    const both = merge(base, { ...base, choices: { length: 650, fraction: 1 } }, { ...base, choices: { fraction: 1 } });
    expect(both.conflicts).toEqual({ 'choices.length': null });
    expect(takeTheirs(both.fields, both.conflicts)['choices']).toEqual({ fraction: 1 });
  });

  it('laws: nothing changed changes nothing; what only one side changed is taken whole; no tick is made up', () => {
    const ticks = fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'e'));
    const state = fc.record({
      name: fc.constantFrom('x', 'y', 'z'),
      choices: fc.dictionary(fc.constantFrom('p', 'q'), fc.integer({ max: 3 })),
      done: ticks,
    });
    const sorted = (fields: Record<string, unknown>) => ({ ...fields, done: [...(fields['done'] as string[])].sort() });
    fc.assert(
      fc.property(state, state, state, (was, mine, theirs) => {
        expect(sorted(merge(was, was, theirs).fields)).toEqual(sorted(theirs));
        expect(sorted(merge(was, mine, was).fields)).toEqual(sorted(mine));
        const { fields, conflicts } = merge(was, mine, theirs);
        for (const tick of fields['done'] as string[]) expect([...mine.done, ...theirs.done]).toContain(tick);
        for (const tick of mine.done.filter((each) => !was.done.includes(each))) expect(fields['done']).toContain(tick);
        expect(changesBetween(mine, merge(was, mine, mine).fields)).toBeUndefined();
        // what is left in conflict is what theirs has
        for (const [name, value] of Object.entries(conflicts))
          expect(value).toEqual(name === 'name' ? theirs.name : (theirs.choices[name.slice(8)] ?? null));
      }),
    );
  });
});

describe('how far two states are apart', () => {
  it('counts fields, choices and ticks that differ', () => {
    const state = { name: 'Slip', choices: { length: 600, fraction: 1 }, done: ['a', 'b'] };
    expect(apart(state, structuredClone(state))).toBe(0);
    expect(apart(state, { ...state, choices: { length: 610, fraction: 1 } })).toBe(1);
    expect(apart(state, { name: 'Other', choices: { length: 610 }, done: ['b', 'c'] })).toBe(1 + 2 + 2);
  });
});
