import type { Quantity } from '../quantity/quantity.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';
import { runLength } from './run.ts';
import { sewStep } from './stitching.ts';

export interface CasingOptions {
  id: string;
  edge: Span[];
  /** A lining’s edge that ends under the casing’s stitching. */
  under?: Span[];
  heldTo?: Quantity;
}

/**
 * An edge folded over an elastic:
 *
 *     ╭───╮
 *     │ = │ elastic
 *     │╭──┘ turned under, stitched along its lower fold
 */
export function casing(sheet: Worksheet, { id, edge, under = [], heldTo }: CasingOptions): Join {
  const gap = sheet.figure('gap');
  const join = addJoin(sheet, {
    id,
    how: 'casing',
    layers: [edge, ...(under.length > 0 ? [under] : [])],
    step: id,
    gap: { length: gap.value, stays: false },
    ...(heldTo ? { heldTo } : {}),
  });
  const high = sheet.showLength(sheet.elastic.width + sheet.figure('casing-room').value);
  sewStep(sheet, {
    id,
    title: 'Fold and sew the casing',
    sews: [join],
    seam: runLength(sheet, edge),
    section: 'casing',
    handling: [['casing', 0.5], ...(under.length > 0 ? [['lining'] as const] : [])],
    how: [
      `Turn ${sheet.show(sheet.figure('casing-under'))} of the top edge to the wrong side and press; turn over ${high} more and press again: that is the channel.`,
      ...(under.length > 0
        ? [
            `Put the lining into the skirt, wrong sides together, seams on seams, and slip its top edge ${sheet.showLength(sheet.number('seam').value)} up under the fold; pin all round.`,
          ]
        : []),
      `Stitch close to the lower fold all the way round, beginning and ending at a seam behind, and leave ${sheet.show(gap)} open there for the elastic.`,
    ].join(' '),
  });
  return join;
}
