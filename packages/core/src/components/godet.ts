import { Unmakeable } from '../errors/unmakeable.ts';
import { polar, type Point } from '../geometry/point.ts';
import { panelSheet } from '../marks/panel-marks.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { PI, Quantity } from '../quantity/quantity.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';

/** Wedges set into seams: a sector of height k and hem width u opens by u/k radians. `room`: how much seam there is for it, mm. */
export function addGodets(sheet: Worksheet, count: number, room: Quantity): void {
  const [height, width] = [sheet.number('godetHeight'), sheet.number('godetHem')];
  if (height.value > room.value)
    throw new Unmakeable('choices.godetHeight', `The godets reach higher than the flare (${sheet.show(room)}).`, Math.floor(room.value));
  const angle = sheet.put('godet-angle', 'Angle of a godet', 'nearest', width.over(height).times(Quantity.constant(180, 'deg').over(PI)));
  if (angle.value >= 180)
    throw new Unmakeable('choices.godetHem', 'A godet this wide for its height is more than half a circle.', Math.floor(height.value * 3));
  const half = (angle.value * Math.PI) / 360;
  const at = (side: number): Point => polar([0, 0], height.value, -Math.PI / 2 + side * half);
  const seam = sheet.number('seam').value;
  const piece = sheet.piece({
    id: 'godet',
    name: 'Godet',
    copies: count,
    grain: 'along',
    turns: allowedTurns(sheet.cloth, true),
    quantityIds: ['godet-angle'],
    seam: [
      { name: 'hem', from: at(-1), to: at(1), arc: { centre: [0, 0], ccw: true }, allowance: sheet.number('hem').value },
      { name: 'side-right', from: at(1), to: [0, 0], allowance: seam },
      { name: 'side-left', from: [0, 0], to: at(-1), allowance: seam },
    ],
  });
  const corner = {
    id: 'corner',
    name: 'Hem corner',
    down: sheet.drawn('godet-corner-down', 'From the point down to the corners', height.value * Math.cos(half)),
    half: sheet.drawn('godet-corner-out', 'From the fold to a corner', height.value * Math.sin(half)),
  };
  const swing = height.plus(sheet.number('hem')).named('godet-swing', 'From the point to the cut hem', 'up');
  sheet.chalk.push(panelSheet(sheet, piece, [corner], { hem: `Hem: swing ${sheet.show(swing)} from the point of the fold` }));
}
