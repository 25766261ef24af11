import { describe, expect, it, vi } from 'vitest';
import { Unmakeable } from '../errors/unmakeable.ts';
import { HandLay } from '../lay/by-hand/by-hand.ts';
import { layPieces, layRows } from '../lay/lay.ts';
import { gores } from '../testing/lay-sets.ts';
import { layRequestOf, quickLayer } from './plan-lay.ts';
import { draftFor, planFor, withLay } from './plan.ts';

const body = { 'waist-girth': 700, 'hip-girth': 960 };
const HUGE = { construction: 'tiered-skirt', body, choices: { tiers: 6, seamFullness: 4 } };
const seconds = (work: () => unknown) => {
  const from = performance.now();
  work();
  return (performance.now() - from) / 1000;
};

describe('whatever is asked, a plan is worked out in bounded time', () => {
  it.each([
    ['six tiers, four times as full, on a print of 30 cm', { ...HUGE, cloth: { repeat: 300 } }],
    ['the same on a print of 7 mm', { ...HUGE, cloth: { repeat: 7 } }],
    ['the same folded and lined', { ...HUGE, choices: { ...HUGE.choices, fold: 'across', lining: true } }],
  ])('%s', (_name, request) => {
    let plan = undefined as ReturnType<typeof planFor> | undefined;
    expect(seconds(() => (plan = planFor(request)))).toBeLessThan(4);
    const { lay } = plan!;
    expect(lay.placements).toHaveLength(plan!.pieces.filter(({ cloth }) => cloth === 'main').reduce((sum, { copies }) => sum + copies, 0));
    expect(lay.length).toBeGreaterThan(100_000);
  });

  it('stops early where it has little time, with a lay that can be cut and meets its print', () => {
    const pieces = [{ ...gores(30, 4), turns: [0, 180], matched: true }];
    const { placements } = layPieces({ width: 1400, pieces, repeat: 90, seconds: 0 });
    expect(placements).toHaveLength(30);
    const { overlapping, outside } = new HandLay(1400, pieces).faults(placements);
    expect([overlapping.size, outside.size]).toEqual([0, 0]);
    for (const { y } of placements) {
      const apart = Math.abs(y - placements[0]!.y) / 90;
      expect(Math.abs(apart - Math.round(apart))).toBeLessThan(1e-6);
    }
  });

  it('its rows, which a page shows at once, also on a print', () => {
    let lay: ReturnType<typeof layRows> | undefined;
    const took = seconds(() => planFor({ ...HUGE, cloth: { repeat: 300 } }, (request) => (lay = layRows(request))));
    expect(took).toBeLessThan(1.5);
    expect(lay!.placements.length).toBeGreaterThan(900);
    expect(new Set(lay!.placements.map(({ y }) => Math.round(((y % 300) + 300) % 300) % 300)).size).toBeLessThan(3);
  });

  it.each([
    ['gathered-skirt', { width: 51 }],
    ['tiered-skirt', { width: 51, repeat: 2000 }],
  ])('more pieces than anyone cuts are refused with the cause: %s', (construction, cloth) => {
    expect(() => planFor({ construction, body, cloth })).toThrow(Unmakeable);
    expect(() => planFor({ construction, body, cloth })).toThrow(/^cloth\.width: \d{4} pieces .* nobody cuts more than 1000.*wider cloth/);
  });

  it('a clock set back does not stretch it', () => {
    const from = Date.now();
    vi.spyOn(Date, 'now').mockImplementation(() => from - 15_000);
    const took = seconds(() => layPieces({ width: 1400, pieces: [gores(8, 2)], effort: 'thorough', seconds: 0.3 }));
    vi.restoreAllMocks();
    expect(took).toBeLessThan(2);
  });
});

describe('a draft and its lay are apart', () => {
  it('a closer lay needs no new draft and leaves the draft as it was', () => {
    const draft = draftFor({ construction: 'gored-skirt', body: { ...body, 'waist-to-hip': 200, 'waist-to-knee': 580 }, choices: { fold: 'along' } });
    const before = structuredClone([draft.sheet.steps.map(({ title }) => title), draft.sheet.quantities.length, draft.sheet.checks]);
    const [one, two] = [withLay(draft, quickLayer()), withLay(draft, (request) => layPieces({ ...request, effort: 'thorough', seconds: 0.5 }))];
    expect([draft.sheet.steps.map(({ title }) => title), draft.sheet.quantities.length, draft.sheet.checks]).toEqual(before);
    expect(two.pieces[0]).toBe(one.pieces[0]);
    expect(two.lay.length).toBeLessThanOrEqual(one.lay.length + 1e-6);
    expect(two.steps.find(({ id }) => id === 'cut')!.title).toBe(one.steps.find(({ id }) => id === 'cut')!.title);
  });

  it('the same pieces on the same cloth are asked for in the same words', () => {
    const ask = (choices: object) => JSON.stringify(layRequestOf(planFor({ construction: 'circle-skirt', body, choices: { ...choices } })));
    expect(ask({ pace: 'practised' })).toBe(ask({}));
    expect(ask({ length: 610 })).not.toBe(ask({}));
  });
});
