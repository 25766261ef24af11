// Longer than 250 lines: one garment from its choices to its last join; what it shares with others stands in components/.
import { armholeRoom } from '../checks/armhole-room.ts';
import { clearOfFloor } from '../checks/clear-of-floor.ts';
import { needsLining } from '../checks/cloth-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { clothOpens, wayIn } from '../checks/way-in.ts';
import { armholeEdge, neckEdge, sewShoulders, shouldersSeen } from '../components/front-and-back.ts';
import { dropOf, toWaist } from '../components/heights.ts';
import { addDarts, type BesideDart } from '../components/dart.ts';
import { KEYHOLE, neckSlit, type NeckSlit } from '../components/neck-slit.ts';
import { press } from '../components/press.ts';
import { addRuffle } from '../components/ruffle.ts';
import { assertNeckDepth, assertNeckWidth } from '../components/torso-limits.ts';
import { tryOn } from '../components/try-on.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { bindEdge, bindingStrip, type BoundEdge } from '../joins/bind.ts';
import { hem } from '../joins/hem.ts';
import { plain } from '../joins/plain.ts';
import { edgeOf } from '../joins/run.ts';
import { stayStitch } from '../joins/stay-stitch.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import { torsoShape } from '../shapes/torso.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, lengthChoice, yesNoChoice, type Choice } from './choice.ts';
import type { Construction } from './construction.ts';
import { keyholeChoice } from './dress-choices.ts';
import { bandClothChoice, gatherByChoice, ruffleChoices, sharedChoices } from './shared-choices.ts';

type Side = 'front' | 'back';
const withoutCompare = ({ compare: _, ...choice }: Choice): Choice => choice;
const TWO = Quantity.constant(2, 'ratio');
/** The neck behind is this share as deep as in front (common practice, no source). */
const BACK_NECK = Quantity.constant(0.3, 'ratio', undefined, 'common practice');
/** Something is left below the armhole, mm. */
const LEAST_BELOW = 60;

/** Two flared halves after a T-shirt that fits: bound neck, a keyhole for the head, ruffles where one likes. */
export const alineDress: Construction = {
  id: 'aline-dress',
  name: 'A-line dress',
  summary: 'Traced from a T-shirt that fits, flared to the hem; bound neck, keyhole, ruffles if you like.',
  group: 'dresses',
  needs: ['shoulder-width'],
  needsOneOf: [['flatChest', 'bust-girth']],
  optional: ['head-girth', 'upper-arm-girth', 'shoulder-to-waist', 'hip-girth', 'waist-girth', 'shoulder-girth', 'shoulder-to-floor', 'flatLength'],
  docket: ['flat-chest', 'flat-hem', 'neck-opening', 'head-slit', 'finished-length', 'cloth-to-buy'],
  choices: [
    lengthChoice('length', 'Length', 900, [300, 1600], 'From the side of the neck to the hem.', { saves: 'less' }),
    allowanceChoice(
      'chestEase',
      'Ease of the chest, on the flat half',
      40,
      [-60, 250],
      'Where the bust was measured: half of it and this. A T-shirt laid flat has its own.',
      { fine: false, proposed: 60, scales: true },
    ),
    lengthChoice('flare', 'Flare at each side', 120, [0, 400], 'How much wider the hem is than the chest, on each side.', { saves: 'less' }),
    lengthChoice('armholeDepth', 'Armhole, below the shoulder', 220, [120, 340], 'From the side of the neck straight down to the underarm.'),
    lengthChoice('neckWidth', 'Neck width', 180, [90, 400], 'From side to side.'),
    lengthChoice('neckDrop', 'Neck, depth in front', 80, [20, 300], 'Below the side of the neck; behind it is about a third of that.'),
    keyholeChoice,
    yesNoChoice('dart', 'Bust darts', false, 'Two small folds from the side seams towards the bust, for a fuller bust.'),
    allowanceChoice('dartWidth', 'Dart width', 30, [6, 90], 'At the side seam: what is folded away.', {
      when: { choice: 'dart', is: [true] },
      fine: false,
      scales: true,
    }),
    yesNoChoice('sleeveRuffle', 'Ruffles at the armholes', false, 'In place of the binding.'),
    yesNoChoice('hemRuffle', 'Ruffle at the hem', false, 'In place of the hem.'),
    ...ruffleChoices({ choice: 'hemRuffle', is: [true] }, { height: 100, fullness: 1.8 }).map(({ when: _, ...choice }) => choice),
    // without a ruffle it tells nothing apart
    withoutCompare(gatherByChoice),
    bandClothChoice,
    ...sharedChoices(20),
  ],
  draft(sheet) {
    const chest = sheet.put('flat-chest', 'Chest, flat', 'up', chestOf(sheet));
    const flatHem = sheet.put('flat-hem', 'Hem, flat', 'nearest', chest.plus(TWO.times(sheet.number('flare'))));
    const length = sheet.number('length');
    const [sleeveRuffle, hemRuffle] = [sheet.yes('sleeveRuffle'), sheet.yes('hemRuffle')];
    sheet.put('finished-length', 'Finished length', 'nearest', hemRuffle ? length.plus(sheet.number('ruffleHeight')) : length);
    sheet.put('hem-sweep', 'Round the hem', 'nearest', TWO.times(flatHem));
    sheet.openings.push('neck', 'hem', 'armhole-left', 'armhole-right');
    const [front, back] = (['front', 'back'] as const).map((side) => cutHalf(sheet, side, chest, flatHem)) as [Piece, Piece];
    const neck = sheet.put('neck-opening', 'Round the neck', 'down', sheet.side(front, 'neck').plus(sheet.side(back, 'neck')));
    const armhole = sheet.side(front, 'armhole-right').plus(sheet.side(back, 'armhole-left')).named('armhole', 'Round an armhole', 'down');
    const slit = neckSlit(sheet, { neck, onto: back.id, wanted: sheet.yes('keyhole') });

    stayStitch(sheet, neck, { what: 'neck', allowance: 0 });
    const beside = sheet.yes('dart') ? addDarts(sheet, { front, below: dartBelow(sheet), width: sheet.number('dartWidth') }) : undefined;
    slit.face();
    sewShoulders(sheet, { front, back });
    const armholes = (['left', 'right'] as const).map((hand) => ({ id: `armhole-${hand}`, hand, edge: armholeEdge({ front, back }, hand) }));
    const bound: BoundEdge[] = [
      {
        id: 'neck',
        title: 'Bind the neck',
        handling: [['neck']],
        what: 'the neck edge',
        edge: neckEdge({ front, back }),
        open: slit.made,
      },
      ...(sleeveRuffle ? [] : armholes.map(({ id, hand, edge }) => ({ id, title: `Bind the ${hand} armhole`, what: 'the armhole', edge }))),
    ];
    bindingStrip(sheet, { prefix: 'binding', edges: bound, onto: front.id });
    bindEdge(sheet, bound[0]!);
    slit.fasten();
    plain(sheet, {
      step: 'sides',
      title: 'Sew the side seams',
      edges: 'the side edges',
      seams: sides(front, back, beside),
      press: 'open',
      how: 'From the armhole down.',
    });
    bound.slice(1).forEach((edge) => bindEdge(sheet, edge));
    if (sleeveRuffle) {
      const flat = sheet.put('sleeve-ruffle-flat', 'Sleeve ruffle, flat', 'up', sheet.number('ruffleFullness').times(armhole));
      for (const { id, hand, edge } of armholes)
        addRuffle(sheet, {
          prefix: `${id.replace('armhole', 'sleeve-ruffle')}`,
          name: `${hand} sleeve ruffle`,
          edge,
          on: 'armhole',
          flat,
          stitchedDown: false,
        });
    }
    tryOn(
      sheet,
      'Does the head pass, do the armholes lie flat, does it hang without pulling at the bust or hips? Mark the hem with the shoes you will wear.',
    );
    const bottom = [...edgeOf(front, 'bottom'), ...edgeOf(back, 'bottom')];
    if (hemRuffle)
      addRuffle(sheet, {
        prefix: 'ruffle',
        name: 'ruffle',
        edge: bottom,
        on: 'dress',
        flat: sheet.put('ruffle-flat', 'Ruffle, flat', 'up', sheet.number('ruffleFullness').times(TWO).times(flatHem)),
      });
    else hem(sheet, { id: 'hem', title: 'Hem', edge: bottom, curved: true, allowance: sheet.number('hem') });
    press(sheet, 'Press the seams and the hem, lifting the iron and setting it down.');
    look(sheet, { chest, flatHem, slit, armhole });
  },
};

/** The flat chest: of a garment laid flat, or half the bust with its ease. Throws Unmakeable where it is less than half the body. */
function chestOf(sheet: Worksheet): Quantity {
  const bust = sheet.hasMeasure('bust-girth') ? sheet.measure('bust-girth') : undefined;
  if (!sheet.hasMeasure('flatChest')) return bust!.over(TWO).plus(sheet.number('chestEase'));
  const flat = sheet.measure('flatChest');
  if (bust && flat.value < bust.value / 2 && sheet.cloth.kind === 'woven')
    throw new Unmakeable(
      'body.flatChest',
      `The garment laid flat (${sheet.show(flat)}) is less than half the bust (${sheet.show(bust)}): in woven cloth it can’t be worn. Measure one that fits without stretching.`,
      Math.ceil(bust.value / 2 / sheet.scale),
    );
  return flat;
}

/** From the armhole down the side to the dart, mm: towards the bust. */
const dartBelow = (sheet: Worksheet): number =>
  Math.max(30 * sheet.scale, toWaist(sheet) + dropOf(sheet, 'bust') - sheet.number('armholeDepth').value);

function cutHalf(sheet: Worksheet, side: Side, chest: Quantity, flatHem: Quantity): Piece {
  const [seam, length, depth] = [sheet.number('seam').value, sheet.number('length'), sheet.number('armholeDepth')];
  const neckHalf = sheet.number('neckWidth').over(TWO).named('half-neck', 'Half the neck', 'nearest');
  const shoulderHalf = sheet.measure('shoulder-width').over(TWO).named('half-shoulders', 'Half the shoulders', 'nearest');
  const neckDepth =
    side === 'front' ? sheet.number('neckDrop') : sheet.number('neckDrop').times(BACK_NECK).named('back-neck-depth', 'Neck, depth behind', 'nearest');
  assertNeckWidth(sheet, { neckHalf, shoulderHalf, field: 'neckWidth', share: 2 });
  assertNeckDepth(sheet, { depth: neckDepth, length, field: 'neckDrop', what: 'dress' });
  // what a dart folds away is added below it, in front only
  const darted = side === 'front' && sheet.yes('dart');
  const long = darted ? length.plus(sheet.number('dartWidth')).named('front-with-dart', 'Front, with the dart', 'up') : length;
  const least = depth.value + (darted ? dartBelow(sheet) : 0) + LEAST_BELOW * sheet.scale;
  if (length.value < least)
    throw new Unmakeable(
      'choices.length',
      `The armhole${darted ? ' and the dart' : ''} leave nothing of a dress ${sheet.show(length)} long.`,
      Math.ceil(least / sheet.scale),
    );
  return sheet.cut({
    id: side,
    name: side === 'front' ? 'Front' : 'Back',
    copies: 1,
    grain: 'along',
    quantityIds: ['flat-chest', 'flat-hem'],
    shape: torsoShape(
      {
        neckHalf,
        neckDepth,
        shoulderHalf,
        slope: sheet.figure('shoulder-slope').times(sheet.scale),
        armholeDepth: depth,
        chestHalf: chest.over(TWO).named('half-chest', 'Half the flat chest', 'up'),
        length: long,
        hemHalf: flatHem.over(TWO).named('half-hem', 'Half the flat hem', 'nearest'),
      },
      {
        neck: 0,
        shoulder: seam,
        armhole: sheet.yes('sleeveRuffle') ? seam : 0,
        side: seam,
        bottom: sheet.yes('hemRuffle') ? seam : sheet.number('hem').value,
      },
      side,
    ),
  });
}

/** Both side seams, from the armhole down; in front without what a dart has folded away. */
function sides(front: Piece, back: Piece, beside: BesideDart | undefined) {
  return [
    { id: 'side-1', layers: [beside?.right ?? edgeOf(front, 'side-right', true), edgeOf(back, 'side-left')] },
    { id: 'side-2', layers: [edgeOf(back, 'side-right', true), beside?.left ?? edgeOf(front, 'side-left')] },
  ];
}

function look(sheet: Worksheet, { chest, flatHem, slit, armhole }: { chest: Quantity; flatHem: Quantity; slit: NeckSlit; armhole: Quantity }): void {
  const up = -toWaist(sheet);
  const [under, long] = [sheet.number('armholeDepth').value, sheet.number('length').value];
  const levels = [
    { drop: up + under, girth: 2 * chest.value },
    { drop: up + long, girth: 2 * flatHem.value },
  ];
  sheet.worn.push({ what: 'dress', levels });
  const flat = sheet.hasMeasure('flatChest');
  const easier = flat
    ? []
    : [50, 60, 70, 80, 100].map((chestEase) => ({ says: `${sheet.showLength(chestEase)} of ease on the half`, choices: { chestEase } }));
  const flared = [160, 200, 250, 300].map((flare) => ({ says: 'More flare', choices: { flare } }));
  const measured = flat ? [{ says: 'Measure a looser garment' }] : [];
  sheet.check(
    ...wayIn(sheet, {
      neck: { what: 'the neck', drop: up, opens: clothOpens(sheet, slit.opens) },
      places: [{ what: 'the chest of the dress', drop: up + under, opens: clothOpens(sheet, chest.times(2)) }],
      stepIn: false,
      waysOut: [...easier, ...measured],
      neckWaysOut: [KEYHOLE, ...[210, 230, 250].map((neckWidth) => ({ says: 'A wider neck', choices: { neckWidth } }))],
    }),
    armholeRoom(
      sheet,
      armhole,
      [240, 260, 280].map((armholeDepth) => ({ says: `Armholes ${sheet.showLength(armholeDepth)} deep`, choices: { armholeDepth } })),
    ),
    fitsBody(sheet, [...flared, ...easier]),
    needsLining(sheet, false),
    clearOfFloor(sheet, sheet.quantity('finished-length')),
  );
  const slope = sheet.figure('shoulder-slope').value * sheet.scale;
  const shoulderHalf = sheet.measure('shoulder-width').value / 2;
  const drop = sheet.number('neckDrop').value;
  const ruffled = sheet.yes('hemRuffle')
    ? [0, sheet.number('ruffleHeight').value].map((more) => ({ drop: up + long + more, clothGirth: sheet.quantity('ruffle-flat').value }))
    : [];
  sheet.view = {
    hangsFrom: 'shoulder',
    band: 0,
    verticalSeams: 2,
    levels: [
      ...[0, 0.3, 0.65, 1].map((share) => ({
        drop: up + under + share * (long - under),
        clothGirth: 2 * (chest.value + share * (flatHem.value - chest.value)),
      })),
      ...ruffled,
    ],
    parts: [
      ...shouldersSeen({
        top: -up,
        neckHalf: sheet.number('neckWidth').value / 2,
        shoulderHalf,
        slope,
        front: drop,
        back: drop * BACK_NECK.value,
        slit,
      }),
      ...(sheet.yes('sleeveRuffle')
        ? [
            {
              kind: 'sleeves' as const,
              top: up + slope,
              under: up + under,
              out: shoulderHalf,
              length: sheet.number('ruffleHeight').value,
              start: armhole.value / 2,
              end: (armhole.value / 2) * 1.3,
              gathered: false,
            },
          ]
        : []),
    ],
  };
}
