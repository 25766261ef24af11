import { Unmakeable } from '../errors/unmakeable.ts';
import { Quantity } from '../quantity/quantity.ts';
import { LEAST_GODET } from './godet.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** Gores that lie beside one of the two side seams: a front and a back one each. */
export const BESIDE_SIDE_SEAMS = 4;

/** One side of the skirt, front or back: its gore at each level, mm. */
export interface GoreSide {
  id: 'front' | 'back';
  name: string;
  hip: Quantity;
  flare: Quantity;
  rise: Quantity;
}

/** All the numbers of a gored skirt, mm. */
export interface GoreNumbers {
  gores: Quantity;
  length: Quantity;
  worn: Quantity;
  total: Quantity;
  hipDepth: Quantity;
  flareLine: Quantity;
  flareGirth: Quantity;
  goreWaist: Quantity;
  goreHem: Quantity;
  sweep: Quantity;
  narrowest: Quantity;
  sides: [front: GoreSide, back: GoreSide];
  /** Waist of the cloth before elastic draws it in. */
  clothWaist: Quantity;
  trumpet: boolean;
  /** Elastic at the sides. */
  side: boolean;
  /** The pinch at the knee that leaves room to walk, mm, for a walking girth; none for what has no pinch. */
  pinchThatWalks?: (girth: number) => number;
}

/** Works out waist, hip, flare line and hem of every gore. Throws Unmakeable where a gore can't be drawn, with the nearest that can. */
export function goreNumbers(sheet: Worksheet): GoreNumbers {
  const [length, gores] = [sheet.number('length'), sheet.number('gores')];
  if (gores.value % 2 !== 0) throw new Unmakeable('choices.gores', 'Gores come in pairs, half in front and half behind.', gores.value + 1);
  const hipDepth = sheet.measure('waist-to-hip');
  const worn = sheet.girth('waist').plus(sheet.number('waistEase')).named('waist-with-ease', 'Waist with its ease', 'nearest');
  const total = sheet.girth('hip').plus(sheet.number('hipEase')).named('hip-total', 'Hip with its ease', 'up');
  assertTapers(sheet, worn, total);
  const half = gores.over(2);
  const two = Quantity.constant(2, 'ratio');
  const shift = sheet.number('hipShift');
  const frontShare = sheet.put('front-hip-share', 'Front half of the hip', 'up', total.over(two).minus(shift));
  const backShare = sheet.put('back-hip-share', 'Back half of the hip', 'up', total.over(two).plus(shift));
  const frontHip = sheet.put('front-gore-hip', 'Front gore at the hip', 'up', frontShare.over(half));
  const backHip = sheet.put('back-gore-hip', 'Back gore at the hip', 'up', backShare.over(half));
  const goreWaist = sheet.put('gore-waist', 'Gore at the waist', 'up', worn.over(gores));
  const side = sheet.oneOf('waist') === 'side-elastic';
  if (side) {
    sheet.put('gore-waist-side', 'Front gore beside the side seam, at the waist', 'up', frontHip);
    sheet.put('gore-waist-side-back', 'Back gore beside the side seam, at the waist', 'up', backHip);
  }
  const trumpet = sheet.oneOf('profile') === 'trumpet';
  const flareLine = sheet.put(
    'flare-line',
    'Flare starts below the waist',
    'nearest',
    trumpet ? sheet.measure('waist-to-knee').minus(sheet.number('walkingRoom')) : hipDepth,
  );
  assertFlare(sheet, trumpet, flareLine, hipDepth, length);
  const pinched = (own: Quantity) => (trumpet ? frontHip.minus(sheet.number('kneePinch').times(2)) : own);
  const flareFront = sheet.put('gore-flare-front', 'Front gore where the flare starts', 'nearest', pinched(frontHip));
  const flareBack = sheet.put('gore-flare-back', 'Back gore where the flare starts', 'nearest', pinched(backHip));
  const goreHem = sheet.number('goreHem');
  assertHem(sheet, trumpet, frontHip, flareFront, goreHem);
  const sweep = sheet.put('hem-sweep', 'Round the hem', 'nearest', gores.times(goreHem));
  const rise = (id: string, label: string, flare: Quantity) => {
    const fall = length.minus(flareLine);
    const out = goreHem.minus(flare).over(two);
    return sheet.put(id, label, 'nearest', fall.times(fall).plus(out.times(out)).sqrt().minus(fall));
  };
  const sides: GoreNumbers['sides'] = [
    { id: 'front', name: 'Front gore', hip: frontHip, flare: flareFront, rise: rise('hem-rise-front', 'Hem rise, front', flareFront) },
    { id: 'back', name: 'Back gore', hip: backHip, flare: flareBack, rise: rise('hem-rise-back', 'Hem rise, back', flareBack) },
  ];
  const flareGirth = flareFront.plus(flareBack).times(half).named('flare-girth', 'Round where the flare starts', 'nearest');
  const narrowest = sheet.put('narrowest-girth', 'Narrowest girth below the waist', 'down', Quantity.smaller(total, flareGirth, sweep));
  const plainGores = gores.minus(BESIDE_SIDE_SEAMS).times(goreWaist);
  if (side) sheet.put('finished-girth', 'Finished waist', 'nearest', plainGores.plus(sheet.number('sideElastic').times(2)));
  const clothWaist = plainGores.plus(frontHip.plus(backHip).times(2)).named('cloth-waist', 'Waist of the cloth, undrawn', 'down');
  const pinchThatWalks = trumpet ? (girth: number) => Math.floor((frontHip.value - girth / gores.value) / 2 / sheet.scale) : undefined;
  const levels = {
    gores,
    length,
    worn,
    total,
    hipDepth,
    flareLine,
    flareGirth,
    goreWaist,
    goreHem,
    sweep,
    narrowest,
    sides,
    clothWaist,
    trumpet,
    side,
  };
  return { ...levels, ...(pinchThatWalks ? { pinchThatWalks } : {}) };
}

function assertTapers(sheet: Worksheet, worn: Quantity, total: Quantity): void {
  if (total.value >= worn.value) return;
  throw new Unmakeable(
    'body.hip-girth',
    `The hip with its ease (${sheet.show(total)}) is smaller than the waist (${sheet.show(worn)}): a gore can't narrow on the way down. Enter the widest girth below the waist as the hip.`,
    Math.ceil((worn.value - sheet.number('hipEase').value) / sheet.scale),
  );
}

function assertFlare(sheet: Worksheet, trumpet: boolean, flareLine: Quantity, hipDepth: Quantity, length: Quantity): void {
  if (trumpet && flareLine.value <= hipDepth.value) {
    throw new Unmakeable(
      'choices.walkingRoom',
      'The flare would start above the hip.',
      Math.max(0, Math.floor((sheet.measure('waist-to-knee').value - hipDepth.value - 10) / sheet.scale)),
    );
  }
  const least = sheet.yes('godets') ? LEAST_GODET * sheet.scale : 0;
  if (length.value <= flareLine.value + least - 1e-6 || length.value <= flareLine.value) {
    throw new Unmakeable(
      'choices.length',
      least > 0
        ? `The skirt (${sheet.show(length)}) leaves no room for godets below where its flare starts (${sheet.show(flareLine)}).`
        : `The skirt ends (${sheet.show(length)}) before its flare starts (${sheet.show(flareLine)}).`,
      Math.ceil((flareLine.value + Math.max(20, least)) / sheet.scale),
    );
  }
}

function assertHem(sheet: Worksheet, trumpet: boolean, frontHip: Quantity, flareFront: Quantity, goreHem: Quantity): void {
  if (flareFront.value <= 0)
    throw new Unmakeable('choices.kneePinch', 'The knee is pinched to nothing.', Math.max(0, Math.floor((frontHip.value / 2 - 10) / sheet.scale)));
  if (trumpet && goreHem.value < flareFront.value) {
    throw new Unmakeable(
      'choices.goreHem',
      `The hem of a gore (${sheet.show(goreHem)}) is narrower than its knee (${sheet.show(flareFront)}): that is no trumpet and can't be walked in.`,
      Math.ceil(flareFront.value / sheet.scale),
    );
  }
}
