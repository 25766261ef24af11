import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Unmakeable } from '../errors/unmakeable.ts';
import { outlineArea } from '../geometry/area.ts';
import { boundsOf } from '../geometry/bounds.ts';
import { edgeLength, lengthOf } from '../geometry/edge.ts';
import { allowedTurns } from './allowed-turns.ts';
import { panel } from './panel.ts';
import { footprint, makePiece } from './piece.ts';
import { rectangle } from './rectangle.ts';
import { circle, sector } from './sector.ts';

const no = { top: 0, side: 0, hem: 0 };
const lengths = (min: number, max: number) => fc.integer({ min, max });

describe('a sector', () => {
  it('has the arcs and the area geometry gives it: r x angle, and half the angle times R2 - r2', () => {
    fc.assert(
      fc.property(lengths(50, 400), lengths(100, 900), lengths(10, 350), (inner, long, angleDeg) => {
        const outline = sector({ inner, outer: inner + long, angleDeg, waist: 0, side: 0, hem: 0 });
        const angle = (angleDeg * Math.PI) / 180;
        expect(lengthOf(outline, 'waist')).toBeCloseTo(inner * angle, 6);
        expect(lengthOf(outline, 'hem')).toBeCloseTo((inner + long) * angle, 6);
        expect(outlineArea(outline)).toBeCloseTo((angle / 2) * ((inner + long) ** 2 - inner ** 2), 3);
        for (const side of outline.filter(({ name }) => name.startsWith('side'))) expect(edgeLength(side)).toBeCloseTo(long, 6);
      }),
    );
  });

  it('keeps its allowance parallel beside the straight sides: it takes a seam more on each', () => {
    fc.assert(
      fc.property(lengths(60, 300), lengths(150, 800), lengths(3, 30), (inner, long, seam) => {
        const half = makePiece({
          id: 'p',
          name: 'Half',
          copies: 1,
          grain: 'any',
          turns: [0],
          seam: sector({ inner, outer: inner + long, angleDeg: 180, waist: 0, side: seam, hem: 0 }),
        });
        // handbook 4: two halves standing on end take r + length + seam each
        expect(footprint(half, 0).height).toBeCloseTo(inner + long + seam, 1);
      }),
    );
  });

  it('whole is a ring: its hole is counted off', () => {
    const ring = makePiece({
      id: 'p',
      name: 'Ring',
      copies: 1,
      grain: 'any',
      turns: [0],
      seam: circle('hem', 700, 12),
      holes: [circle('waist', 110, 15, false)],
    });
    expect(outlineArea(ring.cut)).toBeCloseTo(Math.PI * 712 ** 2, 0);
    expect(outlineArea(ring.cutHoles[0]!)).toBeCloseTo(-Math.PI * 95 ** 2, 0);
  });

  it('whose hole the allowance would eat can’t be drawn, and says which piece', () => {
    const sketch = {
      id: 'p',
      name: 'Peplum',
      copies: 1,
      grain: 'any' as const,
      turns: [0 as const],
      seam: circle('hem', 200, 10),
      holes: [circle('waist', 12, 15, false)],
    };
    expect(() => makePiece(sketch)).toThrow(Unmakeable);
    expect(() => makePiece(sketch)).toThrow(/peplum/);
  });
});

describe('a panel', () => {
  const stations = fc
    .record({ waist: lengths(40, 120), hip: lengths(0, 60), hem: lengths(0, 200), hipDown: lengths(120, 240), long: lengths(300, 900) })
    .map(({ waist, hip, hem, hipDown, long }) => [
      { name: 'waist', down: 0, half: waist },
      { name: 'hip', down: hipDown, half: waist + hip },
      { name: 'hem', down: long, half: waist + hip + hem },
    ]);

  it('is as wide at each station as was asked, and two trapezoids in area', () => {
    fc.assert(
      fc.property(stations, (at) => {
        const outline = panel({ stations: at, allow: no });
        const [a, b, c] = at as [(typeof at)[0], (typeof at)[0], (typeof at)[0]];
        const expected = (a.half + b.half) * b.down + (b.half + c.half) * (c.down - b.down);
        expect(outlineArea(outline)).toBeCloseTo(expected, 3);
        expect(lengthOf(outline, 'top')).toBeCloseTo(2 * a.half, 6);
        expect(boundsOf(outline).width).toBeCloseTo(2 * Math.max(a.half, b.half, c.half), 6);
      }),
    );
  });

  it('lifts its hem corners along the side, so that the flare hangs level: side and centre are as long', () => {
    fc.assert(
      fc.property(stations, (at) => {
        const [, hip, hem] = at as [(typeof at)[0], (typeof at)[0], (typeof at)[0]];
        const fall = hem.down - hip.down;
        const rise = Math.hypot(fall, hem.half - hip.half) - fall;
        const outline = panel({ stations: at, hemRise: rise, allow: no });
        const sides = outline.filter(({ name }) => name === 'side-right');
        expect(edgeLength(sides[0]!)).toBeCloseTo(fall, 6);
      }),
    );
  });

  it('curves over the hip without a corner: the curve runs into the side below it', () => {
    const outline = panel({
      stations: [
        { name: 'waist', down: 0, half: 170 },
        { name: 'hip', down: 200, half: 240 },
        { name: 'hem', down: 600, half: 230 },
      ],
      hipCurve: true,
      allow: no,
    });
    const [below, curve] = outline.filter(({ name }) => name === 'side-right');
    const along = [below!.to[0] - below!.from[0], below!.to[1] - below!.from[1]] as const;
    const radius = [curve!.from[0] - curve!.arc!.centre[0], curve!.from[1] - curve!.arc!.centre[1]] as const;
    // the tangent of a circle stands square on its radius
    expect(Math.abs(along[0] * radius[0] + along[1] * radius[1]) / (Math.hypot(...along) * Math.hypot(...radius))).toBeLessThan(1e-9);
    expect(edgeLength(curve!)).toBeGreaterThan(Math.hypot(70, 200));
  });
});

describe('a rectangle', () => {
  it('as cut is its finished size and its allowances', () => {
    fc.assert(
      fc.property(lengths(20, 1500), lengths(20, 1500), lengths(0, 40), lengths(0, 60), lengths(0, 30), (width, height, top, bottom, sides) => {
        const piece = makePiece({
          id: 'p',
          name: 'Panel',
          copies: 1,
          grain: 'along',
          turns: [0, 90],
          seam: rectangle(width, height, { top, bottom, sides }),
        });
        expect(footprint(piece, 0).width).toBeCloseTo(width + 2 * sides, 6);
        expect(footprint(piece, 0).height).toBeCloseTo(height + top + bottom, 6);
        expect(footprint(piece, 90).width).toBeCloseTo(footprint(piece, 0).height, 6);
      }),
    );
  });
});

describe('which way a piece may lie (handbook 11)', () => {
  const turns = (print: 'none' | 'up' | 'across', oneWay: boolean, upright: boolean) => allowedTurns({ print, oneWay }, upright);
  it.each<[string, number[], number[]]>([
    ['plain cloth: either end up; strips any way', turns('none', false, true), [0, 180]],
    ['plain cloth, a strip', turns('none', false, false), [0, 90, 180, 270]],
    ['one-way cloth: nothing end for end', turns('none', true, true), [0]],
    ['one-way cloth, a strip', turns('none', true, false), [0]],
    ['print up the length', turns('up', false, true), [0, 180]],
    ['print up the length, a strip follows it', turns('up', false, false), [0, 180]],
    ['print across: everything a quarter turned', turns('across', false, true), [90, 270]],
    ['print across, one-way', turns('across', true, true), [90]],
  ])('%s', (_, found, expected) => expect(found).toEqual(expected));
});
