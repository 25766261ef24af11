import { CASING_ROOM, elasticWidth } from '../joins/elastic-lengths.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { Quantity } from '../quantity/quantity.ts';
import { rectangleSheet } from '../marks/rectangle-marks.ts';
import type { ClothRole } from '../shapes/piece.ts';
import { stripPiece } from './strips.ts';

/** A fitted band overlaps itself by this much for its button or hook, mm (common practice, no source). */
const OVERLAP = 25;

export interface Band {
  cutLength: Quantity;
  cutWidth: Quantity;
}

/** A band that closes with a zip or button: girth + overlap + two seams, doubled lengthwise. `girth` mm. */
export function fittedBand(sheet: Worksheet, girth: Quantity): Band {
  const seam = sheet.number('seam');
  const overlap = Quantity.constant(OVERLAP, 'mm', undefined, 'overlap for a button, common practice');
  return band(sheet, girth.plus(overlap).plus(seam.times(2)), sheet.number('bandWidth'));
}

/** A tube of cloth that stretches over the hips itself: girth + two seams, doubled lengthwise. `girth` mm. */
export function clothBand(sheet: Worksheet, girth: Quantity): Band {
  return band(sheet, girth.plus(sheet.number('seam').times(2)), sheet.number('bandWidth'));
}

/** A tube band with elastic inside: channel girth + two seams long, 2 x (elastic + 5) + two seams wide. */
export function tubeBand(sheet: Worksheet, channelGirth: Quantity): Band {
  return band(sheet, channelGirth.plus(sheet.number('seam').times(2)), elasticWidth(sheet).plus(CASING_ROOM));
}

function band(sheet: Worksheet, length: Quantity, finishedWidth: Quantity): Band {
  const seam = sheet.number('seam');
  const cutLength = sheet.put('band-cut-length', 'Band, length to cut', 'up', length);
  const cutWidth = sheet.put('band-cut-width', 'Band, width to cut', 'up', finishedWidth.times(2).plus(seam.times(2)));
  stripPiece(sheet, {
    id: 'band',
    name: 'Waistband',
    cutLength: cutLength.value,
    cutWidth: cutWidth.value,
    seam: seam.value,
    cloth: sheet.oneOf('bandCloth') as ClothRole,
    quantityIds: ['band-cut-length', 'band-cut-width'],
  });
  return { cutLength, cutWidth };
}

/** The chalk sheet of the band, once all pieces are there. */
export function bandSheet(sheet: Worksheet): void {
  const band = sheet.pieces.find(({ id }) => id === 'band');
  if (band) sheet.chalk.push(rectangleSheet(sheet, band));
}
