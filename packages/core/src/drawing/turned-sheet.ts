import { boundsOf } from '../geometry/bounds.ts';
import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';
import type { ChalkSheet } from '../marks/mark.ts';

/** A piece this much longer than it is wide lies along a table, or a page, that is wider than high. */
const LONG = 1.2;

/** Whether what is chalked is better seen lying along. */
export function isLongSheet({ cut }: ChalkSheet): boolean {
  const { width, height } = boundsOf(cut);
  return height > LONG * width;
}

const turnedPoint = ([x, y]: Point): Point => [-y, x];
const turnedLine = ([a, b]: readonly [Point, Point]): readonly [Point, Point] => [turnedPoint(a), turnedPoint(b)];

function turnedEdge({ from, to, arc, ...rest }: Edge): Edge {
  return { ...rest, from: turnedPoint(from), to: turnedPoint(to), ...(arc ? { arc: { ...arc, centre: turnedPoint(arc.centre) } } : {}) };
}

/**
 * A chalk sheet that lies along the table, its top to the left: turned by a quarter, never mirrored.
 *
 *     ┌─┐ top
 *     │ │        ┌──────────┐
 *     │ │   →  top          │
 *     └─┘        └──────────┘
 */
export function turnedSheet(sheet: ChalkSheet): ChalkSheet {
  return {
    ...sheet,
    cut: sheet.cut.map(turnedEdge),
    seam: sheet.seam.map(turnedEdge),
    folds: sheet.folds.map(turnedLine),
    origin: turnedPoint(sheet.origin),
    marks: sheet.marks.map((mark) => ({
      ...mark,
      ...(mark.line ? { line: turnedLine(mark.line) } : {}),
      ...(mark.dots ? { dots: mark.dots.map(turnedPoint) } : {}),
    })),
  };
}
