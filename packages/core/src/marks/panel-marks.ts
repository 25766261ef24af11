import { rightHalf } from '../geometry/right-half.ts';
import type { Point } from '../geometry/point.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import { labelMark, notchMark } from './circle-marks.ts';
import type { ChalkSheet, Mark } from './mark.ts';

export interface PanelStation {
  id: string;
  name: string;
  /** Down the fold from the top seam line, mm. */
  down: Quantity;
  /** Out from the fold, mm. */
  half: Quantity;
  hint?: string;
}

/** A panel chalked on the fold: a table of stations, so far down the fold, so far out; then the curves and the cut line. */
export function panelSheet(
  sheet: Worksheet,
  piece: Piece,
  stations: readonly PanelStation[],
  { hem, extra = [] }: { hem: string; extra?: Mark[] },
): ChalkSheet {
  const marks: Mark[] = [
    {
      id: 'fold-1',
      kind: 'fold',
      says: 'Fold the cloth once along the grain, right side in',
      hint: 'the fold is the middle of the piece',
      quantities: [],
    },
    ...stations.map(({ id, name, down, half, hint }): Mark => ({
      id: `station-${id}`,
      kind: 'station',
      says: `${name}: ${sheet.show(down)} down the fold, ${sheet.show(half)} out`,
      hint,
      quantities: [half, down],
      line: [
        [0, -down.value],
        [half.value, -down.value],
      ],
      dots: [[half.value, -down.value]],
    })),
    {
      id: 'join',
      kind: 'distance',
      says: 'Join the dots: that is the seam line',
      hint: 'straight from dot to dot, rounded where the hip curves',
      quantities: [],
    },
    { id: 'hem-edge', kind: 'distance', says: hem, quantities: [] },
    {
      id: 'allowance',
      kind: 'distance',
      says: `Cut line: ${sheet.show(sheet.number('seam'))} outside the sides`,
      hint: 'top and hem as drawn',
      quantities: [sheet.number('seam')],
    },
    ...extra,
    notchMark(
      'Snip the middle at top and hem, and the side at the hip',
      stations.slice(0, 2).map(({ down, half }): Point => [half.value, -down.value]),
    ),
    labelMark(piece, 'top'),
  ];
  const [top, bottom] = [stations[0]!.down.value, stations[stations.length - 1]!.down.value];
  return {
    piece: piece.id,
    name: piece.name,
    copies: piece.copies,
    fold: 'once',
    layers: 2,
    foldSays: 'Folded once along the grain; half the piece lies beside the fold.',
    cut: rightHalf(piece.cut),
    seam: rightHalf(piece.seam),
    folds: [
      [
        [0, -top],
        [0, -bottom],
      ],
    ],
    origin: [0, 0],
    marks,
  };
}
