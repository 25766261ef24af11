import { describe, expect, it } from 'vitest';
import type { ClothView, MakeView } from '@arcus/contract';
import { offBolt, PLAIN_WOVEN } from '@arcus/core';
import { unlaidPlan } from '../make/unlaid-plan.ts';
import { beyondTheBox, needsOf, togetherTick } from './needs-of.ts';

const linen = { ...PLAIN_WOVEN, id: 'linen', name: 'Linen', prewashed: false, shrinkAlong: 0.04 } as unknown as ClothView;
const plan = unlaidPlan({ construction: 'circle-skirt', body: { 'waist-girth': 700, 'hip-girth': 960 }, choices: {} });
const make = (more: Partial<MakeView> = {}): MakeView =>
  ({
    id: 'a',
    name: 'Skirt',
    clothId: 'linen',
    otherCloths: {},
    elasticId: null,
    choices: {},
    done: [],
    tally: {},
    finishedOn: null,
    summary: { figures: { 'cloth-length': 1440, 'cloth-to-buy': 1500 }, verdict: 'ok', says: '', settled: true },
    ...more,
  }) as unknown as MakeView;
const one = (more: Partial<MakeView> = {}) => needsOf([{ make: make(more), plan }], [linen])[0];

describe('what a make still takes', () => {
  it('is the length of its lay as it comes off the bolt, with the reserve that was asked for', () => {
    expect(one()!.cloths).toMatchObject([{ role: 'main', clothId: 'linen', takes: offBolt(1440, linen), buy: 1500 }]);
    expect(one({ choices: { reserve: 100 } })!.cloths[0]!.takes).toBeCloseTo(1540 / 0.96, 6);
  });

  it('is nothing once it is cut, or finished', () => {
    expect(one({ done: ['sew:cut'] })).toBeUndefined();
    expect(one({ done: ['station:sew'] })).toBeUndefined();
    expect(one({ finishedOn: '2027-04-01' })).toBeUndefined();
    // chalked is not cut: the cloth still lies there
    expect(one({ done: ['station:chalk'] })).toBeDefined();
  });

  it('knows whether it is cut together with others, of that very cloth', () => {
    expect(one({ done: [togetherTick('linen')] })!.cloths[0]!.together).toBe(true);
    expect(one({ done: [togetherTick('another')] })!.cloths[0]!.together).toBe(false);
  });

  it('leaves out what lies in the sewing box, and what was bought', () => {
    const ids = (tools: string[]) => beyondTheBox([one()!], tools)[0]!.items.map(({ id }) => id);
    expect(ids([])).toEqual(expect.arrayContaining(['thread', 'needle', 'zip-foot']));
    const boxed = ids(['needle-nm-80-universal', 'foot-zip']);
    expect(boxed).toContain('thread');
    expect(boxed).not.toContain('needle');
    expect(boxed).not.toContain('zip-foot');
    expect(one({ done: ['bought:thread'] })!.bought.has('thread')).toBe(true);
  });

  it('of a cloth that is on no shelf is bought whole', () => {
    expect(one({ clothId: null })!.cloths[0]).toMatchObject({ clothId: null, buy: 1500, together: false });
  });
});
