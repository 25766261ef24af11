import { Unmakeable } from '../errors/unmakeable.ts';
import { elasticWidth } from '../joins/elastic-lengths.ts';
import { Quantity } from '../quantity/quantity.ts';
import { panelShape } from '../shapes/panel.ts';
import type { Piece } from '../shapes/piece.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import type { ChalkStation } from '../shapes/shape.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { liningLength } from './lining.ts';

/** Hem of a shaped tube where the legs were not measured: twice the knee, or this share of the hip (contract). */
const HEM_OF_HIP = 0.85;
const FOUR = Quantity.constant(4, 'count');

/** A knit tube and its girths, mm. */
export interface Tube {
  piece: Piece;
  /** Girth of the cloth at waist, hip and hem. */
  waist: Quantity;
  hip: Quantity;
  hem: Quantity;
  hipDrop: number;
  /** The name of its hem edge. */
  hemEdge: 'bottom' | 'hem';
}

/** Cuts the tube, straight or shaped to the hip. Throws Unmakeable where it has no girth, or ends above the hip. */
export function cutTube(sheet: Worksheet): Tube {
  const worn = sheet.girth('waist').plus(sheet.number('waistEase'));
  if (worn.value <= 0) throw new Unmakeable('choices.waistEase', 'The tube would have no girth.', 0);
  const turn = sheet.put('top-turn', 'Turned in over the elastic', 'up', elasticWidth(sheet).plus(sheet.figure('casing-room')));
  return sheet.oneOf('profile') === 'straight' ? straightTube(sheet, worn, turn.value) : shapedTube(sheet, worn, turn.value);
}

/** The same tube again, shorter, of a knit that stretches as much; cut of the lining’s cloth. */
export function cutUnderlay(sheet: Worksheet, tube: Tube): Piece {
  const shorter = liningLength(sheet, sheet.number('length'));
  const turn = sheet.quantity('top-turn').value;
  const common = { id: 'underlay', name: 'Underlay', grain: 'along' as const, cloth: 'lining' as const, quantityIds: ['lining-length'] };
  if (tube.hemEdge === 'bottom')
    return sheet.cut({ ...common, copies: tube.piece.copies, shape: straightShape(sheet, tube.waist.over(tube.piece.copies), shorter, turn) });
  const [hipDepth, length] = [sheet.measure('waist-to-hip'), sheet.number('length')];
  const [hip, hem] = [sheet.quantity('quarter-hip'), sheet.quantity('quarter-hem')];
  const share = Math.max(0, (shorter.value - hipDepth.value) / (length.value - hipDepth.value));
  const end = hip
    .plus(hem.minus(hip).times(Quantity.constant(share, 'ratio', undefined, 'of the way to the hem')))
    .named('underlay-quarter-hem', 'Quarter of the underlay’s hem', 'nearest');
  const stations = stationsOf(sheet, hipDepth, { down: shorter, half: end }).filter(
    ({ id, down }) => id !== 'hem' || down.value > hipDepth.value + 1,
  );
  return sheet.cut({ ...common, copies: 2, turnedIn: true, shape: shapedShape(sheet, stations, turn) });
}

const straightShape = (sheet: Worksheet, width: Quantity, length: Quantity, top: number) =>
  rectangleShape(width, length, { top, bottom: sheet.number('hem').value, sides: sheet.number('seam').value });

function straightTube(sheet: Worksheet, worn: Quantity, turn: number): Tube {
  const girth = sheet.put('tube-girth', 'Girth of the tube', 'up', worn);
  const seam = sheet.number('seam').value;
  const usable = sheet.usableWidth.value;
  if (usable <= 2 * seam) throw new Unmakeable('cloth.width', 'The cloth is narrower than its own seams.', Math.ceil(2 * seam + 200));
  const parts = Math.max(1, Math.ceil(girth.value / (usable - 2 * seam) - 1e-9));
  const piece = sheet.cut({
    id: 'tube',
    name: parts === 1 ? 'Tube' : 'Tube part',
    copies: parts,
    grain: 'along',
    quantityIds: ['tube-girth'],
    shape: straightShape(sheet, girth.over(parts), sheet.number('length'), turn),
  });
  return { piece, waist: girth, hip: girth, hem: girth, hipDrop: sheet.measure('waist-to-hip').value, hemEdge: 'bottom' };
}

function shapedTube(sheet: Worksheet, worn: Quantity, turn: number): Tube {
  const [hip, hipDepth, length] = [sheet.girth('hip'), sheet.measure('waist-to-hip'), sheet.number('length')];
  if (length.value <= hipDepth.value)
    throw new Unmakeable(
      'choices.length',
      `A shaped skirt reaches below the hip (${sheet.show(hipDepth)}).`,
      Math.ceil((hipDepth.value + 20) / sheet.scale),
    );
  const quarter = (id: string, label: string, girth: Quantity) => sheet.put(id, label, 'up', girth.over(FOUR));
  quarter('quarter-waist', 'Quarter of the waist', worn);
  quarter('quarter-hip', 'Quarter of the hip', hip);
  const hemQuarter = quarter('quarter-hem', 'Quarter of the hem', hemGirth(sheet, hip));
  const piece = sheet.cut({
    id: 'skirt',
    name: 'Front and back',
    copies: 2,
    grain: 'along',
    turnedIn: true,
    quantityIds: ['quarter-waist', 'quarter-hip', 'quarter-hem'],
    shape: shapedShape(sheet, stationsOf(sheet, hipDepth, { down: length, half: hemQuarter }), turn),
  });
  const round = (quantity: Quantity, id: string, label: string) => quantity.times(4).named(id, label, 'nearest');
  return {
    piece,
    waist: round(sheet.quantity('quarter-waist'), 'tube-waist', 'Tube at the waist'),
    hip: round(sheet.quantity('quarter-hip'), 'tube-hip', 'Tube at the hip'),
    hem: round(hemQuarter, 'tube-hem', 'Tube at the hem'),
    hipDrop: hipDepth.value,
    hemEdge: 'hem',
  };
}

function stationsOf(sheet: Worksheet, hipDepth: Quantity, hem: { down: Quantity; half: Quantity }): ChalkStation[] {
  return [
    {
      id: 'waist',
      name: 'Waist fold',
      down: Quantity.constant(0, 'mm').named('waist-line', 'Waist line', 'nearest'),
      half: sheet.quantity('quarter-waist'),
    },
    { id: 'hip', name: 'Hip', down: hipDepth, half: sheet.quantity('quarter-hip'), hint: 'round the curve from waist to hip, straight below' },
    { id: 'hem', name: 'Hem', ...hem },
  ];
}

const shapedShape = (sheet: Worksheet, stations: ChalkStation[], top: number) =>
  panelShape({
    stations,
    hipCurve: true,
    allow: { top, side: sheet.number('seam').value, hem: sheet.number('hem').value },
    hem: 'Hem: straight across, square to the fold',
  });

/** Round both legs at the hem; where that was not measured, twice the knee but no less than 0.85 of the hip. */
function hemGirth(sheet: Worksheet, hip: Quantity): Quantity {
  if (sheet.hasMeasure('legs-girth')) return sheet.measure('legs-girth');
  const ofHip = hip.times(Quantity.constant(HEM_OF_HIP, 'ratio', undefined, 'common practice'));
  return sheet.hasMeasure('knee-girth') ? Quantity.larger(sheet.measure('knee-girth').times(2), ofHip) : ofHip;
}
