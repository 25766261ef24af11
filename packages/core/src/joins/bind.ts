import { Quantity } from '../quantity/quantity.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import type { ClothRole, Piece } from '../shapes/piece.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';
import { along, copiesOf, runLength } from './run.ts';
import { sewStep } from './stitching.ts';

export interface BoundEdge {
  /** Names join and step. */
  id: string;
  title: string;
  /** What it is in words: "the hem edge". */
  what: string;
  edge: Span[];
  /** The strip for it as cut, mm; its length and two seams where nobody says. */
  long?: Quantity;
  /** Figures of its handling; by its length where nobody says. */
  handling?: ReadonlyArray<readonly [string, number?]>;
  /** It begins and ends at an opening. */
  open?: boolean;
}

export interface BindOptions {
  /** Names the square and its quantities. */
  prefix: string;
  edges: readonly BoundEdge[];
  onto: string;
}

/** What strips, bands and bindings are cut from. */
export const trimCloth = (sheet: Worksheet): ClothRole => (sheet.hasChoice('bandCloth') ? (sheet.oneOf('bandCloth') as ClothRole) : 'main');

/**
 * Raw edges between the two halves of a strip folded to four:
 *
 *     ──────╭─┐
 *     ══════╪═│   strip, cut on the bias out of a square
 *     ──────╰─┘
 *
 * One square gives the strips for all of them.
 */
export function bind(sheet: Worksheet, { prefix, edges, onto }: BindOptions): Join[] {
  bindingStrip(sheet, { prefix, edges, onto });
  return edges.map((edge) => bindEdge(sheet, edge));
}

/** The strip for an edge as cut, mm. */
const stripFor = (sheet: Worksheet, { edge, long }: BoundEdge): Quantity => long ?? runLength(sheet, edge).plus(sheet.number('seam').times(2));

/** The strip for several edges, out of one square, before any of them is bound. */
export function bindingStrip(sheet: Worksheet, { prefix, edges, onto }: BindOptions): void {
  biasStrip(sheet, {
    prefix,
    long: Quantity.sum(edges.map((edge) => stripFor(sheet, edge))),
    width: sheet.figure('binding-width'),
    onto,
    title: 'Make the binding',
    finish: 'Press it in half lengthwise, open it, and press both edges to the middle: it is folded to four.',
  });
}

/** One edge bound with what the strip gives. */
export function bindEdge(sheet: Worksheet, bound: BoundEdge): Join {
  const { id, title, what, edge, open = false, handling } = bound;
  const join = addJoin(sheet, { id, how: 'bind', layers: [edge], step: id });
  const metres = join.length.over(Quantity.constant(1000, 'mm'));
  sewStep(sheet, {
    id,
    title,
    sews: [join],
    passes: 2,
    section: 'binding',
    handling: handling ?? [['bind', metres.value]],
    how: `Cut ${sheet.show(stripFor(sheet, bound).named(`${id}-strip`, 'Strip', 'up'))} of the strip. Open out one edge of it and lay it along ${what}, right sides together, ${open ? 'both ends turned in' : `ends turned in and overlapping by ${sheet.showLength(10)}`}. Sew in the first fold. Turn the strip over the edge to the inside, and stitch from the right side just beside the fold, catching the inner edge. Ease the strip a little on an inward curve, stretch it a little on an outward one.`,
    why: 'A curved edge lies flat under a bias strip, and nothing of it is turned in.',
  });
  return join;
}

/** A long strip cut on the bias out of a square, joined on the slant. `long` and `width` as cut, mm. */
export function biasStrip(
  sheet: Worksheet,
  { prefix, long, width, onto, title, finish }: { prefix: string; long: Quantity; width: Quantity; onto: string; title: string; finish: string },
): Piece {
  const whole = sheet.put(`${prefix}-length`, 'Bias strip, length', 'up', long);
  // the strip is cut on the bias out of a square of the same area, and as much again for the joins at the corners
  const side = sheet.put(`${prefix}-square`, 'Square to cut the strip from', 'up', whole.times(width).sqrt().plus(width));
  const strips = Math.max(2, Math.ceil((side.value * Math.SQRT2) / width.value - 1));
  const square = sheet.cut({
    id: prefix,
    name: `Square for ${prefix.replaceAll('-', ' ')}`,
    copies: 1,
    grain: 'along',
    cloth: trimCloth(sheet),
    shell: false,
    quantityIds: [`${prefix}-length`, `${prefix}-square`],
    shape: rectangleShape(side, side, { top: 0, bottom: 0, sides: 0 }),
    lines: [{ name: 'bias', from: [-side.value / 2, 0], to: [side.value / 2, side.value] }],
  });
  const cutUp = addJoin(sheet, {
    id: `${prefix}-cut-up`,
    how: 'raw',
    layers: [copiesOf(square).flatMap((placed) => ['bottom', 'side-right', 'top', 'side-left'].flatMap((name) => along([placed], name)))],
    onto,
    step: `${prefix}-make`,
    why: 'Cut into strips; its edges are used up in them.',
  });
  sewStep(sheet, {
    id: `${prefix}-make`,
    title,
    sews: [cutUp],
    seam: width.times(Math.SQRT2).times(strips),
    handling: [['seam', 3]],
    how: `Fold the square corner to corner and cut along the fold. Cut strips ${sheet.show(width)} wide beside that cut: about ${strips} of them, with ${strips - 1} joins. Join them on the slant, right sides together, the ends crossing at a right angle, until the strip is ${sheet.show(whole)} long. ${finish}`,
    why: 'Cut on the slant, a strip bends round a curve.',
  });
  return square;
}
