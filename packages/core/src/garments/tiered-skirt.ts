import { bulkUnderFoot } from '../checks/bulk-under-foot.ts';
import { needsLining } from '../checks/cloth-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { widthGives } from '../components/cut-widths.ts';
import { gatheredWaist, type GatheredWaist } from '../components/gathered-waist.ts';
import { addHemEdge } from '../components/hem-edge.ts';
import { straightLining } from '../components/straight-lining.ts';
import { HIGHEST_TIER, LEAST_TIER, LONGEST, SHORTEST, tierHeights } from '../components/tier-heights.ts';
import { press } from '../components/press.ts';
import { addWaist, bandHeight } from '../components/waist.ts';
import { zipInSeam, zipLength } from '../components/zip-place.ts';
import { gather } from '../joins/gather.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf, splitRun } from '../joins/run.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { countChoice, lengthChoice, oneOfChoice, ratioChoice, yesNoChoice, type Choice } from './choice.ts';
import type { Construction } from './construction.ts';
import { gatheredWaistChoices, sharedChoices } from './shared-choices.ts';

const MOST_TIERS = 6;
/** A crinkled skirt dries this long, hours (handbook 5: often 24-48). */
const CRINKLE_DRIES = 36;

const ownHeights: Choice[] = Array.from({ length: MOST_TIERS }, (_, i) =>
  lengthChoice(`tierHeight${i + 1}`, `Height of tier ${i + 1}`, null, [LEAST_TIER, HIGHEST_TIER], 'Left open, it takes its share of what remains.', {
    when: { choice: 'heights', is: ['own'] },
  }),
);

/** Strips sewn one below the other, each fuller than the one above. */
export const tieredSkirt: Construction = {
  id: 'tiered-skirt',
  name: 'Tiered skirt',
  summary: 'Strips one below the other, each gathered to the one above.',
  group: 'skirts',
  needs: ['waist-girth', 'hip-girth'],
  optional: [],
  docket: ['hem-sweep', 'strip-total', 'elastic-cut', 'band-cut-length', 'cloth-to-buy', 'sewing-minutes'],
  choices: [
    lengthChoice('length', 'Length', 800, [SHORTEST, LONGEST], 'All tiers together.', { saves: 'less' }),
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
    yesNoChoice('lining', 'Lining', false, (about) => `A plain layer as wide as the top tier, ${about(50, 2)} shorter.`),
    yesNoChoice('crinkled', 'Crinkled finish', false, 'Wrung lengthwise while wet, tied and left to dry for a day or two.'),
    ...sharedChoices(24),
  ],
  draft(sheet) {
    const [seam, hem, length] = [sheet.number('seam'), sheet.number('hem'), sheet.number('length')];
    const count = sheet.number('tiers').value;
    const waist = gatheredWaist(sheet);
    const gives = widthGives(sheet);
    const heights = tierHeights(sheet, length, count);
    const tiers: Tier[] = [];
    for (let i = 1; i <= count; i++) {
      const above = tiers[i - 2]?.flat;
      const wanted = above
        ? above.times(sheet.number('seamFullness'))
        : Quantity.larger(sheet.number('topFullness').times(waist.worn), waist.mustPass);
      const flat = sheet.put(`tier-${i}-flat`, `Tier ${i}, flat`, 'up', wanted);
      const widths = sheet.put(`tier-${i}-widths`, `Tier ${i}, widths`, 'up', flat.over(gives).ceil(), 'count');
      const [top, bottom] = [i === 1 ? waist.top : seam, i === count ? hem : seam];
      const height = heights[i - 1]!;
      sheet.put(`tier-${i}-cut-height`, `Tier ${i}, height to cut`, 'up', height.plus(top.plus(bottom)));
      const piece = sheet.cut({
        id: `tier-${i}`,
        name: `Tier ${i}`,
        copies: widths.value,
        grain: 'along',
        quantityIds: [`tier-${i}-flat`, `tier-${i}-cut-height`],
        shape: rectangleShape(flat.over(widths), height, { top: top.value, bottom: bottom.value, sides: seam.value }),
      });
      tiers.push({ flat, widths, height, piece });
    }
    const [first, last] = [tiers[0]!, tiers[count - 1]!];
    sheet.put('hem-sweep', 'Round the hem', 'nearest', last.flat);
    sheet.put('strip-total', 'All strips, end to end', 'up', Quantity.sum(tiers.map(({ flat, widths }) => flat.plus(seam.times(2).times(widths)))));
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    sheet.openings.push('waist', 'hem');

    const zip = waist.zipped ? zipLength(sheet) : undefined;
    sewTiers(sheet, tiers, waist, zip);
    const lining = sheet.yes('lining') ? straightLining(sheet, { length, around: first.flat, waist, open: zip?.value ?? 0 }) : undefined;
    const held = addWaist(sheet, {
      ...waist,
      edge: along(copiesOf(first.piece), 'top', true),
      ...(lining ? { lining } : {}),
      ...(zip ? { zip } : {}),
      gatheredName: 'on tier 1',
      tryOnSays: 'Does it pass the hips? Are the tier seams level? Check the length in the mirror and mark another hem line if you want one.',
    });
    lining?.close();
    lining?.hem();
    addHemEdge(sheet, { edge: along(copiesOf(last.piece), 'bottom'), curved: false, onto: last.piece.id });
    if (sheet.yes('crinkled')) crinkle(sheet, last.flat);
    else press(sheet, 'Press each tier from below, into the gathers with the tip of the iron, never across them.');
    wear(sheet, tiers, waist, held);

    sheet.check(
      bulkUnderFoot(sheet, sheet.number('seamFullness'), 'seamFullness'),
      stretchDirection(sheet, false),
      needsLining(sheet, sheet.yes('lining')),
    );
    sheet.check(fitsBody(sheet, [{ says: 'More room over the hips', choices: { hipClearance: 50 } }]));
  },
};

interface Tier {
  flat: Quantity;
  widths: Quantity;
  height: Quantity;
  piece: Piece;
}

/**
 * Each tier to a ring, each ring to the one above. With a zip the tiers are sewn flat, and one vertical seam through all of them is
 * closed last and left open for it (handbook 13a).
 */
function sewTiers(sheet: Worksheet, tiers: readonly Tier[], waist: GatheredWaist, zip: Quantity | undefined): void {
  const seams = tiers.flatMap(({ piece }) => ringSeams(sheet, { id: `${piece.id}-part`, ring: copiesOf(piece), lastLater: zip !== undefined }).seams);
  if (seams.length > 0)
    plain(sheet, {
      step: 'rings',
      edges: 'the short ends of the tiers',
      title: zip ? 'Join the widths of each tier' : 'Sew every tier to a ring',
      seams,
      press: 'open',
      short: true,
      how: zip
        ? 'Leave one seam of each tier unsewn: they stay long strips for now. Label them, they look alike.'
        : 'Label the rings: they look alike.',
    });
  tiers.slice(1).forEach(({ piece }, i) => {
    const n = i + 2;
    gather(sheet, {
      id: `tier-${n}`,
      step: `join-${n}`,
      title: `Sew tier ${n} to tier ${n - 1}`,
      gathered: along(copiesOf(piece), 'top', true),
      onto: along(copiesOf(tiers[i]!.piece), 'bottom'),
      names: [`on tier ${n}`, `on tier ${n - 1}`],
      press: 'up',
    });
  });
  if (zip) closeBack(sheet, tiers, waist, zip);
}

/** The vertical seam through all tiers, with the zip at its top. */
function closeBack(sheet: Worksheet, tiers: readonly Tier[], { waysOut }: GatheredWaist, zip: Quantity): void {
  const edge = (side: 'side-right' | 'side-left') =>
    tiers.flatMap(({ piece }) => along([{ piece, copy: side === 'side-right' ? piece.copies - 1 : 0 }], side, side === 'side-right'));
  const long = tiers.reduce((sum, { height }) => sum + height.value, 0);
  const cut = [edge('side-right'), edge('side-left')].map((run) => splitRun(sheet, run, Math.min(zip.value, long)));
  const below = cut.map(([, rest]) => rest);
  if (below.every((run) => run.length > 0))
    plain(sheet, {
      step: 'back',
      edges: 'the edges of the back seam',
      title: 'Close the back seam through all tiers',
      seams: [{ id: 'back', layers: below, behind: true }],
      press: 'open',
      open: zip,
      how: `Tier seam on tier seam. Leave the top open for the zip: ${sheet.show(zip)} below the waist seam line, and the allowance above it.`,
    });
  const first = tiers[0]!.height.value;
  zipInSeam(sheet, {
    opening: cut.map(([above]) => above),
    long: zip,
    seam: long,
    where: 'at centre back',
    ...(zip.value > first ? { crosses: 'the gathered seam of a tier' } : {}),
    waysOut,
  });
}

/** Wrung and dried in folds: it hangs narrower by the take-up of the finish, a strip of the cloth says how much. */
function crinkle(sheet: Worksheet, hem: Quantity): void {
  const takeUp = sheet.figure('crinkle-take-up');
  const narrow = sheet.put('crinkled-sweep', 'Round the hem, as it hangs crinkled', 'nearest', hem.over(takeUp));
  sheet.step({
    id: 'crinkle',
    kind: 'wait',
    title: 'Wash, wring lengthwise, tie, let it dry',
    handling: [['crinkle']],
    waitHours: CRINKLE_DRIES,
    how: `Try it on a strip of the cloth first. Wash the skirt, twist it lengthwise into a rope, tie it in a few places, and hang it up to dry right through. Then untie it and shake it out: the hem hangs about ${sheet.show(narrow)} round instead of ${sheet.show(hem)}, and opens again when you walk. It is not pressed.`,
    why: 'The folds set while it dries; opened damp, they fall out.',
  });
}

function wear(sheet: Worksheet, tiers: readonly Tier[], { kind }: GatheredWaist, held: Quantity): void {
  let drop = 0;
  const levels = tiers.flatMap(({ flat, height }) => {
    const from = drop;
    drop += height.value;
    return [from, (from + drop) / 2, drop].map((at) => ({ drop: at, girth: flat.value }));
  });
  sheet.worn.push({ what: 'skirt', levels: levels.map((level, i) => (i === 0 ? { ...level, drop: 1 } : level)) });
  sheet.view = {
    hangsFrom: 'waist',
    band: bandHeight(sheet, kind),
    verticalSeams: 0,
    levels: levels.map(({ drop: at, girth }, i) => ({ drop: at, clothGirth: girth, ...(i === 0 ? { heldGirth: held.value } : {}) })),
  };
}
