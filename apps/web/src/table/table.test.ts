import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boundsOf, outlineArea, planFor, type Edge } from '@arcus/core';
import { alongTable, placed } from './placed.ts';
import { pathOf, rulerSteps, viewOf } from './view.ts';

const margins = { left: 60, top: 50, right: 30, bottom: 40 };
const frames = fc.record({
  minX: fc.integer({ min: -500, max: 0 }),
  maxX: fc.integer({ min: 10, max: 4000 }),
  minY: fc.integer({ min: -500, max: 0 }),
  maxY: fc.integer({ min: 10, max: 4000 }),
});

const skirt = planFor({ construction: 'circle-skirt', body: { 'waist-girth': 700, 'hip-girth': 960 } }, () => ({
  length: 1,
  utilisation: 0,
  placements: [],
})).pieces[0]!;

describe('a window on the table', () => {
  it('shows all of the frame within its margins, at one scale both ways, y upwards', () => {
    fc.assert(
      fc.property(frames, fc.integer({ min: 300, max: 1600 }), fc.integer({ min: 250, max: 1000 }), (frame, width, height) => {
        const view = viewOf(frame, width, height, margins);
        expect(view.x(frame.minX)).toBeGreaterThanOrEqual(margins.left - 1e-6);
        expect(view.x(frame.maxX)).toBeLessThanOrEqual(width - margins.right + 1e-6);
        expect(view.y(frame.maxY)).toBeGreaterThanOrEqual(margins.top - 1e-6);
        expect(view.y(frame.maxY) - margins.top, 'in the middle of what is left').toBeCloseTo(height - margins.bottom - view.y(frame.minY), 6);
        expect(view.y(frame.minY)).toBeLessThanOrEqual(height - margins.bottom + 1e-6);
        expect(view.x(1) - view.x(0)).toBeCloseTo(view.scale, 9);
        expect(view.y(0) - view.y(1)).toBeCloseTo(view.scale, 9);
      }),
    );
  });

  it('labels rulers with round figures far enough apart to read, in either system', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 5, noNaN: true }), fc.constantFrom('cm', 'in' as const), (scale, units) => {
        const { label, tick, unit } = rulerSteps(scale, units as 'cm' | 'in');
        expect(unit).toBe(units === 'cm' ? 10 : 25.4);
        expect(label * scale).toBeGreaterThanOrEqual(Math.min(46, 200 * unit * scale) - 1e-6);
        expect([1, 2, 5]).toContain(Number((label / unit / 10 ** Math.floor(Math.log10(label / unit + 1e-9))).toFixed(6)));
        expect(tick).toBeLessThanOrEqual(label);
      }),
    );
  });

  it('draws arcs as arcs: as many as the outline has', () => {
    const view = viewOf({ minX: -800, maxX: 800, minY: -800, maxY: 800 }, 800, 800, margins);
    const path = pathOf(skirt.cut, view);
    expect(path.match(/A/g)).toHaveLength(skirt.cut.filter(({ arc }) => arc).length);
    expect(path.endsWith('Z')).toBe(true);
    expect(pathOf([], view)).toBe('');
  });
});

describe('a piece on the strip', () => {
  const anywhere = fc.record({
    turn: fc.constantFrom(0, 90, 180, 270),
    x: fc.integer({ min: -900, max: 900 }),
    y: fc.integer({ min: -900, max: 900 }),
  });
  const corners = (outline: readonly Edge[]) => outline.map(({ from }) => from);

  it('keeps its shape wherever it is put and however it is turned', () => {
    fc.assert(
      fc.property(anywhere, (placement) => {
        const there = placed(skirt.cut, placement);
        expect(outlineArea(there)).toBeCloseTo(outlineArea(skirt.cut), 3);
        const [a, b] = [boundsOf(skirt.cut, placement.turn), boundsOf(there)];
        expect(b.minX - a.minX).toBeCloseTo(placement.x, 6);
        expect(b.minY - a.minY).toBeCloseTo(placement.y, 6);
      }),
    );
  });

  it('lies along the table with its length to the right: x and y change places and nothing else', () => {
    const along = alongTable(skirt.cut);
    expect(Math.abs(outlineArea(along))).toBeCloseTo(outlineArea(skirt.cut), 3);
    expect(corners(along)).toEqual(corners(skirt.cut).map(([x, y]) => [y, x]));
    expect(alongTable(along)).toEqual(skirt.cut);
  });
});
