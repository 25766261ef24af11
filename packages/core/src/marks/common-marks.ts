import { boundsOf } from '../geometry/bounds.ts';
import type { Point } from '../geometry/point.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Mark } from './mark.ts';

/** Folded once along the grain: half the piece lies beside the fold. */
export const foldOnce = (hint: string): Mark => ({
  id: 'fold-1',
  kind: 'fold',
  says: 'Fold the cloth once along the grain, right side in',
  hint,
  quantities: [],
});

/** The end everything is measured from. A knit is straightened along a row of stitches: a thread pulled in it ladders (handbook 13a). */
export function straightEnd(sheet: Worksheet, piece: Piece): string {
  return sheet.cloths.of(piece.cloth).kind === 'knit'
    ? 'Straighten the end first: follow one row of stitches across with chalk and cut along it; never pull a thread of a knit, it ladders.'
    : 'Straighten the end first: pull a thread across and cut along it.';
}

/** A print that runs across the cloth turns everything a quarter. */
export function printSays(sheet: Worksheet, piece: Piece): string {
  const { print } = sheet.cloths.of(piece.cloth);
  return print === 'across' && piece.turns.every((turn) => turn === 90 || turn === 270)
    ? ' The print runs across: turn the cloth a quarter, so that “down” on this page runs from selvedge to selvedge.'
    : '';
}

export const labelMark = (piece: Piece, top: string): Mark => ({
  id: 'label',
  kind: 'label',
  says: `Pin the label “${piece.name.toLowerCase()}, right side in, ${top} up”`,
  quantities: [],
});

export const snips = (id: string, says: string, dots: Point[]): Mark => ({
  id,
  kind: 'notch',
  says,
  hint: 'no deeper than half the allowance; where the edge will be bound, hardly at all',
  quantities: [],
  dots,
});

/** The rest are cut from the first one where several are wanted of one cloth laid open (handbook 13a). */
export function templateMark(sheet: Worksheet, piece: Piece): Mark[] {
  if (piece.copies < 2) return [];
  const folded = piece.cloth === 'main' && sheet.oneOf('fold') !== 'open';
  return [
    {
      id: 'template',
      kind: 'cut',
      says: folded
        ? `${piece.copies} are wanted: chalk it where the lay has it, with the cloth folded as there, and cut through the layers`
        : `${piece.copies} are wanted: cut this one, then lay it on the cloth where the lay has the others and cut round it`,
      ...(folded ? {} : { hint: 'it is the template; snips and labels go on every one' }),
      quantities: [],
    },
  ];
}

/** Lines inside a piece: a bias, a row. On the half beside a fold where it is chalked folded. */
export function lineMarks(sheet: Worksheet, piece: Piece, folded = false): Mark[] {
  const { maxY } = boundsOf(piece.cut);
  const where = (name: string, y: number, level: boolean) =>
    level ? `Chalk the ${name}, ${sheet.showLength(maxY - y)} below the top cut edge` : `Chalk the ${name}`;
  return piece.lines.map(({ name, from: [x, y], to }) => ({
    id: `line-${name}`,
    kind: 'distance',
    says: name === 'bias' ? 'Chalk the diagonal from corner to corner: strips are cut beside it' : where(name, y, Math.abs(y - to[1]) < 1e-6),
    quantities: [],
    line: [[folded ? Math.max(0, x) : x, y], to],
  }));
}
