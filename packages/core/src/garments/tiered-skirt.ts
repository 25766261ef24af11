import { bulkUnderFoot } from '../checks/bulk-under-foot.ts';
import { needsLining } from '../checks/cloth-checks.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { widthGives } from '../components/cut-widths.ts';
import { bandSheet } from '../components/band.ts';
import { bandHeight, closeGatheredWaist, gatheredWaist, waistSteps } from '../components/gathered-waist.ts';
import { liningShorter } from '../components/lining.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { gatherStep, sectionTable } from '../joins/gather.ts';
import { cutSteps, finishStep, fitStep, hemStep, prepareSteps, pressStep, seamStep } from '../make/common-steps.ts';
import { rectangleSheet } from '../marks/rectangle-marks.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { Quantity } from '../quantity/quantity.ts';
import { allowedTurns } from '../shapes/allowed-turns.ts';
import { rectangle } from '../shapes/rectangle.ts';
import { countChoice, lengthChoice, oneOfChoice, ratioChoice, yesNoChoice, type Choice } from './choice.ts';
import type { Construction } from './construction.ts';
import { gatheredWaistChoices, sharedChoices } from './shared-choices.ts';

const MOST_TIERS = 6;
/** A crinkled skirt dries this long, hours (handbook 5: often 24-48). */
const CRINKLE_DRIES = 36;
/** No tier is lower than this, mm: it would be all seam. */
const LEAST_TIER = 20;

const ownHeights: Choice[] = Array.from({ length: MOST_TIERS }, (_, i) =>
  lengthChoice(`tierHeight${i + 1}`, `Height of tier ${i + 1}`, null, [LEAST_TIER, 1200], 'Left open, it takes its share of what remains.', {
    when: { choice: 'heights', is: ['own'] },
  }),
);

/** Strips sewn one below the other, each fuller than the one above. */
export const tieredSkirt: Construction = {
  id: 'tiered-skirt',
  name: 'Tiered skirt',
  summary: 'Strips one below the other, each gathered to the one above.',
  needs: ['waist-girth', 'hip-girth'],
  optional: [],
  docket: ['hem-sweep', 'strip-total', 'elastic-cut', 'band-cut-length', 'cloth-to-buy', 'sewing-minutes'],
  choices: [
    lengthChoice('length', 'Length', 800, [60, 1500], 'All tiers together.', { saves: 'less' }),
    countChoice('tiers', 'Tiers', 3, [2, MOST_TIERS], 'Three for a knee-length skirt, five or six to the floor.'),
    ratioChoice(
      'seamFullness',
      'Each tier fuller than the last by',
      1.5,
      [1, 4],
      'Flat length of a tier for each length of the one above. 1 makes straight tiers without gathers.',
      { step: 0.05, saves: 'less', compare: { quantities: ['hem-sweep', 'strip-total'], at: [1, 1.5, 2] } },
    ),
    ratioChoice('topFullness', 'Fullness of the top tier', 1.3, [1, 4], 'On the waist; never less than the hips need.', { step: 0.05 }),
    oneOfChoice(
      'heights',
      'Tier heights',
      'equal',
      { equal: 'All equal', growing: 'Growing downwards', own: 'My own' },
      'Equal tiers look level; growing ones look longer below.',
      { compare: { quantities: ['tier-1-height', 'tier-2-height', 'tier-3-height'] } },
    ),
    ratioChoice('growth', 'Each tier higher by', 1.25, [1, 2], '1.25 is a quarter more each time; 1 is equal.', {
      step: 0.05,
      when: { choice: 'heights', is: ['growing'] },
    }),
    ...ownHeights,
    ...gatheredWaistChoices({ figures: ['tier-1-flat', 'tier-1-cut-height'], onlyGathersHere: false }),
    yesNoChoice('lining', 'Lining', false, 'A plain layer as wide as the top tier, 5 cm shorter.'),
    yesNoChoice('crinkled', 'Crinkled finish', false, 'Wrung lengthwise while wet, tied and left to dry for a day or two.'),
    ...sharedChoices(24),
  ],
  draft(sheet) {
    const [seam, hem, length] = [sheet.number('seam'), sheet.number('hem'), sheet.number('length')];
    const count = sheet.number('tiers').value;
    const waist = gatheredWaist(sheet);
    const gives = widthGives(sheet);
    const heights = tierHeights(sheet, length, count);
    const top = sheet.number('topFullness').times(waist.worn);
    const flats: Quantity[] = [];
    const widths: Quantity[] = [];
    for (let i = 1; i <= count; i++) {
      const above = flats[i - 2];
      const flat = above ? above.times(sheet.number('seamFullness')) : Quantity.larger(top, waist.mustPass);
      flats.push(sheet.put(`tier-${i}-flat`, `Tier ${i}, flat`, 'up', flat));
      widths.push(sheet.put(`tier-${i}-widths`, `Tier ${i}, widths`, 'up', flats[i - 1]!.over(gives).ceil(), 'count'));
      const allowance = (i === 1 ? waist.top : seam).plus(i === count ? hem : seam);
      sheet.put(`tier-${i}-cut-height`, `Tier ${i}, height to cut`, 'up', heights[i - 1]!.plus(allowance));
      addTier(sheet, i, count, {
        flat: flats[i - 1]!,
        widths: widths[i - 1]!.value,
        height: heights[i - 1]!,
        top: i === 1 ? waist.top.value : seam.value,
      });
    }
    const sweep = sheet.put('hem-sweep', 'Round the hem', 'nearest', flats[count - 1]!);
    const strips = flats.map((flat, i) => flat.plus(seam.times(2).times(widths[i]!)));
    sheet.put(
      'strip-total',
      'All strips, end to end',
      'up',
      strips.slice(1).reduce((sum, each) => sum.plus(each), strips[0]!),
    );
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    const held = closeGatheredWaist(sheet, waist, flats[0]!);
    if (sheet.yes('lining')) addLining(sheet, length, flats[0]!, gives);
    bandSheet(sheet);
    let drop = 0;
    const levels = flats.flatMap((flat, i) => {
      const from = drop;
      drop += heights[i]!.value;
      return [
        { drop: from, clothGirth: flat.value, ...(i === 0 ? { heldGirth: held.value } : {}) },
        { drop: (from + drop) / 2, clothGirth: flat.value },
        { drop, clothGirth: flat.value },
      ];
    });
    sheet.view = { hangsFrom: 'waist', band: bandHeight(sheet, waist), verticalSeams: 0, levels };

    const seamRatio = sheet.number('seamFullness');
    sheet.check(bulkUnderFoot(sheet, seamRatio, 'seamFullness'));
    sheet.check(stretchDirection(sheet, false));
    sheet.check(needsLining(sheet, sheet.yes('lining')));
    writeSteps(sheet, { flats, waist, sweep, seamRatio: seamRatio.value });
  },
};

interface Tier {
  flat: Quantity;
  widths: number;
  height: Quantity;
  top: number;
}

function addTier(sheet: Worksheet, i: number, count: number, { flat, widths, height, top }: Tier): void {
  const seam = sheet.number('seam').value;
  const piece = sheet.piece({
    id: `tier-${i}`,
    name: `Tier ${i}`,
    copies: widths,
    grain: 'along',
    turns: allowedTurns(sheet.cloth, true),
    quantityIds: [`tier-${i}-flat`, `tier-${i}-cut-height`],
    seam: rectangle(flat.value / widths, height.value, { top, bottom: i === count ? sheet.number('hem').value : seam, sides: seam }),
  });
  sheet.chalk.push(rectangleSheet(sheet, piece));
}

/** Finished heights from the top down: equal, growing by a factor, or the person's own with the rest shared. */
function tierHeights(sheet: Worksheet, length: Quantity, count: number): Quantity[] {
  const put = (i: number, height: Quantity) => sheet.put(`tier-${i}-height`, `Tier ${i}, finished height`, 'nearest', height);
  const way = sheet.oneOf('heights');
  if (way === 'own') return ownTierHeights(sheet, length, count).map((height, i) => put(i + 1, height));
  const growth = sheet.number('growth');
  const equal = length.over(sheet.number('tiers'));
  if (way === 'equal' || Math.abs(growth.value - 1) < 1e-9) return Array.from({ length: count }, (_, i) => put(i + 1, equal));
  let power = growth;
  for (let i = 1; i < count; i++) power = power.times(growth);
  const heights = [put(1, length.times(growth.minus(1)).over(power.minus(1)))];
  for (let i = 2; i <= count; i++) heights.push(put(i, heights[i - 2]!.times(growth)));
  return heights;
}

function ownTierHeights(sheet: Worksheet, length: Quantity, count: number): Quantity[] {
  const ids = Array.from({ length: count }, (_, i) => `tierHeight${i + 1}`);
  const own = ids.filter((id) => sheet.isSet(id));
  const open = count - own.length;
  let rest = length;
  for (const id of own) rest = rest.minus(sheet.number(id));
  if (open === 0 && Math.abs(rest.value) > 0.5) {
    const last = ids[count - 1]!;
    throw new Unmakeable(
      `choices.${last}`,
      `The tiers add up to ${sheet.showLength(length.value - rest.value)}, the skirt is ${sheet.show(length)} long.`,
      sheet.number(last).value + rest.value,
    );
  }
  if (open > 0 && rest.value < open * LEAST_TIER * sheet.scale) {
    if (own.length === 0) throw new Unmakeable('choices.length', `It is too short for ${count} tiers.`, count * LEAST_TIER);
    throw new Unmakeable(
      `choices.${own[0]}`,
      'Nothing is left for the other tiers.',
      Math.max(LEAST_TIER, sheet.number(own[0]!).value + rest.value - open * LEAST_TIER),
    );
  }
  return ids.map((id) => (sheet.isSet(id) ? sheet.number(id) : rest.over(Quantity.constant(open, 'count'))));
}

function addLining(sheet: Worksheet, length: Quantity, flat: Quantity, gives: Quantity): void {
  const lining = liningShorter(sheet, length);
  const count = Math.ceil(flat.value / gives.value - 1e-9);
  const seam = sheet.number('seam').value;
  sheet.piece({
    id: 'lining',
    name: 'Lining width',
    copies: count,
    grain: 'along',
    turns: allowedTurns(sheet.cloth, true),
    cloth: 'lining',
    quantityIds: ['lining-length'],
    seam: rectangle(flat.value / count, lining.value, { top: seam, bottom: sheet.number('hem').value, sides: seam }),
  });
}

function writeSteps(
  sheet: Worksheet,
  { flats, waist, sweep, seamRatio }: { flats: Quantity[]; waist: ReturnType<typeof gatheredWaist>; sweep: Quantity; seamRatio: number },
): void {
  const joins = flats
    .map((_, i) => sheet.quantity(`tier-${i + 1}-widths`).times(sheet.quantity(`tier-${i + 1}-cut-height`)))
    .reduce((sum, each) => sum.plus(each))
    .named('strip-joins', 'Joins within the tiers', 'up');
  prepareSteps(sheet);
  cutSteps(sheet);
  seamStep(
    sheet,
    {
      id: 'rings',
      title: 'Sew every tier to a ring',
      how: 'Short ends together, right sides together, press open. Label the rings: they look alike.',
    },
    joins,
  );
  finishStep(sheet, 'finish-rings', 'Finish the joins', joins.times(2));
  flats.forEach((flat, i) => {
    const above = flats[i - 1];
    if (!above) return;
    if (seamRatio > 1.0001)
      gatherStep(sheet, `gather-${i + 1}`, `Gather tier ${i + 1} to ${sheet.show(above)}`, flat, {
        ratio: seamRatio,
        sections: sectionTable(flat, above, [`on tier ${i + 1}`, `on tier ${i}`]),
      });
    seamStep(
      sheet,
      {
        id: `join-${i + 1}`,
        title: `Sew tier ${i + 1} to tier ${i}`,
        how: 'Gathered layer on top, quarters matched, needle just left of the gathering thread. Press the seam up.',
        setUp: 12,
      },
      above,
    );
    finishStep(sheet, `finish-${i + 1}`, `Finish that seam`, above);
  });
  if (sheet.yes('lining'))
    seamStep(
      sheet,
      {
        id: 'lining',
        title: 'Sew the lining and baste it in',
        how: 'Close it to a ring, hem it, baste it to the waist wrong sides together.',
        setUp: 15,
      },
      flats[0]!.times(2),
    );
  waistSteps(sheet, waist, flats[0]!);
  fitStep(sheet, 'Are the tier seams level? Mark the hem from the floor.');
  hemStep(sheet, sweep, false);
  if (sheet.yes('crinkled')) {
    sheet.step({
      id: 'crinkle',
      kind: 'wait',
      title: 'Wash, wring lengthwise, tie, let it dry',
      setUp: 15,
      waitHours: CRINKLE_DRIES,
      how: 'Twist it into a rope, tie it in a few places, dry it through, shake it out.',
      why: 'The folds set while it dries; opened damp, they fall out.',
    });
  } else pressStep(sheet, 'Into the gathers with the tip of the iron, never across them.', 10);
}
