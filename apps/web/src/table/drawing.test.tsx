import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { planFor, type Placement, type Plan, type PlanRequest } from '@arcus/core';
import { LaidPiece } from './laid-piece.tsx';
import { Rulers } from './rulers.tsx';
import { Strip } from './strip.tsx';
import { viewOf } from './view.ts';

const BODY = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200, 'waist-to-knee': 580 };
const SKIRTS: PlanRequest[] = [
  { construction: 'gored-skirt', body: BODY },
  { construction: 'circle-skirt', body: BODY, choices: { closure: 'pull-on', length: 400 } },
];
const frame = (plan: Plan) => ({ minX: 0, maxX: plan.lay.length, minY: 0, maxY: plan.lay.usableWidth });
const margins = { left: 50, top: 40, right: 20, bottom: 30 };
const svg = (inner: React.ReactNode) => renderToStaticMarkup(<svg>{inner}</svg>);
/** Corners and ends of arcs of a path, px. */
const points = (d: string) =>
  [...d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)|A\S+ \S+ \d \d \d (-?[\d.]+) (-?[\d.]+)/g)].map(
    (m) => [Number(m[1] ?? m[3]), Number(m[2] ?? m[4])] as const,
  );
const attribute = (markup: string, name: string) => [...markup.matchAll(new RegExp(` ${name}="([^"]*)"`, 'g'))].map((m) => m[1]!);

describe('a piece on the table', () => {
  const laid = (plan: Plan, placement: Placement, rest = {}) => {
    const view = viewOf(frame(plan), 1200, 700, margins);
    const piece = plan.pieces.find(({ id }) => id === placement.piece)!;
    return { view, piece, markup: svg(<LaidPiece piece={piece} placement={placement} view={view} colour="#a55" {...rest} />) };
  };

  it.each(SKIRTS)('of a $construction lies on the drawing where it lies on the cloth, its length along the table', (request) => {
    const plan = planFor(request);
    for (const placement of plan.lay.placements) {
      const { view, markup } = laid(plan, placement);
      const cut = points(attribute(markup, 'd')[0]!);
      expect(cut.length).toBeGreaterThanOrEqual(2);
      for (const [x, y] of cut) {
        expect(x).toBeGreaterThanOrEqual(view.x(0) - 0.02);
        expect(x).toBeLessThanOrEqual(view.x(plan.lay.length) + 0.02);
        expect(y).toBeGreaterThanOrEqual(view.y(plan.lay.usableWidth) - 0.02);
        expect(y).toBeLessThanOrEqual(view.y(0) + 0.02);
      }
    }
  });

  it('has a solid cut line and a dashed seam line, and holes stay holes', () => {
    const plan = planFor(SKIRTS[1]!);
    const { markup } = laid(plan, plan.lay.placements[0]!);
    const [cut, seam] = [...markup.matchAll(/<path[^>]*>/g)].map(String);
    expect(cut).not.toContain('stroke-dasharray');
    expect(seam).toContain('stroke-dasharray');
    expect(cut).toContain('fill-rule="evenodd"');
    // the rim and the hole: two closed lines
    expect(attribute(cut!, 'd')[0]!.match(/Z/g)).toHaveLength(2);
  });

  it('can be taken in hand with the keyboard and says what it is, which one, how turned, and whether it is held', () => {
    const plan = planFor(SKIRTS[0]!);
    const placement: Placement = { piece: 'gore-front', copy: 1, turn: 180, x: 300, y: 900 };
    const { markup } = laid(plan, placement, { index: 3, locked: true });
    expect(markup).toContain('aria-label="Front gore, number 2, turned 180 degrees, locked"');
    expect(markup).toContain('tabindex="0"');
    expect(markup).toContain('aria-pressed="true"');
    expect(laid(plan, placement).markup).not.toContain('tabindex');
  });

  it('shows where the top of the garment lies: the grain arrow turns with the piece', () => {
    const plan = planFor(SKIRTS[0]!);
    const arrow = (turn: number) => /h(-?)[\d.]+m/.exec(laid(plan, { piece: 'gore-front', copy: 0, turn, x: 300, y: turn ? 900 : 0 }).markup)![1];
    expect(arrow(0)).toBe('');
    expect(arrow(180)).toBe('-');
  });
});

describe('the tape along the edges', () => {
  const labels = (units: 'cm' | 'in', down = true) => {
    const view = viewOf({ minX: 0, maxX: 2000, minY: 0, maxY: 1000 }, 1200, 700, margins);
    const markup = svg(<Rulers view={view} units={units} x={{ from: 0, to: 2000 }} y={{ from: 0, to: 1000, down }} />);
    const read = [...markup.matchAll(/<text x="([\d.]+)" y="([\d.]+)" text-anchor="(middle|end)"[^>]*>(\d+)</g)].map(([, x, y, anchor, says]) => ({
      x: Number(x),
      y: Number(y),
      along: anchor === 'middle',
      says: Number(says),
    }));
    return { view, read };
  };

  it.each(['cm', 'in'] as const)('counts %s, and each figure stands at its own length', (units) => {
    const { view, read } = labels(units);
    const unit = units === 'cm' ? 10 : 25.4;
    expect(read.length).toBeGreaterThan(8);
    for (const { x, y, along, says } of read) {
      if (along) expect(x).toBeCloseTo(view.x(says * unit), 3);
      else expect(y - 4.5).toBeCloseTo(view.y(1000 - says * unit), 3);
    }
  });

  it('counts up from the bottom where it is asked to', () => {
    const { view, read } = labels('cm', false);
    for (const { y, along, says } of read) if (!along) expect(y - 4.5).toBeCloseTo(view.y(says * 10), 3);
  });
});

describe('the strip of cloth', () => {
  const view = viewOf({ minX: 0, maxX: 2000, minY: 0, maxY: 1000 }, 1200, 700, margins);
  const strip = (rest: Partial<Parameters<typeof Strip>[0]>) =>
    svg(<Strip view={view} length={2000} width={1000} selvedge={10} print="none" oneWay={false} {...rest} />);
  const heads = (markup: string) => (/<path d="([^"]*)"/.exec(markup)?.[1]!.match(/l/g) ?? []).length / 2;

  it('has a selvedge on both sides, or one and a fold', () => {
    expect(strip({}).match(/#4a647b/g)).toHaveLength(2);
    expect(strip({ folded: true }).match(/#4a647b/g)).toHaveLength(1);
    expect(strip({ folded: true })).toContain('stroke-dasharray="14 4 3 4"');
  });

  it('shows which way the print runs, with one arrowhead where it runs one way only', () => {
    expect(heads(strip({}))).toBe(0);
    expect(heads(strip({ print: 'up', oneWay: true }))).toBe(1);
    expect(heads(strip({ print: 'up' }))).toBe(2);
    expect(heads(strip({ oneWay: true }))).toBe(1);
    expect(strip({ print: 'across' })).not.toBe(strip({ print: 'up' }));
  });
});
