import { Unmakeable } from '../errors/unmakeable.ts';
import { addJoin } from '../joins/join.ts';
import { along } from '../joins/run.ts';
import { finishStep, sewStep, total } from '../joins/stitching.ts';
import { PI, Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { wedgeShape } from './wedge.ts';

/** A godet lower than this is all seam, mm. */
export const LEAST_GODET = 60;

/** Wedges set into seams: a sector of height k and hem width u opens by u/k radians. `room`: how much seam there is for it, mm. */
export function cutGodets(sheet: Worksheet, count: number, room: Quantity): Piece {
  const [height, width] = [sheet.number('godetHeight'), sheet.number('godetHem')];
  if (height.value > room.value)
    throw new Unmakeable(
      'choices.godetHeight',
      `The godets reach higher than the flare (${sheet.show(room)}).`,
      Math.floor(room.value / sheet.scale),
    );
  const angle = sheet.put('godet-angle', 'Angle of a godet', 'nearest', width.over(height).times(Quantity.constant(180, 'deg').over(PI)));
  if (angle.value >= 180)
    throw new Unmakeable(
      'choices.godetHem',
      'A godet this wide for its height is more than half a circle.',
      Math.floor((height.value * 3) / sheet.scale),
    );
  return sheet.cut({
    id: 'godet',
    name: 'Godet',
    copies: count,
    grain: 'along',
    quantityIds: ['godet-angle'],
    shape: wedgeShape(sheet, { prefix: 'godet', height, angle }),
  });
}

/**
 * Each godet between the feet of one seam: two seams from the point down.
 *
 *     \  │  /
 *      \ │ /    the gores' seam stops at the point
 *       \│/
 *       /_\
 */
export function setInGodets(sheet: Worksheet, godet: Piece, feet: readonly Span[][][]): void {
  const joins = feet.flatMap(([before, after], copy) => [
    addJoin(sheet, { id: `godet-${copy + 1}-left`, how: 'plain', layers: [before!, along([{ piece: godet, copy }], 'side-left')], step: 'godets' }),
    addJoin(sheet, {
      id: `godet-${copy + 1}-right`,
      how: 'plain',
      layers: [along([{ piece: godet, copy }], 'side-right', true), after!],
      step: 'godets',
    }),
  ]);
  finishStep(sheet, 'godets', { title: 'Finish the straight edges of the godets', length: total(joins), shows: joins, together: false });
  sewStep(sheet, {
    id: 'godets',
    title: 'Set in the godets',
    sews: joins,
    section: 'seam-open',
    handling: [['godet', feet.length]],
    how: `Each seam was left open from the point mark down. Lay one side of a godet on one side of the opening, right sides together, point on point, and sew from the point down to the hem, beginning exactly at the last stitch of the seam. Then the other side, again from the point down. Never sew over the point itself. Press both seams towards the skirt.`,
    why: 'From the point down nothing is pushed ahead of the foot, and the point stays sharp.',
  });
}
