import { hangBeforeHem, needsLining } from '../checks/cloth-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { addCircleWaist, circleClosure, type CircleClosure } from '../components/circle-closure.ts';
import { hang } from '../components/hang-and-level.ts';
import { addHemEdge } from '../components/hem-edge.ts';
import { addLining, liningLength, type Lining } from '../components/lining.ts';
import { slitLining } from '../components/circle-panels.ts';
import { press } from '../components/press.ts';
import { bandHeight } from '../components/waist.ts';
import { zipInSeam, zipInSlit, zipLength } from '../components/zip-place.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf } from '../joins/run.ts';
import { stayStitch } from '../joins/stay-stitch.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Piece, Turn } from '../shapes/piece.ts';
import { squareShape } from '../shapes/square.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, lengthChoice, oneOfChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { bandClothChoice, elasticChoices, sharedChoices, STRETCH_EASE, waistEaseChoice } from './shared-choices.ts';

/** A square with a round hole: the corners hang longest. */
export const handkerchiefSkirt: Construction = {
  id: 'handkerchief-skirt',
  name: 'Handkerchief skirt',
  summary: 'A square with a round hole: four corners hang lowest.',
  group: 'skirts',
  needs: ['waist-girth', 'hip-girth'],
  optional: [],
  docket: ['waist-radius-cut', 'square-side-cut', 'corner-length', 'elastic-cut', 'cloth-to-buy', 'sewing-minutes'],
  choices: [
    lengthChoice('sideLength', 'Length at the sides', 500, [20, 1200], 'The shortest length, in the middle of each side; the corners hang lower.', {
      saves: 'less',
    }),
    oneOfChoice(
      'closure',
      'How it goes on',
      'zip',
      { zip: 'Zip', stretch: 'The cloth stretches', 'pull-on': 'Elastic' },
      'A zip fits closest. Elastic needs a waist as wide as the hips, drawn in.',
      {
        proposed: { child: 'pull-on', knit: 'stretch' },
        compare: { quantities: ['seam-girth', 'waist-radius-cut', 'corner-length', 'finished-girth', 'sewing-minutes'] },
      },
    ),
    allowanceChoice('pullOnEase', 'Room over the hips', 50, [0, 400], 'What the waist seam has beyond the hips.', {
      when: { choice: 'closure', is: ['pull-on'] },
      fine: false,
    }),
    { ...waistEaseChoice, proposed: { knit: STRETCH_EASE }, when: { choice: 'closure', is: ['zip', 'stretch'] } },
    allowanceChoice('bandWidth', 'Finished band', 30, [10, 150], 'How high the waistband stands.', {
      when: { choice: 'closure', is: ['zip', 'stretch'] },
    }),
    yesNoChoice('lining', 'Lining', false, (about) => `The same square, ${about(50, 2)} shorter. Sheer cloth wants one.`),
    bandClothChoice,
    ...elasticChoices('body', { when: { choice: 'closure', is: ['pull-on'] } }),
    ...sharedChoices(12),
  ],
  draft(sheet) {
    const length = sheet.number('sideLength');
    const two = Quantity.constant(2, 'ratio');
    const waist = circleClosure(sheet);
    const { inner } = waist;
    const reach = inner.plus(length).named('reach', 'From the centre to a side', 'nearest');
    const side = sheet.put('square-side', 'Side of the square', 'nearest', two.times(reach));
    const sideCut = sheet.put('square-side-cut', 'Side of the square, to cut', 'up', side.plus(two.times(sheet.number('hem'))));
    const corner = sheet.put('corner-length', 'Length at the corners', 'nearest', reach.times(two.sqrt()).minus(inner));
    sheet.put('finished-length', 'Finished length, at the sides', 'nearest', length);
    sheet.put('hem-sweep', 'Round the hem', 'nearest', side.times(4));
    sheet.openings.push('waist', 'hem');

    const whole = sideCut.value <= sheet.usableWidth.value + 1e-6;
    const piece = cutSquare(sheet, 'skirt', waist, reach, whole);
    const ring = copiesOf(piece);
    stayStitch(sheet, waist.seamGirth, { lined: sheet.yes('lining') });
    const zip = waist.zip ? zipLength(sheet) : undefined;
    closeSquare(sheet, piece, zip, waist);
    const lining = sheet.yes('lining') ? liningOf(sheet, waist, length, whole, zip) : undefined;
    const held = addCircleWaist(sheet, waist, {
      edge: along(ring, 'waist', true),
      lining,
      zip,
      tryOnSays: 'Does it pass the hips and sit level? Do the four corners hang alike? Turn it on the waist until they do.',
    });
    lining?.close();
    hang(sheet, 'The corners hang on the bias and drop; the sides do not.');
    levelFromWaist(sheet);
    lining?.hem();
    addHemEdge(sheet, {
      edge: along(ring, 'hem'),
      curved: false,
      onto: piece.id,
      extra: `At each corner unfold the hem, fold the corner in across the point where the two inner folds cross, trim it to ${sheet.showLength(5)}, and fold both sides back over it: a mitre, flat and square.`,
    });
    press(sheet, 'Press the four sides straight and the corners sharp, lifting the iron and setting it down.');
    wear(sheet, waist, held, corner, length);

    sheet.check(
      stretchDirection(sheet, waist.kind === 'stretch-band'),
      needsLining(sheet, sheet.yes('lining')),
      hangBeforeHem(sheet, 'handkerchief'),
    );
    sheet.check(fitsBody(sheet, [{ says: 'Make it wide enough for the hips and draw it in with elastic', choices: { closure: 'pull-on' } }]));
  },
};

/** The square in one piece, or in two halves where the cloth is too narrow. Throws Unmakeable where neither fits. */
function cutSquare(sheet: Worksheet, id: 'skirt' | 'lining', { inner, innerCut }: CircleClosure, reach: Quantity, whole: boolean): Piece {
  const [seam, hem] = [sheet.number('seam'), sheet.number('hem')];
  const outer = id === 'skirt';
  if (!whole && outer) assertHalfFits(sheet, reach.value + hem.value + seam.value, sheet.number('sideLength').value);
  const { oneWay } = sheet.cloths.of(outer ? 'main' : 'lining');
  const turns: Turn[] = oneWay ? [whole ? 0 : 90] : whole ? [0, 180] : [90, 270];
  const reachCut = reach.plus(hem).named(outer ? 'half-side-cut' : 'lining-half-side-cut', 'Half the side, to cut', 'up');
  const zip = sheet.oneOf('closure') === 'zip';
  return sheet.cut({
    id,
    name: `${outer ? 'Skirt' : 'Lining'}${whole ? '' : ' half'}`,
    copies: whole ? 1 : 2,
    grain: 'any',
    turns,
    ...(outer ? {} : { cloth: 'lining' as const }),
    quantityIds: outer ? ['square-side-cut', 'waist-radius-cut'] : ['lining-length'],
    lines: whole && zip && outer ? [{ name: 'slit', from: [0, -inner.value], to: [0, -reach.value] }] : [],
    shape: squareShape({ inner, reach, innerCut, reachCut, seam: seam.value, hem: hem.value }, whole),
  });
}

function closeSquare(sheet: Worksheet, piece: Piece, zip: Quantity | undefined, { waysOut }: CircleClosure): void {
  if (piece.copies === 1) {
    if (zip) zipInSlit(sheet, { onto: piece.id, long: zip });
    return;
  }
  const { seams, opening } = ringSeams(sheet, { id: 'side', ring: copiesOf(piece), ...(zip ? { open: zip.value } : {}) });
  plain(sheet, {
    step: 'sides',
    edges: 'the side edges',
    title: 'Sew the halves together',
    seams,
    press: 'open',
    ...(zip ? { open: zip } : {}),
    ...(zip
      ? { how: `Leave the top of the second seam open for the zip: ${sheet.show(zip)} below the waist seam line, and the allowance above it.` }
      : {}),
  });
  if (zip) zipInSeam(sheet, { opening, long: zip, seam: sheet.side(piece, 'side-right').value, where: 'in one of the two seams', waysOut });
}

function liningOf(sheet: Worksheet, waist: CircleClosure, length: Quantity, whole: boolean, zip?: Quantity): Lining {
  const shorter = liningLength(sheet, length);
  const reach = waist.inner.plus(shorter).named('lining-reach', 'From the centre to a side of the lining', 'nearest');
  const piece = cutSquare(sheet, 'lining', waist, reach, whole);
  const made = addLining(sheet, {
    ring: copiesOf(piece),
    top: 'waist',
    hem: 'hem',
    ...(zip && !whole ? { open: zip.value } : {}),
    curved: false,
    whole,
  });
  return zip && whole ? { ...made, close: () => slitLining(sheet, piece.id, zip) } : made;
}

/** A handkerchief hem is checked along the cloth, never from the floor: the corners are meant to hang low (handbook 13a). */
function levelFromWaist(sheet: Worksheet): void {
  sheet.step({
    id: 'level',
    kind: 'fit',
    title: 'Check the four sides from the waist',
    handling: [['level']],
    how: `Lay the skirt flat. Measure from the waist seam along the cloth to the middle of each side: all four are ${sheet.show(sheet.number('sideLength'))} and the hem allowance. Then to each corner: all four ${sheet.show(sheet.quantity('corner-length'))} and a little. Trim what has dropped, straight from corner to corner. Do not level it from the floor.`,
    why: 'Levelled from the floor it would stop being a handkerchief.',
  });
}

function wear(sheet: Worksheet, { kind, seamGirth, inner }: CircleClosure, held: Quantity, corner: Quantity, length: Quantity): void {
  const pullOn = kind === 'tube-band';
  const levels = [0, 0.33, 0.66, 1].map((share) => ({ drop: share * length.value, girth: 2 * Math.PI * (inner.value + share * length.value) }));
  sheet.worn.push({ what: 'skirt', levels: levels.map((level, i) => (i === 0 && pullOn ? { ...level, drop: 1 } : level)) });
  sheet.view = {
    hangsFrom: 'waist',
    band: bandHeight(sheet, kind),
    verticalSeams: 0,
    corners: corner.value - length.value,
    levels: levels.map(({ drop, girth }, i) => ({ drop, clothGirth: girth, ...(i === 0 ? { heldGirth: (pullOn ? held : seamGirth).value } : {}) })),
  };
}

function assertHalfFits(sheet: Worksheet, needed: number, length: number): void {
  const usable = sheet.usableWidth.value;
  const plainCloth = sheet.cloth.print === 'none';
  if (needed <= usable + 1e-6 && plainCloth) return;
  const says = plainCloth
    ? 'Not even half the square fits this cloth.'
    : 'The square is wider than the cloth, and a printed cloth leaves no seam to hide.';
  const nearest = plainCloth ? length - (needed - usable) : usable / 2 - (needed - length) + sheet.number('seam').value;
  throw new Unmakeable('choices.sideLength', says, nearest > 20 ? Math.floor(nearest / sheet.scale) : undefined);
}
