import { bulkUnderFoot } from '../checks/bulk-under-foot.ts';
import { needsLining } from '../checks/cloth-checks.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { widthGives } from '../components/cut-widths.ts';
import { bandSheet } from '../components/band.ts';
import { bandHeight, closeGatheredWaist, gatheredWaist, waistSteps } from '../components/gathered-waist.ts';
import { addHemEdge, hemAdds, hemAllowance, hemEdgeSteps } from '../components/hem-edge.ts';
import { liningShorter } from '../components/lining.ts';
import { addPockets } from '../components/patch-pocket.ts';
import { cutSteps, finishStep, fitStep, prepareSteps, pressStep, seamStep } from '../make/common-steps.ts';
import { rectangleSheet } from '../marks/rectangle-marks.ts';
import { Quantity } from '../quantity/quantity.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';
import { rectangle } from '../shapes/rectangle.ts';
import { countChoice, lengthChoice, oneOfChoice, ratioChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { gatheredWaistChoices, hemEdgeChoices, pocketChoices, sharedChoices } from './shared-choices.ts';

/** A skirt of straight widths, gathered to the waist. */
export const gatheredSkirt: Construction = {
  id: 'gathered-skirt',
  name: 'Gathered skirt',
  summary: 'Straight widths of cloth gathered to the waist: nothing wasted.',
  needs: ['waist-girth', 'hip-girth'],
  optional: [],
  docket: ['flat-length', 'panel-cut-width', 'panel-cut-length', 'elastic-cut', 'band-cut-length', 'cloth-to-buy'],
  choices: [
    lengthChoice('length', 'Length', 600, [20, 1500], 'The finished skirt below a band; with a casing of its own, the casing is part of it.', {
      saves: 'less',
    }),
    ratioChoice('fullness', 'Fullness', 2, [1, 6], 'Flat length for each length of waist. Heavy cloth 1.5, medium 2, light 2.5, sheer 3.', {
      step: 0.1,
      saves: 'less',
      compare: { quantities: ['flat-length', 'widths', 'fullness', 'panel-cut-width'], at: [1.5, 2, 3] },
    }),
    oneOfChoice(
      'widthSchool',
      'Widths',
      'exact',
      { exact: 'Cut to the exact fullness', whole: 'Whole widths of cloth' },
      'Exact gives the fullness you chose; whole widths save cutting and waste and give what they give.',
      {
        saves: [{ to: 'exact', says: 'Cut to the exact fullness instead of whole widths' }],
        compare: { quantities: ['flat-length', 'widths', 'panel-cut-width', 'fullness'] },
      },
    ),
    ...gatheredWaistChoices({ figures: ['flat-length', 'panel-cut-length'], onlyGathersHere: true }),
    countChoice(
      'sections',
      'Divide edges into',
      8,
      [2, 32],
      'Equal parts marked on both edges, so that the gathers spread evenly. 16 where elastic is sewn on stretched.',
      { fine: true },
    ),
    yesNoChoice('lining', 'Lining', false, 'A plain layer 5 cm shorter, no fuller than the hips need.'),
    ...pocketChoices(),
    ...hemEdgeChoices(),
    ...sharedChoices(24),
  ],
  draft(sheet) {
    const [seam, hem, length] = [sheet.number('seam'), hemAllowance(sheet), sheet.number('length')];
    const waist = gatheredWaist(sheet);
    const full = sheet.number('fullness').times(waist.worn);
    const wanted = Quantity.larger(full, waist.mustPass).named('flat-wanted', 'Flat length wanted', 'up');
    const gives = widthGives(sheet);
    const needed = wanted.over(gives).ceil();
    const whole = sheet.oneOf('widthSchool') === 'whole';
    const widths = sheet.put('widths', 'Widths of cloth', 'up', needed, 'count');
    const flat = sheet.put('flat-length', 'Flat, all round', 'up', whole ? widths.times(gives) : wanted);
    const panelWidth = sheet.put('panel-cut-width', 'Each width, across', 'up', flat.over(widths).plus(seam.times(2)));
    const panelLength = sheet.put('panel-cut-length', 'Each width, length', 'up', length.plus(waist.top).plus(hem));
    const fullness = sheet.put('fullness', 'Fullness reached', 'nearest', flat.over(waist.worn));
    sheet.put('hem-sweep', 'Round the hem', 'nearest', flat);
    sheet.put('finished-length', 'Finished length', 'nearest', hemAdds(sheet, length));

    const piece = sheet.piece({
      id: 'panel',
      name: 'Skirt width',
      copies: widths.value,
      grain: 'along',
      turns: allowedTurns(sheet.cloth, true),
      quantityIds: ['panel-cut-width', 'panel-cut-length'],
      seam: rectangle(panelWidth.value - 2 * seam.value, length.value, { top: waist.top.value, bottom: hem.value, sides: seam.value }),
    });
    sheet.chalk.push(rectangleSheet(sheet, piece));
    const held = closeGatheredWaist(sheet, waist, flat);
    const sections = sheet.number('sections');
    sheet.put('flat-section', 'Section, on the skirt', 'nearest', flat.over(sections));
    sheet.put('finished-section', 'Section, at the waist', 'nearest', held.over(sections));
    if (sheet.yes('lining')) addLining(sheet, length, waist.mustPass, gives);
    bandSheet(sheet);
    addPockets(sheet);
    addHemEdge(sheet, flat);
    sheet.view = {
      hangsFrom: 'waist',
      band: bandHeight(sheet, waist),
      verticalSeams: widths.value,
      levels: [0, 0.3, 0.6, 1].map((share) => ({
        drop: share * length.value,
        clothGirth: flat.value,
        ...(share === 0 ? { heldGirth: held.value } : {}),
      })),
    };

    sheet.check(bulkUnderFoot(sheet, fullness, 'fullness'));
    sheet.check(stretchDirection(sheet, false));
    sheet.check(needsLining(sheet, sheet.yes('lining')));

    const sides = widths.times(panelLength).named('side-seams', 'All side seams', 'up');
    prepareSteps(sheet);
    cutSteps(sheet);
    finishStep(sheet, 'finish-sides', 'Finish the side edges', sides.times(2));
    seamStep(
      sheet,
      {
        id: 'sides',
        title: widths.value > 1 ? 'Sew the widths to a ring' : 'Close the ring',
        how: 'Right sides together, press open. Divide the top edge into equal parts and mark them.',
      },
      sides,
    );
    if (sheet.yes('pockets'))
      seamStep(
        sheet,
        { id: 'pockets', title: 'Sew on the pockets', how: 'Hem the top, press the other sides under, stitch on at hip level.', setUp: 25 },
        sheet.quantity('pocket-seam'),
      );
    if (sheet.yes('lining'))
      seamStep(
        sheet,
        {
          id: 'lining',
          title: 'Sew the lining and baste it in',
          how: 'Close it to a ring, hem it, baste it to the waist wrong sides together.',
          setUp: 15,
        },
        sheet.quantity('lining-length').plus(wanted.times(2)),
      );
    waistSteps(sheet, waist, flat);
    fitStep(sheet, 'Does it pass the hips, sit level, lie in even gathers? Mark the hem from the floor.');
    hemEdgeSteps(sheet, flat, false);
    pressStep(sheet, 'Into the gathers with the tip of the iron, never across them.');
  },
};

function addLining(sheet: Parameters<Construction['draft']>[0], length: Quantity, around: Quantity, gives: Quantity): void {
  const lining = liningShorter(sheet, length);
  const count = Math.ceil(around.value / gives.value - 1e-9);
  const seam = sheet.number('seam').value;
  sheet.piece({
    id: 'lining',
    name: 'Lining width',
    copies: count,
    grain: 'along',
    turns: allowedTurns(sheet.cloth, true),
    cloth: 'lining',
    quantityIds: ['lining-length'],
    seam: rectangle(around.value / count, lining.value, { top: seam, bottom: sheet.number('hem').value, sides: seam }),
  });
}
