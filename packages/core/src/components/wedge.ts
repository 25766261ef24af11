import { polar, type Point } from '../geometry/point.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Outline, Shape } from '../shapes/shape.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/**
 * A sector hanging from its point: a triangle trued at the hem, both sides as long as it is high. `angle` in degrees; sides "hem",
 * "side-right", "side-left".
 *
 *       ╱╲
 *      ╱  ╲
 *      ‿‿‿‿
 */
export function wedgeShape(sheet: Worksheet, { prefix, height, angle }: { prefix: string; height: Quantity; angle: Quantity }): Shape {
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
    down: sheet.drawn(`${prefix}-corner-down`, 'From the point down to the corners', height.value * Math.cos(half)),
    half: sheet.drawn(`${prefix}-corner-out`, 'From the fold to a corner', height.value * Math.sin(half)),
  };
  const swing = height.plus(sheet.number('hem')).named(`${prefix}-swing`, 'From the point to the cut hem', 'up');
  return {
    inputs: [height, angle],
    draw,
    chalking: { as: 'panel', stations: [corner], hem: `Hem: swing ${sheet.show(swing)} from the point of the fold` },
  };
}
