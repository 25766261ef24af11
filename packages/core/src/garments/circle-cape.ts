import { clearOfFloor } from '../checks/clear-of-floor.ts';
import { hangBeforeHem, needsLining } from '../checks/cloth-checks.ts';
import { weightSuitsCircle } from '../checks/weight-suits.ts';
import { cutCirclePanels, MOST_PANELS } from '../components/circle-panels.ts';
import { hang, levelFromFloor } from '../components/hang-and-level.ts';
import { toWaist } from '../components/heights.ts';
import { sewOpenRow } from '../components/open-row.ts';
import { press } from '../components/press.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { bind } from '../joins/bind.ts';
import { caught } from '../joins/caught.ts';
import { hem } from '../joins/hem.ts';
import { along, copiesOf } from '../joins/run.ts';
import { stayStitch } from '../joins/stay-stitch.ts';
import { sewStep } from '../joins/stitching.ts';
import { Quantity, TWO_PI } from '../quantity/quantity.ts';
import { allowanceChoice, countChoice, lengthChoice, ratioChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { bandClothChoice, sharedChoices } from './shared-choices.ts';

const CLASP = Quantity.constant(20, 'mm', undefined, 'width of a clasp');

/** A circle, or half of one, round the neck, open in front. */
export const circleCape: Construction = {
  id: 'circle-cape',
  name: 'Circle cape',
  summary: 'Half or a whole circle round the neck, open in front, with a bound neck and a clasp.',
  group: 'tops',
  needs: ['neck-girth'],
  optional: ['shoulder-to-floor', 'shoulder-to-waist'],
  docket: ['neck-radius', 'neck-radius-cut', 'hem-radius-cut', 'hem-sweep', 'binding-length', 'cloth-to-buy'],
  choices: [
    lengthChoice('length', 'Length', 700, [100, 1500], 'From the neck to the hem, straight down.', { saves: 'less' }),
    ratioChoice('fraction', 'Part of a circle', 0.5, [0.4, 1], 'Half a circle lies on the shoulders, a whole one falls in folds.', {
      step: 0.05,
      saves: 'less',
    }),
    allowanceChoice('neckEase', 'Ease of the neck', 60, [0, 500], 'Beyond the neck, so that it lies over what is worn below.', {
      fine: false,
      scales: true,
    }),
    countChoice('panels', 'Panels', null, [1, MOST_PANELS], 'The fewest that fit your cloth.', { inTree: 'chosen-panels' }),
    bandClothChoice,
    ...sharedChoices(12),
  ],
  draft(sheet) {
    const [length, fraction] = [sheet.number('length'), sheet.number('fraction')];
    const neck = sheet.put('seam-girth', 'Round the neck', 'up', sheet.girth('neck').plus(sheet.number('neckEase')));
    const inner = sheet.put('neck-radius', 'Neck radius', 'down', neck.over(TWO_PI.times(fraction)));
    // bound: the cut line is the seam line
    const innerCut = sheet.put(
      'neck-radius-cut',
      'Neck radius, to cut',
      'down',
      inner.minus(Quantity.constant(0, 'mm', undefined, 'a bound edge takes no allowance')),
    );
    if (innerCut.value < 10) throw new Unmakeable('choices.neckEase', 'No hole is left for the neck.', 60);
    const cut = cutCirclePanels(sheet, {
      inner,
      innerCut,
      length,
      fraction,
      zip: false,
      open: true,
      hole: 0,
      called: { name: 'Cape', around: 'neck' },
    });
    sheet.put('hem-sweep', 'Along the hem', 'nearest', TWO_PI.times(fraction).times(cut.outer));
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    sheet.openings.push('edge');
    const row = copiesOf(cut.piece);
    stayStitch(sheet, neck, { what: 'neck', allowance: 0 });
    sewOpenRow(sheet, row);
    bind(sheet, {
      prefix: 'binding',
      onto: cut.piece.id,
      edges: [{ id: 'neck', title: 'Bind the neck', handling: [['neck']], what: 'the neck edge', edge: along(row, 'waist', true), open: true }],
    });
    const clasp = [1, 2].map((n) =>
      caught(sheet, { id: `clasp-${n}`, wide: CLASP, onto: cut.piece.id, step: 'clasp', why: 'Sewn to the bound corner of the neck.' }),
    );
    sewStep(sheet, {
      id: 'clasp',
      title: 'Sew on the clasp',
      sews: clasp,
      byHand: true,
      handling: [['loop']],
      how: 'Sew one half to each end of the bound neck, through all layers, with doubled thread; let the two edges meet.',
      ...(sheet.wearer === 'adult' ? {} : { caution: 'For a child a clasp that opens by itself when it is pulled: no cords or ties at the neck.' }),
    });
    sheet.shopping.push({ id: 'clasp', what: 'A clasp, or a hook and eye', amount: '1' });
    hang(sheet, 'Where it hangs on the bias the cloth drops.', 'neck');
    levelFromFloor(sheet);
    hem(sheet, { id: 'hem', title: 'Hem', edge: along(row, 'hem'), curved: true, allowance: sheet.number('hem') });
    press(sheet, 'Press the hems, lifting the iron and setting it down.');
    sheet.check(weightSuitsCircle(sheet, fraction), needsLining(sheet, false), hangBeforeHem(sheet), clearOfFloor(sheet, length));
    const up = -toWaist(sheet);
    const half = sheet.girth('neck').value / 6;
    sheet.view = {
      hangsFrom: 'shoulder',
      band: 0,
      verticalSeams: 0,
      levels: [0.22, 0.5, 0.75, 1].map((share) => ({
        drop: up + share * length.value,
        clothGirth: 2 * Math.PI * fraction.value * (inner.value + share * length.value) * 1.6,
        ...(share < 0.3 ? { heldGirth: 1250 * sheet.scale } : {}),
      })),
      parts: [
        { kind: 'shoulders', top: -up, neckHalf: half, neckDepth: 25, shoulderHalf: half * 1.6, slope: 12 },
        { kind: 'wrap', only: 'front' },
      ],
    };
  },
};
