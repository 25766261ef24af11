import { describe, expect, it } from 'vitest';
import { offBolt, takenOf, toBuy, type MakeNeeds } from './to-buy.ts';

const make = (id: string, more: Partial<MakeNeeds> = {}): MakeNeeds => ({
  id,
  name: `Make ${id}`,
  cloths: [],
  settled: true,
  elasticId: null,
  items: [],
  bought: new Set(),
  ...more,
});
const linen = { id: 'linen', name: 'Linen', lengthOnHand: 2400 };
const of = (clothId: string | null, takes: number) => [{ role: 'main' as const, clothId, what: 'Cloth, 150 cm wide', takes, buy: takes + 50 }];

describe('what several makes take together', () => {
  it('one cloth that is enough for each but not for both is said once, with both makes and what is missing', () => {
    const both = toBuy([make('a', { cloths: of('linen', 1500) }), make('b', { cloths: of('linen', 1300) })], [linen], [], 'cm');
    expect(both).toHaveLength(1);
    expect(both[0]).toMatchObject({ what: 'Linen', length: 400, short: { needs: 2800, has: 2400 } });
    expect(both[0]!.makes.map(({ id }) => id)).toEqual(['a', 'b']);
    expect(toBuy([make('a', { cloths: of('linen', 1500) })], [linen], [], 'cm')).toEqual([]);
  });

  it('cloth with a price says what it costs: length x price a metre', () => {
    const [row] = toBuy([make('a', { cloths: of('linen', 3000) })], [{ ...linen, pricePerMetre: 12.5 }], [], 'cm');
    expect(row!.cost).toBeCloseTo(0.6 * 12.5, 9);
    expect(toBuy([make('a', { cloths: of('linen', 3000) })], [linen], [], 'cm')[0]!.cost).toBeUndefined();
  });

  it('a length whose lay may still get shorter is said to be at most that', () => {
    const rows = toBuy(
      [make('a', { cloths: of('linen', 1500), settled: false }), make('b', { cloths: of('linen', 1300) }), make('c', { cloths: of(null, 700) })],
      [linen],
      [],
      'cm',
    );
    expect(rows.map(({ atMost }) => atMost)).toEqual([true, undefined]);
  });

  it('what is missing is rounded up to what shops cut: 10 cm, or an eighth of a yard (handbook 11)', () => {
    const needs = [make('a', { cloths: of('linen', 2731) })];
    expect(toBuy(needs, [linen], [], 'cm')[0]!.length).toBe(400);
    expect(toBuy(needs, [linen], [], 'in')[0]!.length).toBeCloseTo(3 * 114.3, 6);
  });

  it('makes that are cut together take what they take lying together; until that is known at most the sum', () => {
    const together = (id: string, takes: number) => make(id, { cloths: [{ ...of('linen', takes)[0]!, together: true }] });
    const makes = [together('a', 1500), together('b', 1300), make('c', { cloths: of('linen', 500) })];
    expect(takenOf('linen', makes)).toEqual({ takes: 3300, atMost: true });
    expect(takenOf('linen', makes, new Map([['linen', 2450]]))).toEqual({ takes: 2950, atMost: false });
    expect(toBuy(makes, [linen], [], 'cm', new Map([['linen', 2450]]))[0]).toMatchObject({ length: 600, short: { needs: 2950 } });
    // one alone shares with nobody
    expect(takenOf('linen', [together('a', 1500)], new Map([['linen', 900]]))).toEqual({ takes: 1500, atMost: false });
  });

  it('what has no cloth yet is bought whole, what is on no shelf in full length', () => {
    expect(toBuy([make('a', { cloths: of(null, 900) })], [linen], [], 'cm')[0]).toMatchObject({ length: 950, item: 'main' });
    expect(toBuy([make('a', { cloths: of('linen', 900) })], [{ ...linen, lengthOnHand: null }], [], 'cm')[0]).toMatchObject({ length: 900 });
  });

  it('zip, elastic, thread are listed; an elastic on the shelf is shared out until it is used up', () => {
    const elastic = { id: 'elastic', what: 'Elastic, 2 cm', amount: '70 cm', length: 700 };
    const rows = toBuy(
      [
        make('a', { elasticId: 'soft', items: [elastic] }),
        make('b', { elasticId: 'soft', items: [elastic, { id: 'zip', what: 'Zip', amount: '20 cm' }] }),
      ],
      [],
      [{ id: 'soft', name: 'Soft', lengthOnHand: 1000 }],
      'cm',
    );
    expect(rows.map(({ id }) => id)).toEqual(['b:elastic', 'b:zip']);
  });

  it('what was bought is left out, and one packet of needles does for all', () => {
    const needle = { id: 'needle', what: 'Machine needles, NM 80', amount: '1', tool: 'needle-80' };
    const rows = toBuy(
      [make('a', { items: [needle] }), make('b', { items: [needle] }), make('c', { items: [needle], bought: new Set(['needle']) })],
      [],
      [],
      'cm',
    );
    expect(rows).toHaveLength(1);
    expect(rows[0]!.makes).toHaveLength(2);
  });

  it('unwashed cloth comes off the bolt longer: length / (1 - shrinkage) (handbook 2)', () => {
    expect(offBolt(960, { prewashed: false, shrinkAlong: 0.04 })).toBeCloseTo(1000, 9);
    expect(offBolt(960, { prewashed: true, shrinkAlong: 0.04 })).toBe(960);
  });
});
