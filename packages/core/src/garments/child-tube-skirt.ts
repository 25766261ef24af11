import { childSafety } from '../checks/body-checks.ts';
import { needsLining } from '../checks/cloth-checks.ts';
import { elasticComfort, elasticStretch } from '../checks/elastic-checks.ts';
import { passesOver } from '../checks/passes-over.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { stripPiece } from '../components/strips.ts';
import { bandSheet } from '../components/band.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { CASING_ROOM, elasticLengths, elasticOpensTo, elasticWidth } from '../joins/elastic-lengths.ts';
import { cutSteps, finishStep, hemStep, prepareSteps, seamStep, threadElasticStep } from '../make/common-steps.ts';
import { panelSheet } from '../marks/panel-marks.ts';
import { Quantity } from '../quantity/quantity.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';
import { panel } from '../shapes/panel.ts';
import { allowanceChoice, lengthChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { elasticChoices, sharedChoices } from './shared-choices.ts';

/** A child's skirt with a soft tube band whose elastic can be changed. */
export const childTubeSkirt: Construction = {
  id: 'child-tube-skirt',
  name: 'Child’s tube-band skirt',
  summary: 'Slightly flared, with a soft knit band whose elastic can be changed as the child grows.',
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
      'Turned up now, let down later. Only the length grows: elastic is replaced, not left loose.',
      { fine: false },
    ),
    allowanceChoice('bandHeight', 'Finished band', null, [8, 120], 'The elastic and 5 mm of room, unless you want it higher.'),
    ...elasticChoices('body'),
    ...sharedChoices(20),
  ],
  draft(sheet) {
    const [seam, length, flare, curve] = [sheet.number('seam'), sheet.number('length'), sheet.number('flare'), sheet.number('curve')];
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
      throw new Unmakeable('choices.curve', 'The curve is deeper than the skirt is long.', Math.floor(length.value / 4));
    const girth = sheet.hasMeasure('waist-girth')
      ? sheet.measure('waist-girth')
      : flatWaist.times(two).named('girth-from-flat', 'Waist, from the flat skirt', 'nearest');
    const bandHeight = sheet.isSet('bandHeight') ? sheet.number('bandHeight') : elasticWidth(sheet).plus(CASING_ROOM);
    const bandLength = sheet.put('band-cut-length', 'Band, length to cut', 'up', two.times(flatWaist).plus(two.times(seam)));
    const bandWidth = sheet.put('band-cut-width', 'Band, width to cut', 'up', two.times(bandHeight).plus(two.times(seam)));
    const { finished, cut } = elasticLengths(sheet, girth);
    const hemCut = sheet.put('hem-with-growth', 'Hem allowance with growth room', 'up', sheet.number('hem').plus(sheet.number('growthRoom')));
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    sheet.put('finished-girth', 'Finished waist', 'nearest', finished);
    const sweep = sheet.put('hem-sweep', 'Round the hem', 'nearest', two.times(flatHem));

    const stations = [
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
    ];
    const piece = sheet.piece({
      id: 'skirt',
      name: 'Front and back',
      copies: 2,
      grain: 'along',
      turns: allowedTurns(sheet.cloth, true),
      quantityIds: ['flat-waist', 'flat-hem'],
      seam: panel({
        stations: stations.map(({ id, down, half }) => ({ name: id, down: down.value, half: half.value })),
        topDip: curve.value,
        hemRise: curve.value,
        allow: { top: seam.value, side: seam.value, hem: hemCut.value },
      }),
    });
    sheet.chalk.push(
      panelSheet(sheet, piece, stations, { hem: `Hem: lift the corner ${sheet.show(curve)} up the side edge, curve down to the fold` }),
    );
    const fromMain = sheet.cloth.kind === 'knit';
    stripPiece(sheet, {
      id: 'band',
      name: 'Knit band',
      cutLength: bandLength.value,
      cutWidth: bandWidth.value,
      seam: seam.value,
      cloth: fromMain ? 'main' : 'contrast',
      quantityIds: ['band-cut-length', 'band-cut-width'],
    });
    bandSheet(sheet);
    sheet.shopping.push({
      id: 'elastic',
      what: `Elastic, ${sheet.showLength(sheet.elastic.width)} wide`,
      amount: sheet.show(cut),
      length: cut.value,
    });
    if (!fromMain)
      sheet.shopping.push({ id: 'band-cloth', what: 'Knit for the band', amount: `${sheet.show(bandLength)} × ${sheet.show(bandWidth)}` });
    sheet.view = {
      hangsFrom: 'waist',
      band: bandHeight.value,
      verticalSeams: 2,
      levels: [
        { drop: 0, clothGirth: 2 * flatWaist.value, heldGirth: finished.value },
        { drop: length.value, clothGirth: sweep.value },
      ],
    };

    const give = Quantity.constant(1, 'ratio').plus(
      Quantity.leaf('stretch-across', 'Stretch across the cloth', sheet.cloth.stretchAcross, 'ratio', 'cloth'),
    );
    const opening = Quantity.smaller(two.times(flatWaist).times(give), elasticOpensTo(sheet, finished)).named('opening', 'Opens to', 'down');
    if (sheet.hasMeasure('hip-girth')) {
      const hip = sheet.measure('hip-girth');
      const needed = sheet.put('elastic-stretch-needed', 'Stretch needed to go on', 'up', hip.over(finished));
      sheet.check(
        passesOver(sheet, {
          id: 'passes-over-hip',
          what: 'the hips',
          girth: hip,
          opening,
          by: 'the waist',
          waysOut: [
            { says: 'Use a knit, or measure the waist of a skirt that slides over (laid flat)' },
            { says: 'Elastic as long as the body', choices: { elasticSchool: 'body' } },
          ],
        }),
      );
      sheet.check(elasticStretch(sheet, needed, [{ says: 'Elastic as long as the body', choices: { elasticSchool: 'body' } }]));
    }
    sheet.check(elasticComfort(sheet, finished, girth));
    sheet.check(stretchDirection(sheet, false));
    sheet.check(needsLining(sheet, false));
    sheet.check(childSafety(sheet, true));

    const waistSeam = two.times(flatWaist).named('waist-seam', 'Waist seam', 'nearest');
    const sides = two.times(length);
    prepareSteps(sheet);
    cutSteps(sheet);
    finishStep(sheet, 'finish-sides', 'Finish the side edges', sides.times(2));
    seamStep(sheet, { id: 'sides', title: 'Sew the side seams', how: 'Front and back are alike; right sides together, press open.' }, sides);
    seamStep(
      sheet,
      {
        id: 'band',
        title: 'Sew on the tube band',
        how: 'Close the band to a ring, fold it lengthwise, quarter band and waist, match, sew all layers. Leave 3 cm open on the inside.',
        stitch: '304',
        stitchLength: 2.5,
        stitchWidth: 2,
        setUp: 15,
      },
      waistSeam,
    );
    finishStep(sheet, 'finish-waist', 'Finish the waist seam', waistSeam);
    threadElasticStep(sheet, cut);
    sheet.step({
      id: 'leave-open',
      kind: 'fit',
      title: 'Try it on; leave the gap open',
      setUp: 8,
      how: 'Does it slide over, stay up, leave no marks? The open gap lets you change the elastic next season.',
    });
    hemStep(sheet, sweep, true);
  },
};
