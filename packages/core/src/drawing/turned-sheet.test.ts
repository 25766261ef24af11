import { describe, expect, it } from 'vitest';
import { boundsOf } from '../geometry/bounds.ts';
import { edgeLength } from '../geometry/edge.ts';
import { outlineArea } from '../geometry/area.ts';
import { planFor } from '../plan/plan.ts';
import { chalkDrawing } from './chalk-drawing.ts';
import { isLongSheet, turnedSheet } from './turned-sheet.ts';

const body = { 'waist-girth': 700, 'hip-girth': 960, 'waist-to-hip': 200, 'waist-to-knee': 580 };
const { chalk } = planFor({ construction: 'gored-skirt', body });
const gore = chalk.find(({ piece }) => piece.includes('gore'))!;

describe('a long piece on a wide table', () => {
  it('lies along it, its top to the left, every line as long as it was and no hand changed', () => {
    expect(isLongSheet(gore)).toBe(true);
    const turned = turnedSheet(gore);
    const [before, after] = [boundsOf(gore.cut), boundsOf(turned.cut)];
    expect(after.width).toBeCloseTo(before.height, 9);
    expect(after.height).toBeCloseTo(before.width, 9);
    expect(turned.cut.map(edgeLength)).toEqual(gore.cut.map((edge) => expect.closeTo(edgeLength(edge), 9)));
    // mirrored, the area of a counter-clockwise ring would be negative
    expect(outlineArea(turned.cut)).toBeCloseTo(outlineArea(gore.cut), 6);
    const top = Math.max(...gore.cut.map(({ from }) => from[1]));
    expect(Math.min(...turned.cut.map(({ from }) => from[0]))).toBeCloseTo(-top, 9);
  });

  it('a disc or a square stays as it is', () => {
    const circle = planFor({ construction: 'circle-skirt', body }).chalk[0]!;
    expect(isLongSheet(circle)).toBe(false);
  });
});

describe('a chalk sheet on paper', () => {
  it('numbers every mark that is measured or dotted as the list beside it does', () => {
    for (const sheet of chalk) {
      const { texts } = chalkDrawing(sheet, 'cm');
      sheet.marks.forEach((mark, i) => {
        const numbered = texts.some(({ says }) => says === String(i + 1) || says.startsWith(`${i + 1}: `));
        expect(numbered, `${sheet.piece} ${mark.id}`).toBe(Boolean(mark.line || mark.dots?.length));
      });
    }
  });
});
