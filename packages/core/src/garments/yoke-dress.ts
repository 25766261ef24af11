// Longer than 250 lines: one garment from its choices to its last join; what it shares with others stands in components/.
import { armholeRoom } from '../checks/armhole-room.ts';
import { bulkUnderFoot } from '../checks/bulk-under-foot.ts';
import { clearOfFloor } from '../checks/clear-of-floor.ts';
import { needsLining } from '../checks/cloth-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { clothOpens, wayIn } from '../checks/way-in.ts';
import { widthGives } from '../components/cut-widths.ts';
import { armholeEdge, neckEdge, sewShoulders, shouldersSeen } from '../components/front-and-back.ts';
import { toWaist } from '../components/heights.ts';
import { KEYHOLE, neckSlit, type NeckSlit } from '../components/neck-slit.ts';
import { press } from '../components/press.ts';
import { addYokeStrips } from '../components/yoke-strips.ts';
import { assertNeckDepth, assertNeckWidth } from '../components/torso-limits.ts';
import { tryOn } from '../components/try-on.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { biasStrip, bindEdge, bindingStrip, type BoundEdge } from '../joins/bind.ts';
import { gather } from '../joins/gather.ts';
import { hem } from '../joins/hem.ts';
import { plain } from '../joins/plain.ts';
import { along, edgeOf, copiesOf } from '../joins/run.ts';
import { stayStitch } from '../joins/stay-stitch.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import { torsoShape } from '../shapes/torso.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, lengthChoice, ratioChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { keyholeChoice } from './dress-choices.ts';
import { bandClothChoice, gatherByChoice, sharedChoices } from './shared-choices.ts';

const SIDES = ['front', 'back'] as const;
type Side = (typeof SIDES)[number];
const TWO = Quantity.constant(2, 'ratio');
/** The neck behind is this share as deep as in front (common practice, no source). */
const BACK_NECK = Quantity.constant(1 / 3, 'ratio', '1/3', 'common practice');
/** A skirt shorter than this hangs from no yoke, mm. */
const LEAST_SKIRT = 40;

/** A yoke over shoulders and chest, a gathered skirt from it, neck and armholes bound. */
export const yokeDress: Construction = {
  id: 'yoke-dress',
  name: 'Yoke dress',
  summary: 'A smooth yoke with bound neck and armholes; rectangles gathered to it, as full as you like.',
  group: 'dresses',
  needs: ['bust-girth', 'shoulder-width', 'upper-arm-girth'],
  optional: ['head-girth', 'shoulder-to-waist', 'hip-girth', 'waist-girth', 'shoulder-girth', 'shoulder-to-floor'],
  docket: ['yoke-quarter', 'front-skirt-length', 'skirt-flat-front', 'neck-binding', 'armhole-binding', 'cloth-to-buy'],
  choices: [
    lengthChoice('length', 'Length', 900, [200, 1600], 'From the side of the neck to the hem.', { saves: 'less' }),
    lengthChoice('frontYoke', 'Front yoke', 180, [100, 500], 'From the side of the neck down to its seam in front; the armhole ends there or above.'),
    lengthChoice('backYoke', 'Back yoke', 180, [100, 500], 'The same behind; a deeper back yoke is comfortable.'),
    allowanceChoice('yokeEase', 'Ease of the yoke', 60, [0, 300], 'Beyond the bust, all round.', { fine: false, proposed: 120, scales: true }),
    lengthChoice('neckHalfWidth', 'Neck, half width', 75, [40, 200], 'From the middle to the side of the neck.'),
    lengthChoice('neckDepth', 'Neck, depth in front', 75, [20, 300], 'Below the side of the neck; behind it is a third of that.'),
    ratioChoice('fullness', 'Fullness', 2, [1, 4], 'Skirt for each length of yoke: 2 is usual, 4 very full and only for light cloth.', {
      step: 0.1,
      saves: 'less',
      compare: { quantities: ['skirt-flat-front', 'widths-front', 'cloth-to-buy'], at: [1.5, 2, 3] },
    }),
    keyholeChoice,
    lengthChoice('stripSpacing', 'Strips on the yoke, apart', 0, [0, 200], 'Rows of cloth strips sewn across the yoke; 0 for none.', { fine: true }),
    allowanceChoice('stripWidth', 'Strip width', 15, [6, 60], 'Finished, edges turned under.', { fine: true }),
    yesNoChoice('piping', 'Piping in the yoke seam', false, 'A folded bias strip caught in the seam, showing as a line.', { fine: true }),
    { ...gatherByChoice },
    bandClothChoice,
    ...sharedChoices(25),
  ],
  draft(sheet) {
    const [bust, length] = [sheet.girth('bust'), sheet.number('length')];
    const quarter = sheet.put('yoke-quarter', 'Quarter of the yoke', 'up', bust.plus(sheet.number('yokeEase')).over(Quantity.constant(4, 'count')));
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    sheet.openings.push('neck', 'hem', 'armhole-left', 'armhole-right');
    // behind it is a third as deep: a short back yoke carries three times its own
    const carries = Quantity.smaller(sheet.number('frontYoke'), sheet.number('backYoke').times(3));
    assertNeckDepth(sheet, {
      depth: sheet.number('neckDepth'),
      length: carries.named('shorter-yoke', 'Shorter yoke', 'down'),
      field: 'neckDepth',
      what: 'shorter yoke',
    });
    const yokes = { front: cutYoke(sheet, 'front', quarter), back: cutYoke(sheet, 'back', quarter) };
    const skirts = { front: cutSkirt(sheet, 'front', quarter), back: cutSkirt(sheet, 'back', quarter) };
    sheet.put('hem-sweep', 'Round the hem', 'nearest', sheet.quantity('skirt-flat-front').plus(sheet.quantity('skirt-flat-back')));
    const bound = boundEdges(sheet, yokes);
    const neck = sheet.side(yokes.front, 'neck').plus(sheet.side(yokes.back, 'neck')).named('neck-opening', 'Round the neck', 'down');
    const slit = neckSlit(sheet, { neck, onto: yokes.back.id, wanted: sheet.yes('keyhole') });

    stayStitch(sheet, neck, { what: 'neck and the armholes', allowance: 0 });
    addYokeStrips(
      sheet,
      SIDES.map((side) => ({ side, yoke: yokes[side], depth: sheet.number(`${side}Yoke`) })),
      quarter,
    );
    slit.face();
    sewShoulders(sheet, yokes);
    bindingStrip(sheet, { prefix: 'binding', edges: bound, onto: yokes.front.id });
    bindEdge(sheet, { ...bound[0]!, open: slit.made });
    slit.fasten();
    for (const side of SIDES) joinSkirt(sheet, side, yokes[side], skirts[side]);
    sideSeams(sheet, yokes, skirts);
    bindEdge(sheet, bound[1]!);
    bindEdge(sheet, bound[2]!);
    tryOn(sheet, 'Does the head pass, do the armholes let you reach forward, does the yoke lie flat? Mark the hem with the shoes you will wear.');
    const bottom = [...along(copiesOf(skirts.front), 'bottom'), ...along(copiesOf(skirts.back), 'bottom')];
    hem(sheet, { id: 'hem', title: 'Hem', edge: bottom, curved: false, allowance: sheet.number('hem') });
    press(sheet, 'Press the yoke flat, the skirt from the hem up into the gathers with the tip of the iron.');
    look(sheet, { quarter, slit, yokes });
  },
};

/** How far below the shoulder the armholes end: at the seam of the shorter yoke, mm. */
const armholeDepth = (sheet: Worksheet): Quantity =>
  Quantity.smaller(sheet.number('frontYoke'), sheet.number('backYoke')).named('armhole-depth', 'Armhole, below the shoulder', 'down');

function cutYoke(sheet: Worksheet, side: Side, quarter: Quantity): Piece {
  const depth = sheet.number(`${side}Yoke`);
  const seam = sheet.number('seam').value;
  const neckHalf = sheet.number('neckHalfWidth');
  const neckDepth =
    side === 'front'
      ? sheet.number('neckDepth')
      : sheet.number('neckDepth').times(BACK_NECK).named('back-neck-depth', 'Neck, depth behind', 'nearest');
  const shoulderHalf = sheet.measure('shoulder-width').over(TWO).named('half-shoulders', 'Half the shoulders', 'nearest');
  assertNeckWidth(sheet, { neckHalf, shoulderHalf, field: 'neckHalfWidth', share: 1 });
  return sheet.cut({
    id: `yoke-${side}`,
    name: `${side === 'front' ? 'Front' : 'Back'} yoke`,
    copies: 1,
    grain: 'along',
    quantityIds: ['yoke-quarter'],
    shape: torsoShape(
      {
        neckHalf,
        neckDepth,
        shoulderHalf,
        slope: sheet.figure('shoulder-slope').times(sheet.scale),
        armholeDepth: armholeDepth(sheet),
        chestHalf: quarter,
        length: depth,
        hemHalf: quarter,
      },
      { neck: 0, shoulder: seam, armhole: 0, side: seam, bottom: seam },
      side,
    ),
  });
}

function cutSkirt(sheet: Worksheet, side: Side, quarter: Quantity): Piece {
  const [seam, hemmed] = [sheet.number('seam').value, sheet.number('hem').value];
  const length = sheet.number('length').minus(sheet.number(`${side}Yoke`));
  if (length.value < LEAST_SKIRT * sheet.scale)
    throw new Unmakeable(
      `choices.${side}Yoke`,
      `The ${side} yoke is as long as the dress: nothing is left for the skirt.`,
      Math.floor(sheet.number('length').value / sheet.scale - LEAST_SKIRT),
    );
  const name = side === 'front' ? 'Skirt front' : 'Skirt back';
  const long = sheet.put(`${side}-skirt-length`, `${name}, length`, 'nearest', length);
  const flat = sheet.put(`skirt-flat-${side}`, `${name}, flat`, 'up', sheet.number('fullness').times(TWO).times(quarter));
  const widths = sheet.put(`widths-${side}`, `${name}, widths`, 'up', flat.over(widthGives(sheet)).ceil(), 'count');
  return sheet.cut({
    id: `skirt-${side}`,
    name: widths.value > 1 ? `${name} width` : name,
    copies: widths.value,
    grain: 'along',
    quantityIds: [`skirt-flat-${side}`, `${side}-skirt-length`],
    shape: rectangleShape(flat.over(widths), long, { top: seam, bottom: hemmed, sides: seam }),
  });
}

/** The neck and both armholes, each with its strip as long as the drawn curve and two seams. */
function boundEdges(sheet: Worksheet, { front, back }: Record<Side, Piece>): BoundEdge[] {
  const seams = sheet.number('seam').times(2);
  const neck = sheet.put('neck-binding', 'Binding for the neck', 'up', sheet.side(front, 'neck').plus(sheet.side(back, 'neck')).plus(seams));
  const armhole = sheet.put(
    'armhole-binding',
    'Binding for an armhole',
    'up',
    sheet.side(front, 'armhole-right').plus(sheet.side(back, 'armhole-left')).plus(seams),
  );
  return [
    {
      id: 'neck',
      title: 'Bind the neck',
      handling: [['neck']],
      what: 'the neck edge',
      edge: neckEdge({ front, back }),
      long: neck,
    },
    {
      id: 'armhole-left',
      title: 'Bind the left armhole',
      what: 'the armhole',
      edge: armholeEdge({ front, back }, 'left'),
      long: armhole,
    },
    {
      id: 'armhole-right',
      title: 'Bind the right armhole',
      what: 'the armhole',
      edge: armholeEdge({ front, back }, 'right'),
      long: armhole,
    },
  ];
}

/** The widths of one side joined, gathered and sewn to its yoke, piping between. */
function joinSkirt(sheet: Worksheet, side: Side, yoke: Piece, skirt: Piece): void {
  const widths = copiesOf(skirt);
  if (widths.length > 1)
    plain(sheet, {
      step: `${side}-widths`,
      title: `Join the widths of the ${side}`,
      edges: `their side edges`,
      seams: widths
        .slice(1)
        .map((placed, i) => ({ id: `${side}-width-${i + 1}`, layers: [along([widths[i]!], 'side-right', true), along([placed], 'side-left')] })),
      press: 'open',
    });
  if (sheet.yes('piping') && side === 'front') {
    const long = sheet.quantity('yoke-quarter').times(4).plus(sheet.number('seam').times(4));
    biasStrip(sheet, {
      prefix: 'piping',
      long,
      width: sheet
        .number('seam')
        .times(2)
        .plus(Quantity.constant(10, 'mm', undefined, 'what shows, twice')),
      onto: yoke.id,
      title: 'Make the piping',
      finish:
        'Press it in half lengthwise, right side out. Cut it in two, baste one to the lower edge of each yoke, on the right side, raw edges level.',
    });
  }
  gather(sheet, {
    id: `yoke-seam-${side}`,
    step: `yoke-seam-${side}`,
    title: `Sew the ${side} of the skirt to its yoke`,
    gathered: along(widths, 'top', true),
    onto: edgeOf(yoke, 'bottom'),
    names: [`on the skirt ${side}`, 'on the yoke'],
    press: 'up',
  });
}

/** Both side seams, from the armhole down: through what is left of the deeper yoke, and the skirt. */
function sideSeams(sheet: Worksheet, yokes: Record<Side, Piece>, skirts: Record<Side, Piece>): void {
  const down = (side: Side, hand: 'right' | 'left'): Span[] => {
    const edge = `side-${hand}`;
    const yoke = yokes[side].sides.some(({ id }) => id === edge) ? edgeOf(yokes[side], edge, hand === 'right') : [];
    const widths = copiesOf(skirts[side]);
    return [...yoke, ...along(hand === 'right' ? widths.slice(-1) : widths.slice(0, 1), edge, hand === 'right')];
  };
  plain(sheet, {
    step: 'sides',
    title: 'Sew the side seams',
    edges: 'the side edges',
    seams: [
      { id: 'side-1', layers: [down('front', 'right'), down('back', 'left')] },
      { id: 'side-2', layers: [down('back', 'right'), down('front', 'left')] },
    ],
    press: 'open',
    how: 'From the armhole down to the hem.',
  });
}

function look(sheet: Worksheet, { quarter, slit, yokes }: { quarter: Quantity; slit: NeckSlit; yokes: Record<Side, Piece> }): void {
  const up = -toWaist(sheet);
  const [front, long, under] = [sheet.number('frontYoke').value, sheet.number('length').value, armholeDepth(sheet).value];
  const [yoke, skirt] = [4 * quarter.value, sheet.quantity('hem-sweep').value];
  const more = [100, 140, 180].map((yokeEase) => ({ says: `Give the yoke ${sheet.showLength(yokeEase)} of ease`, choices: { yokeEase } }));
  const deeper = [200, 220, 250, 280, 320].map((depth) => ({
    says: `Make both yokes ${sheet.showLength(depth)} deep`,
    choices: { frontYoke: depth, backYoke: depth },
  }));
  sheet.worn.push({
    what: 'dress',
    levels: [
      { drop: up + under, girth: yoke },
      { drop: up + front, girth: yoke },
      { drop: up + front + 1, girth: skirt },
      { drop: up + long, girth: skirt },
    ],
  });
  sheet.check(
    ...wayIn(sheet, {
      neck: { what: 'the neck', drop: up, opens: clothOpens(sheet, slit.opens) },
      places: [{ what: 'the yoke', drop: up + under, opens: clothOpens(sheet, quarter.times(4)) }],
      stepIn: false,
      waysOut: more,
      neckWaysOut: [KEYHOLE, ...[90, 100, 110].map((neckHalfWidth) => ({ says: 'A wider neck', choices: { neckHalfWidth } }))],
    }),
    armholeRoom(sheet, sheet.side(yokes.front, 'armhole-right').plus(sheet.side(yokes.back, 'armhole-left')), deeper),
    fitsBody(sheet, more),
    bulkUnderFoot(sheet, sheet.number('fullness'), 'fullness'),
    needsLining(sheet, false),
    clearOfFloor(sheet, sheet.quantity('finished-length')),
  );
  const spacing = sheet.number('stripSpacing').value;
  const neckDepth = sheet.number('neckDepth').value;
  sheet.view = {
    hangsFrom: 'shoulder',
    band: 0,
    verticalSeams: 2,
    levels: [
      { drop: up + under, clothGirth: yoke, heldGirth: yoke },
      ...(front > under
        ? [{ drop: up + front, clothGirth: yoke, heldGirth: yoke }]
        : [{ drop: up + under + 0.5, clothGirth: yoke, heldGirth: yoke }]),
      { drop: up + front + 0.5, clothGirth: skirt, heldGirth: yoke },
      ...[0.3, 0.6, 1].map((share) => ({ drop: up + front + share * (long - front), clothGirth: skirt })),
    ],
    parts: [
      ...shouldersSeen({
        top: -up,
        neckHalf: sheet.number('neckHalfWidth').value,
        shoulderHalf: sheet.measure('shoulder-width').value / 2,
        slope: sheet.figure('shoulder-slope').value * sheet.scale,
        front: neckDepth,
        back: neckDepth * BACK_NECK.value,
        slit,
      }),
      { kind: 'rows', how: 'seam', drops: [up + front] },
      ...(spacing > 0
        ? [
            {
              kind: 'rows' as const,
              how: 'strip' as const,
              drops: Array.from({ length: Math.floor(front / spacing) }, (_, i) => up + front - (i + 0.6) * spacing),
            },
          ]
        : []),
    ],
  };
}
