import { bulkUnderFoot } from '../checks/bulk-under-foot.ts';
import { needsLining } from '../checks/cloth-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { widthGives } from '../components/cut-widths.ts';
import { gatheredWaist } from '../components/gathered-waist.ts';
import { addHemEdge, hemAdds, hemAllowance, hemLevels, hemParts } from '../components/hem-edge.ts';
import { addPockets, pocketsSeen } from '../components/patch-pocket.ts';
import { straightLining } from '../components/straight-lining.ts';
import { press } from '../components/press.ts';
import { addWaist, bandHeight } from '../components/waist.ts';
import { zipInSeam, zipLength } from '../components/zip-place.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf } from '../joins/run.ts';
import { Quantity } from '../quantity/quantity.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import { countChoice, lengthChoice, oneOfChoice, ratioChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { gatheredWaistChoices, hemEdgeChoices, pocketChoices, sharedChoices } from './shared-choices.ts';

/** A skirt of straight widths, gathered to the waist. */
export const gatheredSkirt: Construction = {
  id: 'gathered-skirt',
  name: 'Gathered skirt',
  summary: 'Straight widths of cloth gathered to the waist: nothing wasted.',
  group: 'skirts',
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
      inTree: 'chosen-fullness',
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
    yesNoChoice('lining', 'Lining', false, (about) => `A plain layer ${about(50, 2)} shorter, no fuller than the hips need.`),
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
    const widths = sheet.put('widths', 'Widths of cloth', 'up', wanted.over(gives).ceil(), 'count');
    const whole = sheet.oneOf('widthSchool') === 'whole';
    const flat = sheet.put('flat-length', 'Flat, all round', 'up', whole ? widths.times(gives) : wanted);
    sheet.put('panel-cut-width', 'Each width, across', 'up', flat.over(widths).plus(seam.times(2)));
    sheet.put('panel-cut-length', 'Each width, length', 'up', length.plus(waist.top).plus(hem));
    const fullness = sheet.put('fullness', 'Fullness reached', 'nearest', flat.over(waist.worn));
    sheet.put('hem-sweep', 'Round the hem', 'nearest', flat);
    sheet.put('finished-length', 'Finished length', 'nearest', hemAdds(sheet, length));
    sheet.openings.push('waist', 'hem');

    const piece = sheet.cut({
      id: 'panel',
      name: 'Skirt width',
      copies: widths.value,
      grain: 'along',
      quantityIds: ['panel-cut-width', 'panel-cut-length'],
      shape: rectangleShape(flat.over(widths), length, { top: waist.top.value, bottom: hem.value, sides: seam.value }),
    });
    const ring = copiesOf(piece);
    const zip = waist.zipped ? zipLength(sheet) : undefined;
    const { seams, opening } = ringSeams(sheet, { id: 'side', ring, ...(zip ? { open: zip.value } : {}) });
    plain(sheet, {
      step: 'sides',
      edges: 'the side edges',
      title: widths.value > 1 ? 'Sew the widths to a ring' : 'Close the ring',
      seams,
      press: 'open',
      ...(zip ? { open: zip } : {}),
      ...(zip
        ? { how: `Leave the top of the last seam open for the zip: ${sheet.show(zip)} below the waist seam line, and the allowance above it.` }
        : {}),
      then: 'Then fold the top edge in halves, quarters and eighths, beginning at a seam, and mark each with a snip.',
    });
    if (zip) zipInSeam(sheet, { opening, long: zip, seam: length.value, where: 'in the seam worn at centre back', waysOut: waist.waysOut });
    if (sheet.yes('pockets')) addPockets(sheet, { onto: piece });
    const lining = sheet.yes('lining') ? straightLining(sheet, { length, around: waist.mustPass, waist, open: zip?.value ?? 0 }) : undefined;
    const held = addWaist(sheet, {
      ...waist,
      edge: along(ring, 'top', true),
      ...(lining ? { lining } : {}),
      ...(zip ? { zip } : {}),
      tryOnSays: 'Does it pass the hips, sit level, lie in even gathers? Check the length in the mirror and mark another hem line if you want one.',
    });
    const sections = sheet.number('sections');
    sheet.put('flat-section', 'Section, on the skirt', 'nearest', flat.over(sections));
    sheet.put('finished-section', 'Section, at the waist', 'nearest', held.over(sections));
    lining?.close();
    lining?.hem();
    addHemEdge(sheet, { edge: along(ring, 'bottom'), curved: false, onto: piece.id });

    press(sheet, 'Press the skirt from the hem up, into the gathers with the tip of the iron, never across them.');
    sheet.worn.push({ what: 'skirt', levels: [1, length.value].map((drop) => ({ drop, girth: flat.value })) });
    sheet.view = {
      hangsFrom: 'waist',
      band: bandHeight(sheet, waist.kind),
      verticalSeams: widths.value,
      levels: [
        ...[0, 0.3, 0.6, 1].map((share) => ({
          drop: share * length.value,
          clothGirth: flat.value,
          ...(share === 0 ? { heldGirth: held.value } : {}),
        })),
        ...hemLevels(sheet, length.value),
      ],
      parts: [...hemParts(sheet), ...(sheet.yes('pockets') ? [pocketsSeen(sheet)] : [])],
    };
    sheet.check(bulkUnderFoot(sheet, fullness, 'fullness'), stretchDirection(sheet, false), needsLining(sheet, sheet.yes('lining')));
    sheet.check(fitsBody(sheet, [{ says: 'More room over the hips', choices: { hipClearance: 50 } }]));
  },
};
