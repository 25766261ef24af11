import { childSafety } from '../checks/body-checks.ts';
import { needsLining } from '../checks/cloth-checks.ts';
import type { WayOut } from '../checks/check.ts';
import { elasticComfort, elasticKind, elasticStretch } from '../checks/elastic-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { passesOver } from '../checks/passes-over.ts';
import { notePlace } from '../checks/way-in.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { bandPiece } from '../components/band-piece.ts';
import { addHemEdge } from '../components/hem-edge.ts';
import { press } from '../components/press.ts';
import { tryOn } from '../components/try-on.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { tubeBand } from '../joins/band.ts';
import { buyElastic, closeElastic, threadElastic } from '../joins/elastic.ts';
import { elasticLengths, elasticOpensTo, elasticWidth } from '../joins/elastic-lengths.ts';
import { addJoin } from '../joins/join.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf } from '../joins/run.ts';
import { sewStep } from '../joins/stitching.ts';
import { Quantity } from '../quantity/quantity.ts';
import { panelShape } from '../shapes/panel.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, lengthChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { elasticChoices, sharedChoices } from './shared-choices.ts';

/** A child's skirt with a soft tube band whose elastic can be changed. */
export const childTubeSkirt: Construction = {
  id: 'child-tube-skirt',
  name: 'Child’s tube-band skirt',
  summary: 'Slightly flared, with a soft knit band whose elastic can be changed as the child grows.',
  group: 'skirts',
  needs: [],
  needsOneOf: [['waist-girth', 'flatWaist']],
  optional: ['flatHem', 'hip-girth'],
  docket: ['flat-waist', 'flat-hem', 'band-cut-length', 'band-cut-width', 'elastic-cut', 'cloth-to-buy'],
  choices: [
    lengthChoice('length', 'Length below the band', 250, [60, 900], 'From the band to the finished hem, down the middle.', { saves: 'less' }),
    lengthChoice('flare', 'Flare at each side', 40, [0, 400], 'How much wider the hem is than the waist, on each side of the flat skirt.', {
      saves: 'less',
    }),
    lengthChoice('curve', 'Curve of waist and hem', 20, [0, 80], 'So that both hang level although the sides slant.'),
    allowanceChoice(
      'growthRoom',
      'Growth room in the hem',
      0,
      [0, 150],
      'A tuck sewn inside above the hem, let out later. Only the length grows: elastic is replaced, not left loose.',
      { fine: false },
    ),
    allowanceChoice(
      'bandHeight',
      'Finished band',
      null,
      [8, 120],
      (about) => `The elastic and ${about(5, 0.25)} of room, unless you want it higher.`,
    ),
    ...elasticChoices('body'),
    ...sharedChoices(20),
  ],
  draft(sheet) {
    const [length, flare, curve] = [sheet.number('length'), sheet.number('flare'), sheet.number('curve')];
    const two = Quantity.constant(2, 'ratio');
    const fromFlat = sheet.hasMeasure('flatWaist');
    const flatWaist = sheet.put('flat-waist', 'Waist, flat', 'up', fromFlat ? sheet.measure('flatWaist') : sheet.measure('waist-girth').over(two));
    const flatHem = sheet.put(
      'flat-hem',
      'Hem, flat',
      'nearest',
      sheet.hasMeasure('flatHem') ? sheet.measure('flatHem') : flatWaist.plus(two.times(flare)),
    );
    if (curve.value >= length.value)
      throw new Unmakeable('choices.curve', 'The curve is deeper than the skirt is long.', Math.floor(length.value / 4 / sheet.scale));
    const { finished, cut } = elasticLengths(sheet, sheet.girth('waist'));
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    sheet.put('finished-girth', 'Finished waist', 'nearest', finished);
    const sweep = sheet.put('hem-sweep', 'Round the hem', 'nearest', two.times(flatHem));
    sheet.openings.push('waist', 'hem');

    const piece = cutHalf(sheet, flatWaist, flatHem);
    const ring = copiesOf(piece);
    plain(sheet, {
      step: 'sides',
      edges: 'the side edges',
      title: 'Sew the side seams',
      seams: ringSeams(sheet, { id: 'side', ring }).seams,
      press: 'open',
      how: 'Front and back are alike.',
    });
    const height = sheet.isSet('bandHeight') ? sheet.number('bandHeight') : elasticWidth(sheet).plus(sheet.figure('casing-room'));
    const fromMain = sheet.cloth.kind === 'knit';
    const band = bandPiece(sheet, { name: 'Knit band', length: two.times(flatWaist), height, cloth: fromMain ? 'main' : 'contrast' });
    if (!fromMain) sheet.clothNames.contrast = 'Knit for the band';
    const join = tubeBand(sheet, {
      prefix: 'band',
      band,
      edge: along(ring, 'top', true),
      gap: sheet.figure('gap').value,
      gapStays: true,
      stretchy: true,
    });
    buyElastic(sheet, cut);
    threadElastic(sheet, { cut, shows: [join] });
    tryOn(sheet, 'Does it slide over the hips, stay up, leave no marks on the skin? Move the pin in the elastic until it does.', {
      title: 'Try it on',
    });
    closeElastic(sheet, { shows: [join], stays: true });
    growthTuck(sheet, piece);
    addHemEdge(sheet, { edge: along(ring, 'hem'), curved: true, onto: piece.id });
    press(sheet, 'Press the seams and the hem, lifting the iron and setting it down.');

    sheet.worn.push({
      what: 'skirt',
      levels: [
        { drop: 1, girth: 2 * flatWaist.value },
        { drop: length.value, girth: sweep.value },
      ],
    });
    sheet.view = {
      hangsFrom: 'waist',
      band: height.value,
      verticalSeams: 2,
      levels: [
        { drop: 0, clothGirth: 2 * flatWaist.value, heldGirth: finished.value },
        { drop: length.value, clothGirth: sweep.value },
      ],
    };
    look(sheet, flatWaist, finished, fromMain);
  },
};

/** Front and back alike: waist and hem curved so that both hang level although the sides slant. */
function cutHalf(sheet: Worksheet, flatWaist: Quantity, flatHem: Quantity): Piece {
  const [seam, length, curve] = [sheet.number('seam').value, sheet.number('length'), sheet.number('curve')];
  const two = Quantity.constant(2, 'ratio');
  const hem = sheet.put('hem-with-growth', 'Hem allowance with growth room', 'up', sheet.number('hem').plus(sheet.number('growthRoom')));
  return sheet.cut({
    id: 'skirt',
    name: 'Front and back',
    copies: 2,
    grain: 'along',
    quantityIds: ['flat-waist', 'flat-hem'],
    shape: panelShape({
      stations: [
        {
          id: 'waist',
          name: 'Waist',
          down: Quantity.constant(0, 'mm').named('waist-line', 'Waist line', 'nearest'),
          half: flatWaist.over(two).named('half-flat-waist', 'Half the flat waist', 'up'),
          hint: `curve it: the middle lies ${sheet.show(curve)} lower than this corner`,
        },
        {
          id: 'hem',
          name: 'Hem',
          down: length.plus(curve).named('length-at-middle', 'Length and curve', 'nearest'),
          half: flatHem.over(two).named('half-flat-hem', 'Half the flat hem', 'nearest'),
        },
      ],
      topDip: curve,
      hemRise: curve,
      allow: { top: seam, side: seam, hem: hem.value },
      hem: `Hem: lift the corner ${sheet.show(curve)} up the side edge, curve down to the fold`,
    }),
  });
}

/** Growth room is a tuck of its own, let out before the hem is touched (handbook 13a). */
function growthTuck(sheet: Worksheet, piece: Piece): void {
  const room = sheet.number('growthRoom');
  if (room.value === 0) return;
  const around = sheet.quantity('hem-sweep');
  const tuck = addJoin(sheet, {
    id: 'growth-tuck',
    how: 'topstitch',
    layers: [],
    onto: piece.id,
    long: around,
    step: 'growth-tuck',
    why: 'Let out as the child grows.',
  });
  const [all, half] = [sheet.show(room), sheet.showLength(room.value / 2)];
  sewStep(sheet, {
    id: 'growth-tuck',
    title: 'Sew the growth tuck',
    sews: [tuck],
    stitch: '301',
    stitchLength: 4,
    stitchWidth: 0,
    section: 'tuck',
    handling: [['hem']],
    how: `The skirt was cut ${all} longer than it is worn now. Chalk a line ${sheet.showLength(sheet.number('hem').value + room.value + 20)} above the raw hem edge, fold the cloth right sides together along it, and sew ${half} from the fold all the way round with long stitches. Press the tuck towards the waist, inside.`,
    why: `Next year the long stitches are pulled out and the skirt is ${all} longer, with its hem still in place.`,
  });
}

function look(sheet: Worksheet, flatWaist: Quantity, finished: Quantity, fromMain: boolean): void {
  const give = fromMain ? sheet.cloths.gives() : Quantity.constant(1, 'ratio');
  const opening = Quantity.smaller(flatWaist.times(2).times(give), elasticOpensTo(sheet, finished)).named('opening', 'Opens to', 'down');
  const body: WayOut = { says: 'Elastic as long as the body', choices: { elasticSchool: 'body' } };
  if (sheet.hasMeasure('hip-girth')) {
    const hip = sheet.girth('hip');
    const needed = sheet.put('elastic-stretch-needed', 'Stretch needed to go on', 'up', hip.over(finished));
    const waysOut: WayOut[] = [{ says: 'Use a knit, or measure the waist of a skirt that slides over (laid flat)' }, body];
    const passes = passesOver(sheet, { id: 'passes-over-hip', what: 'the hips', girth: hip, opening, by: 'the waist', waysOut });
    notePlace(sheet, passes, { what: 'the waist', drop: 0 });
    sheet.check(passes);
    sheet.check(elasticStretch(sheet, needed, [body]));
    sheet.check(fitsBody(sheet, [{ says: 'More flare', choices: { flare: 80 } }]));
  }
  sheet.check(
    elasticComfort(sheet, finished, sheet.girth('waist')),
    elasticKind(sheet, 'threaded'),
    stretchDirection(sheet, false),
    needsLining(sheet, false),
    childSafety(sheet, true),
  );
}
