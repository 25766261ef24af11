import { gatherStep, sectionTable } from '../joins/gather.ts';
import { hemStep, seamStep } from '../make/common-steps.ts';
import { rectangleSheet } from '../marks/rectangle-marks.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { Quantity } from '../quantity/quantity.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';
import { rectangle } from '../shapes/rectangle.ts';
import { stripPiece } from './strips.ts';

/** A binding strip folded to four, mm (handbook 3, common practice). */
const BINDING_WIDTH = 50;

const edgeOf = (sheet: Worksheet) => (sheet.hasChoice('hemEdge') ? sheet.oneOf('hemEdge') : 'turned');

/** What the hem edge of the garment itself needs beyond its seam line: a hem, a seam for the ruffle, or nothing for a binding; mm. */
export function hemAllowance(sheet: Worksheet): Quantity {
  switch (edgeOf(sheet)) {
    case 'ruffle':
      return sheet.number('seam');
    case 'bound':
      return Quantity.constant(0, 'mm', undefined, 'a bound edge takes no allowance');
    default:
      return sheet.number('hem');
  }
}

/** What the hem edge adds to the length, mm: the height of a ruffle. */
export function hemAdds(sheet: Worksheet, length: Quantity): Quantity {
  return edgeOf(sheet) === 'ruffle' ? length.plus(sheet.number('ruffleHeight')) : length;
}

/** Ruffle or binding as pieces with their chalk, where the hem edge has one. `around` is the hem, mm. */
export function addHemEdge(sheet: Worksheet, around: Quantity): void {
  if (edgeOf(sheet) === 'ruffle') addRuffle(sheet, around);
  if (edgeOf(sheet) === 'bound') addBinding(sheet, around);
}

function addRuffle(sheet: Worksheet, around: Quantity): void {
  const [seam, height] = [sheet.number('seam'), sheet.number('ruffleHeight')];
  const flat = sheet.put('ruffle-flat', 'Ruffle, flat', 'up', around.times(sheet.number('ruffleFullness')));
  // folded double it needs no hem of its own (handbook 3)
  const cutWidth = sheet.put(
    'ruffle-cut-width',
    'Ruffle, width to cut',
    'up',
    sheet.yes('ruffleDouble') ? height.times(2).plus(seam.times(2)) : height.plus(seam).plus(sheet.number('hem')),
  );
  const piece = stripPiece(sheet, {
    id: 'ruffle',
    name: 'Ruffle',
    cutLength: flat.plus(seam.times(2)).value,
    cutWidth: cutWidth.value,
    seam: seam.value,
    quantityIds: ['ruffle-flat', 'ruffle-cut-width'],
  });
  sheet.chalk.push(rectangleSheet(sheet, piece));
}

function addBinding(sheet: Worksheet, around: Quantity): void {
  const width = Quantity.constant(BINDING_WIDTH, 'mm', undefined, 'folded to four, common practice');
  const long = sheet.put('binding-length', 'Binding, length', 'up', around.plus(sheet.number('seam').times(2)));
  // the strip is cut on the bias out of a square of the same area, and as much again for the joins at the corners
  const side = sheet.put('binding-square', 'Square to cut the binding from', 'up', long.times(width).sqrt().plus(width));
  const piece = sheet.piece({
    id: 'binding',
    name: 'Square for bias binding',
    copies: 1,
    grain: 'along',
    turns: allowedTurns(sheet.cloth, true),
    cloth: 'contrast',
    quantityIds: ['binding-length', 'binding-square'],
    seam: rectangle(side.value, side.value, { top: 0, bottom: 0, sides: 0 }),
    lines: [{ name: 'bias', from: [-side.value / 2, 0], to: [side.value / 2, side.value] }],
  });
  sheet.chalk.push(rectangleSheet(sheet, piece));
}

/** The last sewing of all: the hem turned up, the edge bound, or the ruffle gathered, sewn on and hemmed. `around` mm. */
export function hemEdgeSteps(sheet: Worksheet, around: Quantity, curved: boolean): void {
  switch (edgeOf(sheet)) {
    case 'bound':
      return seamStep(
        sheet,
        {
          id: 'hem',
          title: 'Bind the hem',
          how: 'Join the strips on the slant, press to four. Open it out, sew the first fold along the edge right sides together, turn it over the edge, stitch from the right side close to the fold.',
          why: 'A curved edge lies flat under a bias strip, and nothing of the length is turned up.',
          setUp: 20,
        },
        around.times(2),
      );
    case 'ruffle': {
      const flat = sheet.quantity('ruffle-flat');
      gatherStep(sheet, 'gather-ruffle', 'Gather the ruffle', flat, {
        ratio: sheet.number('ruffleFullness').value,
        sections: sectionTable(flat, around, ['on the ruffle', 'on the skirt']),
      });
      seamStep(
        sheet,
        {
          id: 'ruffle',
          title: 'Sew on the ruffle',
          how: 'Gathered layer on top, needle just left of the gathering thread, centres matched.',
          setUp: 12,
        },
        around,
      );
      if (!sheet.yes('ruffleDouble')) hemStep(sheet, flat, false);
      return;
    }
    default:
      hemStep(sheet, around, curved);
  }
}
