import { caught } from '../joins/caught.ts';
import { addJoin } from '../joins/join.ts';
import { along, part } from '../joins/run.ts';
import { sewStep } from '../joins/stitching.ts';
import { trimCloth } from '../joins/bind.ts';
import type { ViewPart } from '../drape/garment-view.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Join } from '../sheet/join.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

export interface StrapOptions {
  prefix?: string;
  /** Plain ones run from front to back; of ties one end is free. */
  kind: 'plain' | 'tie';
  /** What shows of each, and how wide it is finished, mm. */
  length: Quantity;
  width: Quantity;
}

/** Straps that are made but not sewn on yet. */
export interface Straps {
  piece: Piece;
  /** Catches their ends in: `at` names the join (front, back), `onto` the piece, `step` the step that sews it. */
  catchIn(at: 'front' | 'back', onto: string, step: string): Join[];
}

/**
 * Straps or ties: folded lengthwise, sewn, turned; cut 25 mm longer than they show and twice as wide with 6 mm beside (handbook 3):
 *
 *     ═══════════╗   sewn along one edge; of a tie one end too
 *     ═══════════╝
 */
export function makeStraps(sheet: Worksheet, { prefix = 'strap', kind, length, width }: StrapOptions): Straps {
  const [ends, beside] = [sheet.figure('strap-ends'), sheet.figure('strap-allowance')];
  const cutLength = sheet.put(`${prefix}-cut-length`, kind === 'tie' ? 'Tie, length to cut' : 'Strap, length to cut', 'up', length.plus(ends));
  const cutWidth = sheet.put(
    `${prefix}-cut-width`,
    kind === 'tie' ? 'Tie, width to cut' : 'Strap, width to cut',
    'up',
    width.times(2).plus(beside.times(2)),
  );
  const piece = sheet.cut({
    id: prefix,
    name: kind === 'tie' ? 'Tie' : 'Strap',
    copies: kind === 'tie' ? 4 : 2,
    grain: 'across',
    turns: [0, 90, 180, 270],
    cloth: trimCloth(sheet),
    shell: false,
    quantityIds: [cutLength.id!, cutWidth.id!],
    shape: rectangleShape(cutLength.minus(ends), cutWidth.minus(beside.times(2)), {
      top: beside.value,
      bottom: beside.value,
      sides: ends.value / 2,
    }),
  });
  const copies = Array.from({ length: piece.copies }, (_, copy) => ({ piece, copy }));
  const joins = copies.flatMap((placed) => {
    const n = placed.copy + 1;
    const fold = addJoin(sheet, {
      id: `${prefix}-fold-${n}`,
      how: 'plain',
      layers: [along([placed], 'bottom'), along([placed], 'top', true)],
      step: `${prefix}-make`,
    });
    if (kind === 'plain') return [fold];
    const [end] = along([placed], 'side-right');
    return [
      fold,
      addJoin(sheet, {
        id: `${prefix}-end-${n}`,
        how: 'plain',
        layers: [[part(end!, 0, 0.5)], [{ ...part(end!, 0.5, 1), back: true }]],
        step: `${prefix}-make`,
      }),
    ];
  });
  sewStep(sheet, {
    id: `${prefix}-make`,
    title: kind === 'tie' ? 'Make the ties' : 'Make the straps',
    sews: joins,
    section: 'strap',
    handling: [['strap', piece.copies]],
    how: `Fold each lengthwise, right sides together, and sew ${sheet.show(beside)} from the edges${kind === 'tie' ? ' and across one end' : ''}. Turn it with a safety pin, press it with the seam along one edge.`,
    why: 'Turned, no raw edge is left to fray.',
  });
  return {
    piece,
    catchIn: (at, onto, step) => {
      // plain ones run from the front to the back of the same side; of four ties two are in front
      const own = kind === 'plain' ? copies : at === 'front' ? copies.slice(0, 2) : copies.slice(2);
      const edge = kind === 'plain' && at === 'back' ? 'side-right' : 'side-left';
      return own.map((placed, i) =>
        caught(sheet, {
          id: `${prefix}-${at}-${i + 1}`,
          end: along([placed], edge),
          onto,
          step,
          why: 'Caught in at the top edge.',
        }),
      );
    },
  };
}

export type StrapKind = StrapOptions['kind'];
/** Over the shoulder where that was not measured, and what a bow takes on each tie, mm (common practice, no source). */
const OVER_SHOULDER = 400;
const BOW = 220;

/** Straps of the chosen length and width, made and sewn to a finished top edge. `under`: where their ends lie, in words. */
export function addStraps(
  sheet: Worksheet,
  { kind, onto, back = onto, under }: { kind: StrapKind; onto: string; back?: string; under: string },
): void {
  const straps = makeStraps(sheet, { kind, length: strapLength(sheet, kind), width: sheet.number('strapWidth') });
  const ends = [...straps.catchIn('front', onto, 'straps'), ...straps.catchIn('back', back, 'straps')];
  sewStep(sheet, {
    id: 'straps',
    title: kind === 'tie' ? 'Sew on the ties' : 'Sew on the straps',
    sews: ends,
    section: 'strap-end',
    handling: [['seam', ends.length]],
    how:
      kind === 'tie'
        ? `Put it on and mark where the ties should sit, in front and behind, each about a hand’s breadth from the middle. Sew the raw end of each tie inside, ${under}, in a small square of stitches.`
        : `Put it on and pin the straps: in front about a hand’s breadth from the middle, behind a little closer, and so long that the top edge lies level. Check that none is twisted. Sew both ends inside, ${under}, in a small square of stitches.`,
    why: 'Only on the person can one see how long a strap has to be.',
    ...(sheet.wearer !== 'adult' && kind === 'tie'
      ? { caution: 'For a child: short ends, tied tight and tucked in; no long ties at the neck.' }
      : {}),
  });
}

function strapLength(sheet: Worksheet, kind: StrapKind): Quantity {
  const given = sheet.isSet('strapLength') ? sheet.number('strapLength') : undefined;
  const over =
    given ??
    (sheet.hasMeasure('over-shoulder')
      ? sheet.measure('over-shoulder')
      : Quantity.constant(OVER_SHOULDER * sheet.scale, 'mm', undefined, 'usual over the shoulder'));
  return kind === 'plain' ? over : over.over(2).plus(Quantity.constant(BOW * sheet.scale, 'mm', undefined, 'for the bow'));
}

/** The straps as they are seen. */
export const strapsSeen = (sheet: Worksheet, from: number, tie: boolean): ViewPart => ({
  kind: 'straps',
  from,
  fromMiddle: 90 * sheet.scale,
  width: sheet.number('strapWidth').value,
  tie,
});
