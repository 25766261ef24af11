import { hangBeforeHem, needsLining } from '../checks/cloth-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { lapHolds } from '../checks/lap-holds.ts';
import { weightSuitsCircle } from '../checks/weight-suits.ts';
import { noHole } from '../components/circle-closure.ts';
import { cutCirclePanels, MOST_PANELS } from '../components/circle-panels.ts';
import { hang, levelFromFloor } from '../components/hang-and-level.ts';
import { sewOpenRow } from '../components/open-row.ts';
import { press } from '../components/press.ts';
import { tieBand } from '../components/tie-band.ts';
import { tryOn } from '../components/try-on.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { hem } from '../joins/hem.ts';
import { along, copiesOf } from '../joins/run.ts';
import { stayStitch } from '../joins/stay-stitch.ts';
import { TWO_PI } from '../quantity/quantity.ts';
import { allowanceChoice, countChoice, lengthChoice, ratioChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { bandClothChoice, sharedChoices, waistEaseChoice } from './shared-choices.ts';

/** A circle, or part of one, that wraps round and ties: no zip, and it fits for years. */
export const wrapCircleSkirt: Construction = {
  id: 'wrap-circle-skirt',
  name: 'Wrap circle skirt',
  summary: 'Part of a circle that laps over itself and ties: no zip, and it fits for years.',
  group: 'ties',
  needs: ['waist-girth', 'hip-girth'],
  optional: ['waist-to-hip'],
  docket: ['seam-girth', 'waist-radius-cut', 'hem-radius-cut', 'hem-sweep', 'band-cut-length', 'cloth-to-buy'],
  choices: [
    lengthChoice('length', 'Length below the band', 600, [100, 1400], 'From the band to the finished hem.', { saves: 'less' }),
    ratioChoice('fraction', 'Part of a circle', 0.75, [0.25, 1], 'What lies flat, the lap included.', { step: 0.05, saves: 'less' }),
    ratioChoice('lap', 'Lap', 0.35, [0.15, 0.8], 'How much of the waist lies double: a third stays closed in the wind.', { step: 0.05 }),
    { ...waistEaseChoice },
    countChoice('panels', 'Panels', null, [1, MOST_PANELS], 'The fewest that fit your cloth.', { inTree: 'chosen-panels' }),
    lengthChoice('tieLength', 'Ties, each', 700, [150, 1500], 'One goes through a slit in the side of the band and round.'),
    allowanceChoice('bandWidth', 'Finished band', 35, [15, 120], 'How high the band stands.', { fine: false }),
    bandClothChoice,
    ...sharedChoices(12),
  ],
  draft(sheet) {
    const [length, fraction, seam] = [sheet.number('length'), sheet.number('fraction'), sheet.number('seam')];
    const worn = sheet.girth('waist').plus(sheet.number('waistEase')).named('worn-waist', 'Waist as worn', 'nearest');
    const girth = sheet.put('seam-girth', 'Waist seam, flat', 'up', worn.plus(worn.times(sheet.number('lap'))));
    if (girth.value <= 100 * sheet.scale) throw new Unmakeable('choices.waistEase', 'The ease leaves nothing of the waist.', 0);
    const inner = sheet.put('waist-radius', 'Waist radius', 'down', girth.over(TWO_PI.times(fraction)));
    const innerCut = sheet.put('waist-radius-cut', 'Waist radius, to cut', 'down', inner.minus(seam));
    if (innerCut.value <= 0) throw noHole(sheet, inner, girth.value / (2 * Math.PI * seam.value));
    const cut = cutCirclePanels(sheet, { inner, innerCut, length, fraction, zip: false, open: true });
    sheet.put('hem-sweep', 'Along the hem', 'nearest', TWO_PI.times(fraction).times(cut.outer));
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    sheet.openings.push('edge');
    const row = copiesOf(cut.piece);
    stayStitch(sheet, girth);
    sewOpenRow(sheet, row);
    tieBand(sheet, {
      edge: along(row, 'waist', true),
      held: girth,
      tie: sheet.number('tieLength'),
      height: sheet.number('bandWidth'),
      title: 'Sew on the band and its ties',
      how: 'Put it on and mark where the inner tie meets the band at the side: leave or work a slit there, as long as the band is high less a little, for the tie to go through.',
    });
    tryOn(sheet, 'Does the lap reach the side seam of the hip, does it stay closed when you walk and sit? Move the slit for the tie until it does.', {
      title: 'Wrap it on',
    });
    hang(sheet, 'Where it hangs on the bias the cloth drops.');
    levelFromFloor(sheet);
    hem(sheet, { id: 'hem', title: 'Hem', edge: along(row, 'hem'), curved: true, allowance: sheet.number('hem') });
    press(sheet, 'Press the seams and the hem, lifting the iron and setting it down.');
    // round the body once, without the lap
    const once = 1 / (1 + sheet.number('lap').value);
    const levels = [0, 0.25, 0.5, 0.75, 1].map((share) => ({
      drop: share * length.value,
      girth: 2 * Math.PI * fraction.value * (inner.value + share * length.value) * once,
    }));
    sheet.worn.push({ what: 'skirt', levels });
    sheet.view = {
      hangsFrom: 'waist',
      band: sheet.number('bandWidth').value,
      verticalSeams: 0,
      levels: levels.map(({ drop, girth: round }, i) => ({ drop, clothGirth: round, ...(i === 0 ? { heldGirth: worn.value } : {}) })),
      parts: [
        { kind: 'wrap', only: 'front' },
        { kind: 'bow', drop: -sheet.number('bandWidth').value / 2, only: 'front' },
      ],
    };
    sheet.check(
      weightSuitsCircle(sheet, fraction),
      needsLining(sheet, false),
      hangBeforeHem(sheet),
      lapHolds(sheet, (drop) => 2 * Math.PI * fraction.value * (inner.value + drop), length.value, [
        ...[0.45, 0.6, 0.8].map((lap) => ({ says: 'A wider lap', choices: { lap } })),
        ...[0.75, 1].map((more) => ({ says: `Take ${more} of a circle`, choices: { fraction: more } })),
      ]),
      fitsBody(
        sheet,
        [0.75, 1].map((more) => ({ says: `Take ${more} of a circle`, choices: { fraction: more } })),
      ),
    );
  },
};
