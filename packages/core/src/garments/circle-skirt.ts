import { clothWideEnough, hangBeforeHem, needsLining } from '../checks/cloth-checks.ts';
import type { WayOut } from '../checks/check.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { weightSuitsCircle } from '../checks/weight-suits.ts';
import { cutCircle, cutCirclePanels, MOST_PANELS, slitLining, type CirclePanels } from '../components/circle-panels.ts';
import { addCircleWaist, circleClosure, type CircleClosure } from '../components/circle-closure.ts';
import { hang, levelFromFloor } from '../components/hang-and-level.ts';
import { addHemEdge, hemAdds, hemLevels, hemParts } from '../components/hem-edge.ts';
import { addLining, liningLength, type Lining } from '../components/lining.ts';
import { press } from '../components/press.ts';
import { bandHeight, type WaistKind } from '../components/waist.ts';
import { zipInSeam, zipInSlit, zipLength } from '../components/zip-place.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf } from '../joins/run.ts';
import { stayStitch } from '../joins/stay-stitch.ts';
import { type Quantity, TWO_PI } from '../quantity/quantity.ts';
import { footprint } from '../shapes/piece.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, countChoice, lengthChoice, oneOfChoice, ratioChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { bandClothChoice, elasticChoices, gatherByChoice, hemEdgeChoices, sharedChoices, STRETCH_EASE, waistEaseChoice } from './shared-choices.ts';

/** A skirt cut from a circle or any part of one: one radius for the waist, one for the hem. */
export const circleSkirt: Construction = {
  id: 'circle-skirt',
  name: 'Circle skirt',
  summary: 'A ring of cloth, or part of one: smooth at the waist, wide at the hem.',
  group: 'skirts',
  needs: ['waist-girth', 'hip-girth'],
  optional: [],
  docket: ['waist-radius-cut', 'hem-radius-cut', 'hem-sweep', 'elastic-cut', 'cloth-to-buy', 'sewing-minutes'],
  choices: [
    lengthChoice('length', 'Length below the band', 600, [20, 1500], 'From the band to the finished hem.', { saves: 'less' }),
    ratioChoice(
      'fraction',
      'Part of a circle',
      1,
      [0.1, 4],
      'Half a circle hangs in gentle folds, a full one swings. Heavy cloth looks better in parts, light cloth in full.',
      { step: 0.05, saves: 'less' },
    ),
    oneOfChoice(
      'closure',
      'How it goes on',
      'zip',
      { zip: 'Zip', stretch: 'The cloth stretches', 'pull-on': 'Elastic' },
      'A zip fits closest. Elastic needs a waist as wide as the hips, drawn in. Stretch only works in a knit.',
      {
        proposed: { child: 'pull-on', knit: 'stretch' },
        compare: { quantities: ['seam-girth', 'waist-radius-cut', 'hem-sweep', 'fullness', 'finished-girth', 'sewing-minutes'] },
      },
    ),
    allowanceChoice('pullOnEase', 'Room over the hips', 50, [0, 400], 'What the waist seam has beyond the hips, so that it slides over them.', {
      when: { choice: 'closure', is: ['pull-on'] },
      fine: false,
    }),
    { ...waistEaseChoice, proposed: { knit: STRETCH_EASE }, when: { choice: 'closure', is: ['zip', 'stretch'] } },
    countChoice('panels', 'Panels', null, [1, MOST_PANELS], 'The fewest that fit your cloth, unless you want more seams.', {
      inTree: 'chosen-panels',
      saves: [2, 3, 4, 6, 8].map((to) => ({ to, says: `Cut it in ${to} panels` })),
    }),
    allowanceChoice('bandWidth', 'Finished band', 30, [10, 150], 'How high the waistband stands.', {
      when: { choice: 'closure', is: ['zip', 'stretch'] },
    }),
    yesNoChoice('lining', 'Lining', false, (about) => `The same shape, ${about(50, 2)} shorter. Sheer cloth wants one.`),
    ...hemEdgeChoices(),
    { ...gatherByChoice, when: { choice: 'hemEdge', is: ['ruffle'] } },
    bandClothChoice,
    ...elasticChoices('body', { when: { choice: 'closure', is: ['pull-on'] } }),
    ...sharedChoices(12),
  ],
  draft(sheet) {
    const [length, fraction] = [sheet.number('length'), sheet.number('fraction')];
    const waist = circleClosure(sheet, fraction);
    const cut = cutCirclePanels(sheet, { ...waist, length, fraction });
    sheet.put('hem-sweep', 'Round the hem', 'nearest', TWO_PI.times(fraction).times(cut.outer));
    sheet.put('finished-length', 'Finished length', 'nearest', hemAdds(sheet, length));
    sheet.openings.push('waist', 'hem');

    const ring = copiesOf(cut.piece);
    stayStitch(sheet, waist.seamGirth, { lined: sheet.yes('lining') });
    const zip = waist.zip ? zipLength(sheet) : undefined;
    closeSkirt(sheet, cut, zip, waist);
    const lining = sheet.yes('lining') ? liningOf(sheet, cut, waist, zip) : undefined;
    const held = addCircleWaist(sheet, waist, {
      edge: along(ring, 'waist', true),
      lining,
      zip,
      tryOnSays: 'Does it pass the hips, sit level, let you sit down? Pin what is too wide; sew inside the old line.',
    });
    lining?.close();
    hang(sheet, 'Where it hangs on the bias the cloth drops, most of all where it is loosely woven.');
    levelFromFloor(sheet);
    lining?.hem();
    addHemEdge(sheet, { edge: along(ring, 'hem'), curved: true, onto: cut.piece.id });
    press(sheet, 'Press the seams and the hem, lifting the iron and setting it down rather than pushing it: a pushed iron stretches the bias.');
    wear(sheet, waist, cut, held, length, fraction);

    sheet.check(widthCheck(sheet, cut, fraction));
    sheet.check(weightSuitsCircle(sheet, fraction), stretchDirection(sheet, waist.kind === 'stretch-band'), needsLining(sheet, sheet.yes('lining')));
    sheet.check(hangBeforeHem(sheet), fitsBody(sheet, roomier(sheet, fraction)));
  },
};

/** Shares of a circle that may be wide enough at the hips where this one is not. */
const FULLER = [0.25, 0.35, 0.5, 0.65, 0.75, 1];

const roomier = (sheet: Worksheet, fraction: Quantity): WayOut[] => [
  ...FULLER.filter((more) => more > fraction.value).map((more) => ({ says: `Take ${more} of a circle`, choices: { fraction: more } })),
  { says: 'Make it wide enough for the hips and draw it in with elastic', choices: { closure: 'pull-on' } },
];

/** Side seams with the zip in one of them, or a slit where there is none. */
function closeSkirt(sheet: Worksheet, cut: CirclePanels, zip: Quantity | undefined, { waysOut }: CircleClosure): void {
  const { piece, panels, slit, whole } = cut;
  if (whole) {
    if (zip) zipInSlit(sheet, { onto: piece.id, long: zip });
    return;
  }
  const { seams, opening } = ringSeams(sheet, { id: 'side', ring: copiesOf(piece), ...(zip ? { open: zip.value } : {}) });
  const where =
    panels.value === 1 ? 'at centre back' : panels.value === 2 ? 'in the left side seam' : 'in one of the seams, worn at the back or the side';
  plain(sheet, {
    step: 'sides',
    edges: 'the side edges',
    title: panels.value > 1 ? 'Sew the panels together' : slit ? 'Close the ring, edge to edge' : 'Sew the one seam',
    seams,
    press: 'open',
    ...(zip ? { open: zip } : {}),
    ...(slit
      ? {
          flat: 'There is next to no cloth for an allowance here: lay the two edges over a strip of the same cloth, touching, and zigzag each of them down.',
        }
      : zip
        ? { how: `Leave the top of the last seam open for the zip: ${sheet.show(zip)} below the waist seam line, and the allowance above it.` }
        : {}),
  });
  if (zip) zipInSeam(sheet, { opening, long: zip, seam: sheet.side(piece, 'side-right').value, where, waysOut });
}

function liningOf(
  sheet: Worksheet,
  { piece, panelAngle, panels, whole, slit, turns }: CirclePanels,
  { inner, innerCut, kind }: CircleClosure,
  zip?: Quantity,
): Lining {
  const [length, fraction] = [sheet.number('length'), sheet.number('fraction')];
  const shorter = liningLength(sheet, length);
  const outer = inner.plus(shorter);
  const [seam, hem] = [sheet.number('seam'), sheet.number('hem')];
  const lining = cutCircle(sheet, {
    id: 'lining',
    name: whole ? 'Lining, whole circle' : panels.value === 2 ? 'Lining half' : 'Lining panel',
    copies: piece.copies,
    turns,
    cloth: 'lining',
    inner,
    innerCut,
    outer,
    outerCut: outer.plus(hem).named('lining-hem-radius-cut', 'Lining, hem radius to cut', 'up'),
    angle: panelAngle,
    waist: seam.value,
    side: slit ? 0 : seam.value,
    hem: hem.value,
  });
  sheet.worn.push({
    what: 'lining',
    levels: [
      { drop: kindDrop(kind), girth: TWO_PI.value * fraction.value * inner.value },
      { drop: shorter.value, girth: TWO_PI.value * fraction.value * outer.value },
    ],
  });
  const open = zip && !whole ? zip.value : 0;
  const made = addLining(sheet, { ring: copiesOf(lining), top: 'waist', hem: 'hem', open, curved: true, whole });
  if (!(zip && whole)) return made;
  return { ...made, close: () => slitLining(sheet, lining.id, zip) };
}

/** What an elastic draws in has nothing to fit at the waist line itself: it begins to be worn just below it, mm. */
const kindDrop = (kind: WaistKind) => (kind === 'tube-band' ? 1 : 0);

function wear(
  sheet: Worksheet,
  { kind, seamGirth, inner }: CircleClosure,
  { panels, whole }: CirclePanels,
  held: Quantity,
  length: Quantity,
  fraction: Quantity,
): void {
  const levels = [0, 0.25, 0.5, 0.75, 1].map((share) => ({
    drop: share * length.value,
    girth: 2 * Math.PI * fraction.value * (inner.value + share * length.value),
  }));
  sheet.worn.push({ what: 'skirt', levels: levels.map((level, i) => (i === 0 ? { ...level, drop: kindDrop(kind) } : level)) });
  sheet.view = {
    hangsFrom: 'waist',
    band: bandHeight(sheet, kind),
    verticalSeams: whole ? 0 : panels.value,
    levels: [
      ...levels.map(({ drop, girth }, i) => ({
        drop,
        clothGirth: girth,
        ...(i === 0 ? { heldGirth: kind === 'tube-band' ? held.value : seamGirth.value } : {}),
      })),
      ...hemLevels(sheet, length.value),
    ],
    parts: hemParts(sheet),
  };
}

function widthCheck(sheet: Worksheet, { piece, panels }: CirclePanels, fraction: Quantity) {
  const widest = footprint(piece, piece.turns[0]).width;
  const least = Math.ceil(fraction.value - 1e-9);
  if (panels.value <= Math.max(2, least) || sheet.isSet('panels')) return clothWideEnough(sheet, widest);
  return clothWideEnough(
    sheet,
    widest,
    `The cloth is too narrow for fewer panels: it takes ${panels.value}, with ${panels.value} seams. A wider cloth or a shorter skirt needs fewer.`,
  );
}
