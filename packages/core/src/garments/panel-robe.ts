// Longer than 250 lines: one garment from its choices to its last join; what it shares with others stands in components/.
import { clearOfFloor } from '../checks/clear-of-floor.ts';
import { needsLining } from '../checks/cloth-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { toWaist } from '../components/heights.ts';
import { press } from '../components/press.ts';
import { assertBandWidth, bandStands, edgeBand, ringBand } from '../components/edge-band.ts';
import { stripPiece } from '../components/strips.ts';
import { tryOn } from '../components/try-on.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { hem } from '../joins/hem.ts';
import { plain } from '../joins/plain.ts';
import { along, edgeOf, reversed, runLength, splitRun } from '../joins/run.ts';
import { Quantity } from '../quantity/quantity.ts';
import { outlineShape } from '../shapes/outline.ts';
import type { Piece } from '../shapes/piece.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import { robeFront } from '../shapes/robe-front.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, lengthChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { sharedChoices } from './shared-choices.ts';

const TWO = Quantity.constant(2, 'ratio');
const FOUR = Quantity.constant(4, 'ratio');
/** Least shoulder, drop of the neck below its seam, and hole behind; the deepest drop that can be chosen; mm. */
const LEAST_SHOULDER = 30;
const LEAST_DROP = 80;
const LEAST_NECK = 40;
const MOST_DROP = 900;
const ABOVE_HEM = 150;
const SEAM = 10;

/** Four equal panels from two measures: back, two fronts, one halved for the sleeves; bands round every edge. */
export const panelRobe: Construction = {
  id: 'panel-robe',
  name: 'Panel robe',
  summary: 'Four equal panels from two measures, no waste: back, two fronts, sleeves; a band round every edge.',
  group: 'tops',
  needs: ['wrist-span', 'back-neck-width'],
  optional: ['shoulder-to-floor', 'shoulder-to-waist', 'hip-girth', 'bust-girth', 'upper-arm-girth'],
  docket: ['panel-width', 'shoulder-seam', 'band-length', 'band-strips', 'finished-span', 'cloth-to-buy'],
  choices: [
    lengthChoice(
      'length',
      'Length, as cut',
      null,
      [400, 1800],
      'From the shoulder to the floor as measured, unless you want it shorter. Hem and shoulder seam come out of it.',
      { saves: 'less' },
    ),
    lengthChoice('neckDrop', 'Neck, down the front edge', 400, [150, MOST_DROP], 'Where the slanting neck meets the straight front.'),
    allowanceChoice('bandWidth', 'Band strips, width', 140, [40, 300], 'As cut; doubled and sewn on they stand half as wide less the seam.', {
      fine: false,
    }),
    ...sharedChoices(20, { seam: SEAM }),
  ],
  draft(sheet) {
    const [span, neckWide, seam, hemmed] = [sheet.measure('wrist-span'), sheet.measure('back-neck-width'), sheet.number('seam'), sheet.number('hem')];
    const long = sheet.isSet('length') ? sheet.number('length') : sheet.measure('shoulder-to-floor');
    const wide = sheet.put('panel-width', 'Panel width', 'nearest', span.over(3));
    const shoulder = sheet.put('shoulder-seam', 'Shoulder seam', 'nearest', wide.minus(neckWide).over(TWO));
    assertShoulder(sheet, { wide, neckWide, shoulder });
    sheet.put('sleeve-girth-cut', 'Sleeve, round as cut', 'nearest', long.over(TWO));
    sheet.put('finished-span', 'Wrist to wrist', 'nearest', span.minus(seam.times(FOUR)));
    sheet.put('finished-length', 'Finished length', 'nearest', long.minus(hemmed).minus(seam));
    sheet.put('cloth-needed-upright', 'Cloth, panels upright', 'up', long.times(TWO));
    sheet.put('cloth-needed-across', 'Cloth, panels across', 'up', wide.times(FOUR));
    const neckDrop = sheet.number('neckDrop');
    assertNeckDrop(sheet, { wide, neckWide, shoulder, long });
    const run = wide.minus(shoulder);
    const slant = run.times(run).plus(neckDrop.times(neckDrop)).sqrt();
    const band = sheet.put('band-length', 'Long band', 'up', slant.plus(long).minus(neckDrop).times(TWO).plus(neckWide));
    const usable = sheet.cloths.usableWidth('contrast');
    sheet.put('band-strips', 'Strips for it', 'up', band.over(usable.minus(seam.times(TWO))).ceil(), 'count');
    sheet.put('sleeve-band-length', 'Band for both sleeves', 'up', sheet.quantity('sleeve-girth-cut').times(TWO));
    sheet.openings.push('front', 'sleeve-left', 'sleeve-right');

    const pieces = cutPanels(sheet, { wide, long, shoulder });
    sewTogether(sheet, pieces, shoulder);
    tryOn(
      sheet,
      'Do the fronts meet, does it hang level behind and in front, do the sleeves reach the wrists without their bands? Even out the front edges if they differ.',
    );
    const { back, left, right } = pieces;
    hem(sheet, {
      id: 'hem',
      title: 'Hem',
      edge: [...edgeOf(left, 'bottom'), ...edgeOf(back, 'bottom'), ...edgeOf(right, 'bottom')],
      curved: false,
      allowance: hemmed,
    });
    sewBands(sheet, pieces, band);
    press(sheet, 'Press seams and bands flat.');
    look(sheet, { wide, long });
  },
};

/** Throws Unmakeable where neck and seam leave no shoulder: a narrower neck, a narrower seam, or a wider span, whichever can be. */
function assertShoulder(sheet: Worksheet, { wide, neckWide, shoulder }: { wide: Quantity; neckWide: Quantity; shoulder: Quantity }): void {
  const [seam, least] = [sheet.number('seam').value, LEAST_SHOULDER * sheet.scale];
  if (shoulder.value - seam >= least) return;
  const says = 'Neck and seam take nearly the whole panel: no shoulder is left.';
  const neck = Math.floor((wide.value - 2 * (seam + least)) / sheet.scale);
  if (neck >= 80) throw new Unmakeable('body.back-neck-width', says, neck);
  const narrower = Math.floor(shoulder.value - least);
  if (narrower >= 3) throw new Unmakeable('choices.seam', says, narrower);
  throw new Unmakeable('body.wrist-span', says, Math.ceil((3 * (neckWide.value + 2 * (seam + least))) / sheet.scale));
}

/** Throws Unmakeable where the neck is too flat: shoulder seam and hole behind need a length on the seam line too. */
function assertNeckDrop(sheet: Worksheet, { wide, neckWide, shoulder, long }: Record<'wide' | 'neckWide' | 'shoulder' | 'long', Quantity>): void {
  const [seam, scale, run] = [sheet.number('seam').value, sheet.scale, wide.value - shoulder.value];
  const hole = neckWide.value - LEAST_NECK * scale;
  const least = Math.max(LEAST_DROP * scale + seam, (2 * seam * run) / hole);
  const drop = sheet.number('neckDrop').value;
  const most = long.value - ABOVE_HEM * scale;
  if (most < least)
    throw new Unmakeable('choices.length', 'Neck and hem meet: the robe is too short for them.', Math.ceil((least + ABOVE_HEM * scale) / scale));
  if (drop > most) throw new Unmakeable('choices.neckDrop', 'The neck reaches the hem.', Math.floor(most / scale));
  if (drop >= least) return;
  const says = 'The neck is cut so flat that it ends inside the shoulder seam.';
  const steeper = Math.ceil(least / scale);
  if (steeper <= MOST_DROP) throw new Unmakeable('choices.neckDrop', says, steeper);
  throw new Unmakeable('choices.seam', says, Math.floor(Math.min((MOST_DROP * scale * hole) / (2 * run), (MOST_DROP - LEAST_DROP) * scale)));
}

interface Pieces {
  back: Piece;
  /** The wearer’s left and right front. */
  left: Piece;
  right: Piece;
  sleeve: Piece;
}

/** The allowances come out of the panels: as cut they are panel-width by length, and tile the cloth. */
function cutPanels(sheet: Worksheet, { wide, long, shoulder }: { wide: Quantity; long: Quantity; shoulder: Quantity }): Pieces {
  const [seam, hemmed] = [sheet.number('seam'), sheet.number('hem')];
  const [s, h] = [seam.value, hemmed.value];
  const height = long.minus(seam).minus(hemmed).named('panel-height', 'Panel, finished height', 'nearest');
  const width = wide.minus(seam.times(2)).named('panel-finished', 'Panel, finished width', 'nearest');
  const common = { copies: 1, grain: 'along' as const, quantityIds: ['panel-width', 'shoulder-seam'] };
  const back = sheet.cut({ ...common, id: 'back', name: 'Back', shape: rectangleShape(width, height, { top: s, bottom: h, sides: s }) });
  // the outer side has its seam; the inner edge is bound by the band and has none
  const frontWide = wide.minus(seam).named('front-finished', 'Front, finished width', 'nearest');
  // the neck is cut from the shoulder’s end on the cut edge: a seam lower it has run inwards a little
  const slants = seam.times(wide.minus(shoulder)).over(sheet.number('neckDrop'));
  const seamed = shoulder.minus(seam).plus(slants).named('shoulder-finished', 'Shoulder, on its seam', 'nearest');
  const drop = sheet.number('neckDrop').minus(seam).named('neck-below-seam', 'Neck, below the shoulder seam', 'nearest');
  const front = (hand: 'left' | 'right') =>
    sheet.cut({
      ...common,
      id: `front-${hand}`,
      name: hand === 'left' ? 'Left front' : 'Right front',
      shape: outlineShape({
        inputs: [frontWide, height, seamed, drop],
        draw: ([w, t, a, d]) => ({
          seam: robeFront({ width: w!, height: t!, shoulder: a!, neckDrop: d! }, { top: s, side: s, bottom: h }, hand === 'right'),
          holes: [],
        }),
        folded: false,
      }),
    });
  const sleeve = sheet.cut({
    id: 'sleeve',
    name: 'Sleeve',
    copies: 2,
    grain: 'along',
    quantityIds: ['panel-width', 'sleeve-girth-cut'],
    shape: outlineShape({
      inputs: [wide.minus(seam), sheet.quantity('sleeve-girth-cut').minus(seam.times(2))],
      draw: ([w, t]) => ({
        seam: [
          { name: 'bottom', from: [0, 0], to: [w!, 0], allowance: s },
          { name: 'wrist', from: [w!, 0], to: [w!, t!], allowance: 0 },
          { name: 'top', from: [w!, t!], to: [0, t!], allowance: s },
          { name: 'armhole', from: [0, t!], to: [0, 0], allowance: s },
        ],
        holes: [],
      }),
      folded: false,
    }),
  });
  return { back, left: front('left'), right: front('right'), sleeve };
}

/** Shoulders, sleeves, then side and underarm seams in one. */
function sewTogether(sheet: Worksheet, { back, left, right, sleeve }: Pieces, shoulder: Quantity): void {
  const long = runLength(sheet, edgeOf(left, 'top')).value;
  const top = edgeOf(back, 'top');
  const [atRight, rest] = splitRun(sheet, top, long);
  const [, atLeft] = splitRun(sheet, rest, runLength(sheet, rest).value - long);
  const labels = 'The panels look alike: pin a label to every one, on its right side, saying which it is and which end is up.';
  plain(sheet, {
    step: 'shoulders',
    title: 'Sew the shoulder seams',
    edges: 'the shoulder edges',
    seams: [
      { id: 'shoulder-1', layers: [edgeOf(left, 'top'), reversed(atLeft)] },
      { id: 'shoulder-2', layers: [atRight, edgeOf(right, 'top', true)] },
    ],
    press: 'open',
    first: labels,
    how: `The outer edges are level; from there the seam is ${sheet.show(shoulder.minus(sheet.number('seam')).named('shoulder-sewn', 'Shoulder, sewn', 'nearest'))} long, and the neck lies between.`,
  });
  const half = sheet.side(sleeve, 'armhole').value / 2;
  const cut = (run: Span[]) => splitRun(sheet, run, runLength(sheet, run).value - half);
  const [leftBelow, leftAbove] = cut(edgeOf(left, 'side-right'));
  const [backBelowRight, backAboveRight] = cut(edgeOf(back, 'side-right'));
  const [backAbove, backBelow] = splitRun(sheet, edgeOf(back, 'side-left'), half);
  const [rightAbove, rightBelow] = splitRun(sheet, edgeOf(right, 'side-left'), half);
  const sleeveEdge = (copy: number) => along([{ piece: sleeve, copy }], 'armhole', true);
  plain(sheet, {
    step: 'sleeves',
    title: 'Sew on the sleeves',
    edges: 'the armhole edges',
    seams: [
      { id: 'sleeve-1', layers: [[...leftAbove, ...backAbove], sleeveEdge(0)] },
      { id: 'sleeve-2', layers: [[...backAboveRight, ...rightAbove], sleeveEdge(1)] },
    ],
    press: 'open',
    handling: [['sleeve', 2]],
    first: 'Lay it out flat, right side up.',
    how: `The middle of a sleeve’s edge goes on the shoulder seam; it reaches ${sheet.showLength(half)} down in front and behind. Stop at the underarm, ${sheet.showLength(sheet.number('seam').value)} before the ends.`,
  });
  plain(sheet, {
    step: 'sides',
    title: 'Sew side and underarm seams in one',
    edges: 'the side edges',
    seams: [
      { id: 'side-1', layers: [leftBelow, reversed(backBelow)] },
      { id: 'side-2', layers: [backBelowRight, reversed(rightBelow)] },
      ...[0, 1].map((copy) => ({
        id: `underarm-${copy + 1}`,
        layers: [along([{ piece: sleeve, copy }], 'bottom'), along([{ piece: sleeve, copy }], 'top', true)],
      })),
    ],
    press: 'open',
    how: 'From the hem up to the underarm and out to the wrist.',
    after: 'Clip into the corner at the underarm, close to the stitches but never through them.',
  });
}

/** The long band round fronts and neck, and a ring on each sleeve, from strips of the second cloth. */
function sewBands(sheet: Worksheet, pieces: Pieces, long: Quantity): void {
  assertBandWidth(sheet);
  const seams = sheet.number('seam').times(2);
  const strip = (id: string, name: string, length: Quantity) =>
    stripPiece(sheet, {
      id,
      name,
      cutLength: length.plus(seams),
      cutWidth: sheet.number('bandWidth'),
      cloth: 'contrast',
      quantityIds: ['band-length'],
    });
  edgeBand(sheet, { band: strip('band', 'Band', long), edge: frontEdge(sheet, pieces), round: 'up one front, round the neck and down the other' });
  sheet.clothNames.contrast = 'Second cloth for the bands';
  const { sleeve } = pieces;
  for (const [copy, hand] of (['left', 'right'] as const).entries()) {
    ringBand(sheet, {
      band: strip(`cuff-${hand}`, `Band of the ${hand} sleeve`, sheet.side(sleeve, 'wrist')),
      edge: along([{ piece: sleeve, copy }], 'wrist', true),
      title: `Sew the band on the ${hand} sleeve`,
      ringTitle: `Close the band of the ${hand} sleeve to a ring`,
      section: 'collar',
      handling: [['seam', 3]],
      how: `Slip it over the end of the sleeve, right sides together, all raw edges level, its seam on the underarm seam. Sew ${sheet.showLength(sheet.number('seam').value)} from the edge.`,
      topstitched: true,
    });
  }
}

/** The edge the long band goes round: up the left front, round the neck, down the right one. */
function frontEdge(sheet: Worksheet, { back, left, right }: Pieces): Span[] {
  const long = runLength(sheet, edgeOf(left, 'top')).value;
  const [, rest] = splitRun(sheet, edgeOf(back, 'top'), long);
  const [neck] = splitRun(sheet, rest, runLength(sheet, rest).value - long);
  return [
    ...edgeOf(left, 'front', true),
    ...edgeOf(left, 'neck', true),
    ...reversed(neck),
    ...edgeOf(right, 'neck', true),
    ...edgeOf(right, 'front', true),
  ];
}

function look(sheet: Worksheet, { wide, long }: { wide: Quantity; long: Quantity }): void {
  const up = -toWaist(sheet);
  const [seam, hemmed] = [sheet.number('seam').value, sheet.number('hem').value];
  const [under, bottom] = [long.value / 4 - seam, long.value - seam - hemmed];
  const girth = 4 * wide.value - 6 * seam;
  sheet.worn.push({ what: 'robe', levels: [up + under, up + bottom].map((drop) => ({ drop, girth })) });
  sheet.check(clearOfFloor(sheet, sheet.quantity('finished-length'), seam + hemmed), fitsBody(sheet, []), needsLining(sheet, false));
  const [half, neckHalf] = [wide.value / 2 - seam, sheet.measure('back-neck-width').value / 2];
  sheet.view = {
    hangsFrom: 'shoulder',
    band: 0,
    verticalSeams: 2,
    levels: [0, 0.5, 1].map((share) => ({ drop: up + under + share * (bottom - under), clothGirth: 4 * half, heldGirth: 4.2 * half })),
    parts: [
      { kind: 'shoulders', top: -up, neckHalf, neckDepth: sheet.number('neckDrop').value, shoulderHalf: half, slope: 0, only: 'front' },
      { kind: 'shoulders', top: -up, neckHalf, neckDepth: 10, shoulderHalf: half, slope: 0, only: 'back' },
      { kind: 'sleeves', top: up, under: up + under, out: half, length: wide.value - seam, start: under, end: under, gathered: false },
      { kind: 'open-front', top: -up, neckHalf, neckDrop: sheet.number('neckDrop').value, band: bandStands(sheet).value, only: 'front' },
    ],
  };
}
