import { Unmakeable } from '../errors/unmakeable.ts';
import { polar, type Point } from '../geometry/point.ts';
import { addJoin } from '../joins/join.ts';
import { along } from '../joins/run.ts';
import { finishStep, sewStep, total } from '../joins/stitching.ts';
import { PI, Quantity } from '../quantity/quantity.ts';
import type { Outline, Shape } from '../shapes/shape.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

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
    shape: godetShape(sheet, height, angle),
  });
}

function godetShape(sheet: Worksheet, height: Quantity, angle: Quantity): Shape {
  const [seam, hem] = [sheet.number('seam').value, sheet.number('hem').value];
  const draw = ([k, angleDeg]: number[]): Outline => {
    const half = (angleDeg! * Math.PI) / 360;
    const at = (side: number): Point => polar([0, 0], k!, -Math.PI / 2 + side * half);
    return {
      seam: [
        { name: 'hem', from: at(-1), to: at(1), arc: { centre: [0, 0], ccw: true }, allowance: hem },
        { name: 'side-right', from: at(1), to: [0, 0], allowance: seam },
        { name: 'side-left', from: [0, 0], to: at(-1), allowance: seam },
      ],
      holes: [],
    };
  };
  const half = (angle.value * Math.PI) / 360;
  const corner = {
    id: 'corner',
    name: 'Hem corner',
    down: sheet.drawn('godet-corner-down', 'From the point down to the corners', height.value * Math.cos(half)),
    half: sheet.drawn('godet-corner-out', 'From the fold to a corner', height.value * Math.sin(half)),
  };
  const swing = height.plus(sheet.number('hem')).named('godet-swing', 'From the point to the cut hem', 'up');
  return {
    inputs: [height, angle],
    draw,
    chalking: { as: 'panel', stations: [corner], hem: `Hem: swing ${sheet.show(swing)} from the point of the fold` },
  };
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
