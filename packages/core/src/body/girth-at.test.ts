import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { RUNS, anyBody } from '../testing/bodies.ts';
import { bodyLevels, girthAt } from './girth-at.ts';
import type { Body } from './measures.ts';

const MEASURED: Body = {
  'bust-girth': 920,
  'under-bust-girth': 790,
  'waist-girth': 720,
  'hip-girth': 980,
  'waist-to-hip': 200,
  'waist-to-knee': 590,
  'knee-girth': 370,
  'shoulder-to-waist': 420,
};

describe('how far round a body is at any height', () => {
  it('is what was measured where it was measured', () => {
    const levels = bodyLevels(MEASURED);
    expect(girthAt(levels, 0)).toBe(720);
    expect(girthAt(levels, 200)).toBe(980);
    // both legs together at the knee: twice one knee (handbook 6)
    expect(girthAt(levels, 590)).toBe(740);
  });

  it('runs straight from one level to the next, and stays as it is beyond the first and the last', () => {
    const levels = bodyLevels(MEASURED);
    expect(girthAt(levels, 100)).toBeCloseTo((720 + 980) / 2, 9);
    expect(girthAt(levels, -2000)).toBe(920);
    expect(girthAt(levels, 2000)).toBe(740);
  });

  it('never leaves what lies above and below it, on any body', () => {
    fc.assert(
      fc.property(anyBody, fc.double({ min: -600, max: 1200, noNaN: true }), (body, drop) => {
        const levels = bodyLevels(body);
        const girths = levels.map(({ girth }) => girth);
        if (girths.length === 0) return expect(girthAt(levels, drop)).toBe(0);
        expect(girthAt(levels, drop)).toBeGreaterThanOrEqual(Math.min(...girths) - 1e-9);
        expect(girthAt(levels, drop)).toBeLessThanOrEqual(Math.max(...girths) + 1e-9);
        const drops = levels.map((level) => level.drop);
        expect(drops).toEqual([...drops].sort((a, b) => a - b));
      }),
      RUNS,
    );
  });

  it('a half-size sample is half as far round, half as far down (handbook 10)', () => {
    const [whole, half] = [bodyLevels(MEASURED), bodyLevels(MEASURED, 0.5)];
    for (const drop of [-150, 0, 90, 200, 400, 590]) expect(girthAt(half, drop / 2)).toBeCloseTo(girthAt(whole, drop) / 2, 9);
  });

  it('legs are never reckoned thicker than the hip, nor so thin that nobody has them', () => {
    const kneesOf = (knee: number) => girthAt(bodyLevels({ ...MEASURED, 'knee-girth': knee }), 590);
    expect(kneesOf(600)).toBe(980);
    expect(kneesOf(100)).toBeCloseTo(0.7 * 980, 9);
  });

  it('a waist laid flat counts double (handbook 1); where nothing was measured there is nothing', () => {
    expect(girthAt(bodyLevels({ flatWaist: 300 }), 0)).toBe(600);
    expect(bodyLevels({})).toEqual([]);
    expect(girthAt([], 100)).toBe(0);
  });
});
