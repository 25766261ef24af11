import { Quantity } from '../quantity/quantity.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';
import { along, copiesOf, runLength } from './run.ts';
import { sewStep } from './stitching.ts';

/**
 * A raw edge between the two halves of a strip folded to four:
 *
 *     ──────╭─┐
 *     ══════╪═│   strip, cut on the bias out of a square
 *     ──────╰─┘
 */
export function bind(
  sheet: Worksheet,
  { id, prefix, edge, onto, title }: { id: string; prefix: string; edge: Span[]; onto: string; title: string },
): Join {
  const width = sheet.figure('binding-width');
  const around = runLength(sheet, edge);
  const long = sheet.put(`${prefix}-length`, 'Binding, length', 'up', around.plus(sheet.number('seam').times(2)));
  // the strip is cut on the bias out of a square of the same area, and as much again for the joins at the corners
  const side = sheet.put(`${prefix}-square`, 'Square to cut the binding from', 'up', long.times(width).sqrt().plus(width));
  const strips = Math.max(2, Math.ceil((side.value * Math.SQRT2) / width.value - 1));
  const square = sheet.cut({
    id: prefix,
    name: 'Square for bias binding',
    copies: 1,
    grain: 'along',
    cloth: 'contrast',
    shell: false,
    quantityIds: [`${prefix}-length`, `${prefix}-square`],
    shape: rectangleShape(side, side, { top: 0, bottom: 0, sides: 0 }),
    lines: [{ name: 'bias', from: [-side.value / 2, 0], to: [side.value / 2, side.value] }],
  });
  const edges = addJoin(sheet, {
    id: `${prefix}-cut-up`,
    how: 'raw',
    layers: [copiesOf(square).flatMap((placed) => ['bottom', 'side-right', 'top', 'side-left'].flatMap((name) => along([placed], name)))],
    onto,
    step: `${prefix}-make`,
    why: 'Cut into strips; its edges are used up in them.',
  });
  const metres = around.over(Quantity.constant(1000, 'mm'));
  sewStep(sheet, {
    id: `${prefix}-make`,
    title: 'Make the binding',
    sews: [edges],
    seam: width.times(Math.SQRT2).times(strips),
    handling: [['seam', 3]],
    how: `Fold the square corner to corner and cut along the fold. Cut strips ${sheet.show(width)} wide beside that cut: about ${strips} of them. Join them on the slant, right sides together, the ends crossing at a right angle, until the strip is ${sheet.show(long)} long. Press it in half lengthwise, open it, and press both edges to the middle: it is folded to four.`,
    why: 'Cut on the slant, a strip bends round a curve.',
  });
  const join = addJoin(sheet, { id, how: 'bind', layers: [edge], step: id });
  sewStep(sheet, {
    id,
    title,
    sews: [join],
    passes: 2,
    section: 'binding',
    handling: [['bind', metres.value]],
    how: `Open out one edge of the strip and lay it along the hem edge, right sides together, ends turned in and overlapping by ${sheet.showLength(10)}. Sew in the first fold. Turn the strip over the edge to the inside, and stitch from the right side just beside the fold, catching the inner edge. Ease the strip a little on an inward curve, stretch it a little on an outward one.`,
    why: 'A curved edge lies flat under a bias strip, and nothing of the length is turned up.',
  });
  return join;
}
