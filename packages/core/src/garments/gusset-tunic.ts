// Longer than 250 lines: one garment from its choices to its last join; what it shares with others stands in components.
import { armholeRoom } from '../checks/armhole-room.ts';
import { clearOfFloor } from '../checks/clear-of-floor.ts';
import { needsLining } from '../checks/cloth-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { clothOpens, wayIn } from '../checks/way-in.ts';
import { sewGussetSides, type GussetPieces } from '../components/gusset-sides.ts';
import { wedgeShape } from '../components/wedge.ts';
import { neckEdge, sewShoulders, shouldersSeen } from '../components/front-and-back.ts';
import { toWaist } from '../components/heights.ts';
import { KEYHOLE, neckSlit, type NeckSlit } from '../components/neck-slit.ts';
import { press } from '../components/press.ts';
import { assertNeckDepth, assertNeckWidth } from '../components/torso-limits.ts';
import { tryOn } from '../components/try-on.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { bind } from '../joins/bind.ts';
import { hem } from '../joins/hem.ts';
import { along, edgeOf } from '../joins/run.ts';
import { stayStitch } from '../joins/stay-stitch.ts';
import { PI, Quantity } from '../quantity/quantity.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import { torsoShape } from '../shapes/torso.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, lengthChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { keyholeChoice } from './dress-choices.ts';
import { bandClothChoice, sharedChoices } from './shared-choices.ts';

const TWO = Quantity.constant(2, 'ratio');
/** The neck behind is this share as deep as in front (common practice, no source). */
const BACK_NECK = Quantity.constant(0.25, 'ratio', undefined, 'common practice');
/** Between gusset and side gore so much seam is left, mm. */
const LEAST_SEAM = 20;

/** Rectangles, squares and triangles: body, sleeves, underarm gussets, side gores; nothing wasted on narrow cloth. */
export const gussetTunic: Construction = {
  id: 'gusset-tunic',
  name: 'Gusset tunic',
  summary: 'Rectangles for body and sleeves, a square under each arm, a wedge at each side: nothing wasted on narrow cloth.',
  group: 'tops',
  needs: ['bust-girth', 'hip-girth', 'upper-arm-girth', 'wrist-girth', 'shoulder-to-waist'],
  optional: ['head-girth', 'shoulder-width', 'waist-girth', 'shoulder-girth', 'shoulder-to-floor', 'waist-to-hip'],
  docket: ['body-panel-width', 'sleeve-width', 'gusset-cut', 'gore-height', 'hem-sweep', 'cloth-to-buy'],
  choices: [
    lengthChoice('length', 'Length', 900, [350, 1600], 'From the shoulder to the hem.', { saves: 'less' }),
    allowanceChoice('bodyEase', 'Ease of the body', 120, [0, 500], 'Beyond the bust, all round.', { fine: false, scales: true }),
    lengthChoice('sleeveLength', 'Sleeve length', 550, [120, 800], 'From the end of the shoulder to the wrist.', { saves: 'less' }),
    allowanceChoice('sleeveEase', 'Ease of the sleeve', 60, [0, 300], 'Beyond the upper arm.', { fine: false, scales: true }),
    lengthChoice('gusset', 'Underarm gusset', 100, [40, 200], 'Side of the square that lets the arm be lifted.'),
    lengthChoice('goreHem', 'Side gore, at the hem', 250, [60, 700], 'How much each side wedge adds to the hem.', { saves: 'less' }),
    lengthChoice('neckWidth', 'Neck width', 170, [90, 320], 'From side to side.'),
    lengthChoice('neckDrop', 'Neck, depth in front', 90, [30, 250], 'Below the shoulder; behind it is a quarter of that.'),
    keyholeChoice,
    bandClothChoice,
    ...sharedChoices(20),
  ],
  draft(sheet) {
    const [seam, length, gusset] = [sheet.number('seam'), sheet.number('length'), sheet.number('gusset')];
    const body = sheet.put('body-panel-width', 'Body panel, finished width', 'up', sheet.girth('bust').plus(sheet.number('bodyEase')).over(TWO));
    const arm = sheet.put('sleeve-width', 'Sleeve, finished round', 'up', sheet.measure('upper-arm-girth').plus(sheet.number('sleeveEase')));
    const waist = sheet.measure('shoulder-to-waist');
    if (length.value < waist.value + 60 * sheet.scale)
      throw new Unmakeable(
        'choices.length',
        `The side gores begin at the waist (${sheet.show(waist)}): the tunic has to reach further.`,
        Math.ceil((waist.value + 60 * sheet.scale) / sheet.scale),
      );
    const gore = sheet.put('gore-height', 'Side gore, height', 'nearest', length.minus(waist));
    sheet.put('hem-sweep', 'Round the hem', 'nearest', TWO.times(body).plus(TWO.times(sheet.number('goreHem'))));
    sheet.put('gusset-cut', 'Gusset, side to cut', 'up', gusset.plus(seam.times(2)));
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    assertRoom(sheet, { arm, gusset, waist, gore });
    sheet.openings.push('neck', 'hem', 'sleeve-left', 'sleeve-right');

    const pieces = cutPieces(sheet, { body, arm, gore });
    const { front, back } = pieces;
    const neck = sheet.side(front, 'neck').plus(sheet.side(back, 'neck')).named('neck-opening', 'Round the neck', 'down');
    const slit = neckSlit(sheet, { neck, onto: back.id, wanted: sheet.yes('keyhole') });
    stayStitch(sheet, neck, { what: 'neck', allowance: 0 });
    slit.face();
    sewShoulders(sheet, { front, back });
    bind(sheet, {
      prefix: 'binding',
      onto: front.id,
      edges: [
        {
          id: 'neck',
          title: 'Bind the neck',
          handling: [['neck']],
          what: 'the neck edge',
          edge: neckEdge({ front, back }),
          open: slit.made,
        },
      ],
    });
    slit.fasten();
    sewGussetSides(sheet, pieces, { arm, gore });
    tryOn(sheet, 'Does the head pass, can you lift your arms, does it hang from the shoulders without pulling? Mark hem and sleeve ends.');
    const flat = { allowance: sheet.number('hem') };
    hem(sheet, {
      id: 'sleeve-hem',
      title: 'Hem the sleeves',
      edge: along(
        [0, 1].map((copy) => ({ piece: pieces.sleeve, copy })),
        'wrist',
      ),
      curved: false,
      ...flat,
      inner: true,
    });
    const wedges = [0, 1].map((copy) => along([{ piece: pieces.gore, copy }], 'hem'));
    hem(sheet, {
      id: 'hem',
      title: 'Hem',
      edge: [...edgeOf(front, 'bottom'), ...wedges[0]!, ...edgeOf(back, 'bottom'), ...wedges[1]!],
      curved: true,
      ...flat,
    });
    press(sheet, 'Press the seams and the hem.');
    look(sheet, { body, arm, gore, slit });
  },
};

/** Throws Unmakeable where sleeve and gusset reach down to the gore, or the gusset is longer than the sleeve. */
function assertRoom(sheet: Worksheet, { arm, gusset, waist, gore }: { arm: Quantity; gusset: Quantity; waist: Quantity; gore: Quantity }): void {
  const scale = sheet.scale;
  const room = waist.value - gusset.value - LEAST_SEAM * scale;
  if (arm.value / 2 > room) {
    const says = `Sleeve (${sheet.showLength(arm.value / 2)}) and gusset (${sheet.show(gusset)}) reach below the waist (${sheet.show(waist)}), where the side gore begins.`;
    const ease = Math.floor((2 * room - sheet.measure('upper-arm-girth').value) / scale);
    if (ease >= 0) throw new Unmakeable('choices.sleeveEase', says, ease);
    throw new Unmakeable('choices.gusset', says, Math.max(40, Math.floor((waist.value - arm.value / 2 - LEAST_SEAM * scale) / scale)));
  }
  if (gusset.value > sheet.number('sleeveLength').value - LEAST_SEAM * scale)
    throw new Unmakeable('choices.sleeveLength', 'The gusset is longer than the sleeve.', Math.ceil(gusset.value / scale + LEAST_SEAM));
  if (sheet.number('goreHem').value > 2.5 * gore.value)
    throw new Unmakeable('choices.goreHem', 'A gore this wide for its height is nearly half a circle.', Math.floor((2 * gore.value) / scale));
}

function cutPieces(sheet: Worksheet, { body, arm, gore }: { body: Quantity; arm: Quantity; gore: Quantity }): GussetPieces {
  const [seam, hemmed] = [sheet.number('seam').value, sheet.number('hem').value];
  const neckHalf = sheet.number('neckWidth').over(TWO).named('half-neck', 'Half the neck', 'nearest');
  const [half, none] = [body.over(TWO).named('half-body', 'Half the body panel', 'up'), Quantity.constant(0, 'mm')];
  assertNeckWidth(sheet, { neckHalf, shoulderHalf: half, field: 'neckWidth', share: 2 });
  const panel = (id: 'front' | 'back') => {
    const depth =
      id === 'front' ? sheet.number('neckDrop') : sheet.number('neckDrop').times(BACK_NECK).named('back-neck-depth', 'Neck, depth behind', 'nearest');
    assertNeckDepth(sheet, { depth, length: sheet.number('length'), field: 'neckDrop', what: 'tunic' });
    return sheet.cut({
      id,
      name: id === 'front' ? 'Front' : 'Back',
      copies: 1,
      grain: 'along',
      quantityIds: ['body-panel-width', 'finished-length'],
      shape: torsoShape(
        {
          neckHalf,
          neckDepth: depth,
          shoulderHalf: half,
          slope: none,
          armholeDepth: none,
          chestHalf: half,
          length: sheet.number('length'),
          hemHalf: half,
        },
        { neck: 0, shoulder: seam, armhole: seam, side: seam, bottom: hemmed },
        id,
      ),
    });
  };
  const sleeve = sheet.cut({
    id: 'sleeve',
    name: 'Sleeve',
    copies: 2,
    grain: 'along',
    quantityIds: ['sleeve-width'],
    shape: rectangleShape(arm, sheet.number('sleeveLength'), { top: seam, bottom: hemmed, sides: seam }, { top: 'armhole', bottom: 'wrist' }),
  });
  const gusset = sheet.cut({
    id: 'gusset',
    name: 'Gusset',
    copies: 2,
    grain: 'along',
    quantityIds: ['gusset-cut'],
    shape: rectangleShape(sheet.number('gusset'), sheet.number('gusset'), { top: seam, bottom: seam, sides: seam }),
  });
  // trued: its hem is an arc, so that both edges are as long as the gore is high
  const angle = sheet.put(
    'gore-angle',
    'Angle of a side gore',
    'nearest',
    sheet.number('goreHem').over(gore).times(Quantity.constant(180, 'deg').over(PI)),
  );
  const wedge = sheet.cut({
    id: 'gore',
    name: 'Side gore',
    copies: 2,
    grain: 'along',
    quantityIds: ['gore-height'],
    shape: wedgeShape(sheet, { height: gore, angle, prefix: 'gore' }),
  });
  return { front: panel('front'), back: panel('back'), sleeve, gusset, gore: wedge };
}

function look(sheet: Worksheet, { body, arm, gore, slit }: { body: Quantity; arm: Quantity; gore: Quantity; slit: NeckSlit }): void {
  const up = -toWaist(sheet);
  const [long, high, wedge, square] = [sheet.number('length').value, gore.value, sheet.number('goreHem').value, sheet.number('gusset').value];
  const under = arm.value / 2 + square;
  const around = 2 * body.value;
  const levels = [
    { drop: up + under, girth: around },
    { drop: up + long - high, girth: around },
    { drop: up + long, girth: around + 2 * wedge },
  ];
  sheet.worn.push({ what: 'tunic', levels });
  const roomier = [160, 200, 250, 300].map((bodyEase) => ({ says: `${sheet.showLength(bodyEase)} of ease`, choices: { bodyEase } }));
  const wider = [350, 450].map((goreHem) => ({ says: 'Wider side gores', choices: { goreHem } }));
  sheet.check(
    ...wayIn(sheet, {
      neck: { what: 'the neck', drop: up, opens: clothOpens(sheet, slit.opens) },
      places: [{ what: 'the body of the tunic', drop: up + under, opens: clothOpens(sheet, body.times(2)) }],
      stepIn: false,
      waysOut: roomier,
      neckWaysOut: [KEYHOLE, { says: 'A wider neck', choices: { neckWidth: 220 } }],
    }),
    armholeRoom(sheet, arm, [{ says: 'More ease in the sleeve', choices: { sleeveEase: 80 } }]),
    fitsBody(sheet, [...roomier, ...wider]),
    needsLining(sheet, false),
    clearOfFloor(sheet, sheet.quantity('finished-length')),
  );
  const [half, neckHalf, depth] = [body.value / 2, sheet.number('neckWidth').value / 2, sheet.number('neckDrop').value];
  sheet.view = {
    hangsFrom: 'shoulder',
    band: 0,
    verticalSeams: 2,
    levels: levels.flatMap(({ drop, girth }, i) =>
      i === 2
        ? [
            { drop: drop - high / 2, clothGirth: (girth + around) / 2 },
            { drop, clothGirth: girth },
          ]
        : [{ drop, clothGirth: girth }],
    ),
    parts: [
      ...shouldersSeen({ top: -up, neckHalf, shoulderHalf: half, slope: 30, front: depth, back: depth * BACK_NECK.value, slit }),
      {
        kind: 'sleeves',
        top: up + 30,
        under: up + under,
        out: half,
        length: sheet.number('sleeveLength').value * 0.97,
        start: arm.value / 2,
        end: arm.value / 2,
        gathered: false,
      },
      { kind: 'side-gores', from: up + long - high, width: wedge },
    ],
  };
}
