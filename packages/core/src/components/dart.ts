import { addJoin } from '../joins/join.ts';
import { along, splitRun } from '../joins/run.ts';
import { sewStep } from '../joins/stitching.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** A dart ends this far before the middle of the bust, and is so many times as long as it is wide (common practice, no source). */
const LENGTH = 3.5;

export interface DartOptions {
  /** The piece with sides "side-right" and "side-left". */
  front: Piece;
  /** From the armhole down the side to its upper leg, and what it folds away at the side, mm. */
  below: number;
  width: Quantity;
}

/** What is left of the sides for the side seams, from the armhole down. */
export type BesideDart = Record<'right' | 'left', Span[]>;

/**
 * A dart from each side seam: a wedge folded away, its mouth closing on itself:
 *
 *      │
 *      ├───╲
 *      │    ╲  legs right sides together, from the side to the point
 *      ├────╱
 *      │
 */
export function addDarts(sheet: Worksheet, { front, below, width }: DartOptions): BesideDart {
  const beside: BesideDart = { right: [], left: [] };
  const long = width
    .times(Quantity.constant(LENGTH, 'ratio', undefined, 'common practice'))
    .named('dart-length', 'Dart, from the side to its point', 'nearest');
  const joins = (['right', 'left'] as const).map((hand) => {
    const side = along([{ piece: front, copy: 0 }], `side-${hand}`, hand === 'right');
    const [above, rest] = splitRun(sheet, side, below);
    const [mouth, lower] = splitRun(sheet, rest, width.value);
    const [upper, under] = splitRun(sheet, mouth, width.value / 2);
    beside[hand] = [...above, ...lower];
    // folded on itself, one leg runs against the other
    const against = under.map(({ back, ...span }): Span => (back ? span : { ...span, back: true }));
    return addJoin(sheet, { id: `dart-${hand}`, how: 'plain', layers: [upper, against], step: 'darts' });
  });
  sewStep(sheet, {
    id: 'darts',
    title: 'Sew the darts',
    sews: joins,
    seam: long.times(2),
    section: 'dart',
    handling: [['dart', 2]],
    how: `On each side of the front mark ${sheet.showLength(below)} down the side from the armhole, and ${sheet.show(width)} further; chalk a point ${sheet.show(long)} inwards from the middle of the two, towards the bust. Fold through the point so that both marks meet, right sides together, and sew from the side to the point in a straight line, running off the fold. Knot the threads, do not backstitch. Press the dart downwards.`,
    why: 'Sewn to a fine end it makes no dimple. With it the front’s side is as long as the back’s.',
  });
  return beside;
}
