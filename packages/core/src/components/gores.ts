import type { Placed } from '../joins/run.ts';
import { spreadHint } from '../marks/spread-hint.ts';
import { Quantity } from '../quantity/quantity.ts';
import { panelShape } from '../shapes/panel.ts';
import type { Piece } from '../shapes/piece.ts';
import type { ChalkStation } from '../shapes/shape.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { GoreNumbers, GoreSide } from './gore-numbers.ts';

/** The gores round the body: those in front from left to right, then those behind. */
export interface GoreRing {
  ring: Placed[];
  /** How many of them are in front. */
  front: number;
}

/** Cuts the gores. With elastic at the sides those beside the side seams stay as wide at the waist as at the hip. */
export function cutGores(sheet: Worksheet, numbers: GoreNumbers): GoreRing {
  const each = numbers.gores.value / 2;
  const halves = numbers.sides.map((gore) => {
    const plain = each - (numbers.side ? 2 : 0);
    const middle =
      plain > 0 ? copies(cutGore(sheet, numbers, gore, { id: `gore-${gore.id}`, name: gore.name, copies: plain, waist: numbers.goreWaist })) : [];
    if (!numbers.side) return middle;
    const beside = copies(
      cutGore(sheet, numbers, gore, { id: `gore-${gore.id}-side`, name: `${gore.name} beside the side seam`, copies: 2, waist: gore.hip }),
    );
    return [beside[0]!, ...middle, beside[1]!];
  });
  return { ring: halves.flat(), front: halves[0]!.length };
}

const copies = (piece: Piece): Placed[] => Array.from({ length: piece.copies }, (_, copy) => ({ piece, copy }));

interface Gore {
  id: string;
  name: string;
  copies: number;
  waist: Quantity;
}

function stationsOf(
  sheet: Worksheet,
  { hipDepth, flareLine, length, goreHem, trumpet }: GoreNumbers,
  { hip, flare }: GoreSide,
  { id, copies: count, waist }: Gore,
): ChalkStation[] {
  const halfOf = (quantity: Quantity, label: string) => quantity.over(2).named(`${id}-${label}`, `Half of ${quantity.label!.toLowerCase()}`, 'up');
  const waistLine = Quantity.constant(0, 'mm').named('waist-line', 'Waist line', 'nearest');
  return [
    { id: 'waist', name: 'Waist', down: waistLine, half: halfOf(waist, 'waist') },
    { id: 'hip', name: 'Hip', down: hipDepth, half: halfOf(hip, 'hip') },
    ...(trumpet ? [{ id: 'flare', name: 'Flare starts', down: flareLine, half: halfOf(flare, 'flare') }] : []),
    { id: 'hem', name: 'Hem', down: length, half: halfOf(goreHem, 'hem') },
  ].map((station) => {
    const hint = spreadHint(sheet, station.half, 2 * count, station.name.toLowerCase());
    return { ...station, ...(hint ? { hint } : {}) };
  });
}

function cutGore(sheet: Worksheet, numbers: GoreNumbers, side: GoreSide, gore: Gore): Piece {
  const seam = sheet.number('seam').value;
  const eye = Math.abs(side.rise.value - 25) > 8 ? `, where ${sheet.showLength(25)} is often taken by eye` : '';
  return sheet.cut({
    id: gore.id,
    name: gore.name,
    copies: gore.copies,
    grain: 'along',
    quantityIds: ['gore-waist', `${side.id}-gore-hip`, 'hem-sweep'],
    shape: panelShape({
      stations: stationsOf(sheet, numbers, side, gore),
      hemRise: side.rise,
      allow: { top: seam, side: seam, hem: sheet.number('hem').value },
      hem: `Hem: lift the corner ${sheet.show(side.rise)} up the side edge, curve down to the fold${eye}`,
    }),
  });
}

/** The same gores for the lining, shorter, the waist of each as wide as that of the gore outside. Returns them in the same order. */
export function cutGoreLining(sheet: Worksheet, numbers: GoreNumbers, outside: GoreRing): Placed[] {
  const { flareLine, length, goreHem, hipDepth, side } = numbers;
  const toFlare = sheet.oneOf('liningTo') === 'flare';
  const end = sheet.put('lining-length', 'Lining, finished length', 'down', toFlare ? flareLine : length.minus(sheet.figure('lining-shorter')));
  const seam = sheet.number('seam').value;
  const made = new Map<string, Piece>();
  for (const { piece } of outside.ring) {
    if (made.has(piece.id)) continue;
    const own = numbers.sides.find(({ id }) => piece.id.startsWith(`gore-${id}`))!;
    const beside = side && piece.id.endsWith('-side');
    const id = piece.id.replace('gore', 'lining');
    const share = Math.max(0, (end.value - flareLine.value) / (length.value - flareLine.value));
    const atEnd = own.flare.plus(goreHem.minus(own.flare).times(Quantity.constant(share, 'ratio', undefined, 'of the flare')));
    const half = (quantity: Quantity, label: string) => quantity.over(2).named(`${id}-${label}`, `Half the lining at the ${label}`, 'up');
    const stations: ChalkStation[] = [
      {
        id: 'waist',
        name: 'Waist',
        down: Quantity.constant(0, 'mm').named('waist-line', 'Waist line', 'nearest'),
        half: half(beside ? own.hip : numbers.goreWaist, 'waist'),
      },
      { id: 'hip', name: 'Hip', down: hipDepth, half: half(own.hip, 'hip') },
      { id: 'flare', name: 'Flare starts', down: flareLine, half: half(own.flare, 'flare') },
      { id: 'hem', name: 'Hem', down: end, half: half(atEnd, 'hem') },
    ].filter(({ down }, i, all) => i === 0 || down.value > all[i - 1]!.down.value + 1e-6);
    made.set(
      piece.id,
      sheet.cut({
        id,
        name: `Lining, ${piece.name.toLowerCase()}`,
        copies: piece.copies,
        grain: 'along',
        cloth: 'lining',
        quantityIds: ['lining-length'],
        shape: panelShape({
          stations,
          allow: { top: seam, side: seam, hem: sheet.number('hem').value },
          hem: 'Hem: straight across, square to the fold',
        }),
      }),
    );
  }
  sheet.worn.push({
    what: 'lining',
    levels: [
      { drop: 1, girth: (side ? numbers.clothWaist : numbers.worn).value },
      { drop: hipDepth.value, girth: numbers.total.value },
      ...(numbers.trumpet ? [{ drop: flareLine.value, girth: numbers.flareGirth.value }] : []),
      ...(toFlare ? [] : [{ drop: end.value, girth: numbers.sweep.value }]),
    ],
  });
  return outside.ring.map(({ piece, copy }) => ({ piece: made.get(piece.id)!, copy }));
}
