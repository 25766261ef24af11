import { describe, expect, it } from 'vitest';
import { boundsOf } from '../geometry/bounds.ts';
import { laidByHand } from '../plan/laid-by-hand.ts';
import { planFor } from '../plan/plan.ts';
import { netArea } from '../shapes/piece.ts';
import { layTogether, piecesTogether, sharerOf, togetherRequest, type Sharer } from './lay-together.ts';

const LINEN = { width: 1400, selvedge: 10 };
const body = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200, 'waist-to-knee': 580 };
const sharer = (
  id: string,
  construction: string,
  choices: Record<string, number | string> = {},
  cloth: object = LINEN,
): Sharer & { length: number } => {
  const plan = planFor({ construction, body, choices, cloth });
  return { id, name: `Make ${id}`, plan, role: 'main', length: plan.lay.length };
};

describe('two makes of one cloth laid together', () => {
  const circle = sharer('a', 'circle-skirt', { fraction: 0.5, length: 500, closure: 'zip' });
  const gored = sharer('b', 'gored-skirt', { length: 700 });

  it('every piece of both lies on the cloth once, nothing overlaps, and whose it is can be told', () => {
    const request = togetherRequest([circle, gored]);
    const { placements } = layTogether(request);
    expect(laidByHand(request, placements)).toBeDefined();
    const wanted = [circle, gored].flatMap(({ id, plan }) => plan.pieces.flatMap((piece) => Array<string>(piece.copies).fill(`${id}/${piece.id}`)));
    expect(placements.map(({ piece }) => piece).sort()).toEqual(wanted.sort());
    expect(new Set(placements.map(({ piece }) => sharerOf(piece)))).toEqual(new Set(['a', 'b']));
  });

  it('the cloth they take is no less than their area and than their longest piece', () => {
    const { length } = layTogether(togetherRequest([circle, gored]));
    const pieces = piecesTogether([circle, gored]);
    const area = pieces.reduce((sum, piece) => sum + piece.copies * netArea(piece), 0);
    expect(length).toBeGreaterThanOrEqual(area / (LINEN.width - 2 * LINEN.selvedge));
    const longest = Math.max(...pieces.map((piece) => Math.min(...piece.turns.map((turn) => boundsOf(piece.cut, turn).height))));
    expect(length).toBeGreaterThanOrEqual(longest - 0.01);
  });

  it('is one lay wherever it is asked for, in whichever order the makes are listed', () => {
    const lay = layTogether(togetherRequest([gored, circle]));
    expect(layTogether(togetherRequest([circle, gored]))).toEqual(lay);
  });

  it('half circles leave much of the cloth empty when each lies alone: nested they take less than one behind the other', () => {
    const half = (id: string) => sharer(id, 'circle-skirt', { fraction: 0.5, length: 500 });
    const [one, other] = [half('a'), half('b')];
    expect(one.plan.pieces.reduce((sum, piece) => sum + piece.copies * netArea(piece), 0) / (1380 * one.length)).toBeLessThan(0.6);
    expect(layTogether(togetherRequest([one, other])).length).toBeLessThan(0.9 * (one.length + other.length));
  });

  it('the widest gap for the blade holds for all, and the print is matched for all', () => {
    const loose = { ...sharer('a', 'gored-skirt', { bladeGap: 5 }, { ...LINEN, repeat: 120 }) };
    const close = { ...sharer('b', 'gored-skirt', {}, { ...LINEN, repeat: 120 }) };
    expect(togetherRequest([close, loose])).toMatchObject({ gap: 5, repeat: 120 });
  });

  it('fewer than two, or cloths of unlike width, are refused by name', () => {
    expect(() => togetherRequest([circle])).toThrow(/makes: must be at least two/);
    expect(() => togetherRequest([circle, sharer('c', 'gored-skirt', {}, { ...LINEN, width: 1500 })])).toThrow(/makes: must be of one cloth/);
  });
});
