import { FormulaError } from '../errors/formula-error.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** One copy of a piece as it lies in the garment. */
export interface Placed {
  piece: Piece;
  copy: number;
}

/** All copies of a piece, in order. */
export const copiesOf = (piece: Piece): Placed[] => Array.from({ length: piece.copies }, (_, copy) => ({ piece, copy }));

/** One edge of several copies, in sewing order; `back` where they are sewn against their own direction. */
export const along = (placed: readonly Placed[], edge: string, back = false): Span[] =>
  placed.map(({ piece, copy }) => ({ piece: piece.id, copy, edge, from: 0, to: 1, ...(back ? { back: true as const } : {}) }));

/** One edge of a piece there is one of; `back` where it is sewn against its own direction. */
export const edgeOf = (piece: Piece, edge: string, back = false): Span[] => along([{ piece, copy: 0 }], edge, back);

/** Part of a span, by shares of the span in sewing order. */
export function part(span: Span, start: number, end: number): Span {
  const long = span.to - span.from;
  const [a, b] = span.back ? [1 - end, 1 - start] : [start, end];
  return { ...span, from: span.from + a * long, to: span.from + b * long };
}

/** A run sewn the other way. */
export const reversed = (run: readonly Span[]): Span[] =>
  [...run].reverse().map(({ back, ...span }): Span => (back ? span : { ...span, back: true }));

/** Length of a span, mm. */
export function spanLength(sheet: Worksheet, { piece, edge, from, to }: Span): Quantity {
  const whole = sheet.side(sheet.piece(piece), edge);
  return from === 0 && to === 1 ? whole : whole.times(Quantity.constant(to - from, 'ratio', undefined, 'share of the edge'));
}

/** Length of a run, mm. Equal spans are counted once and multiplied. */
export function runLength(sheet: Worksheet, run: readonly Span[]): Quantity {
  if (run.length === 1) return spanLength(sheet, run[0]!);
  const groups = new Map<string, { span: Span; count: number }>();
  for (const span of run) {
    const key = `${span.piece} ${span.edge} ${span.to - span.from}`;
    const known = groups.get(key);
    if (known) known.count++;
    else groups.set(key, { span, count: 1 });
  }
  return Quantity.sum([...groups.values()].map(({ span, count }) => (count === 1 ? spanLength(sheet, span) : spanLength(sheet, span).times(count))));
}

/** Nothing is sewn that is shorter than this, mm. */
const HAIR = 0.01;

/** A run cut in two so far from its start, mm. Throws FormulaError where it is shorter. */
export function splitRun(sheet: Worksheet, run: readonly Span[], at: number): [Span[], Span[]] {
  let rest = at;
  for (let i = 0; i < run.length; i++) {
    const length = spanLength(sheet, run[i]!).value;
    if (rest <= HAIR) return [run.slice(0, i), run.slice(i)];
    if (rest < length - HAIR) {
      const share = rest / length;
      return [
        [...run.slice(0, i), part(run[i]!, 0, share)],
        [part(run[i]!, share, 1), ...run.slice(i + 1)],
      ];
    }
    rest -= length;
  }
  if (rest > 2 * HAIR) throw new FormulaError(`a run is ${rest} mm shorter than where it is cut`);
  return [[...run], []];
}
