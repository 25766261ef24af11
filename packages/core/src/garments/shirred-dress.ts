// Longer than 250 lines: one garment from its choices to its last join; what it shares with others stands in components/.
import { needsLining } from '../checks/cloth-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { shirringFit } from '../checks/shirring-fit.ts';
import { wayIn } from '../checks/way-in.ts';
import { addGatheredSleeves, sleevesSeen, sleeveWidth, type Sleeves } from '../components/gathered-sleeves.ts';
import { assertCorners, corneredShape } from '../components/cornered.ts';
import { bodyAt, dropOf } from '../components/heights.ts';
import { addPockets, pocketsSeen } from '../components/patch-pocket.ts';
import { addRuffle } from '../components/ruffle.ts';
import { shirringNumbers, shirringSeen, type Shirring } from '../components/shirring.ts';
import { addStraps, strapsSeen, type StrapKind } from '../components/straps.ts';
import { tryOn } from '../components/try-on.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { hem } from '../joins/hem.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf } from '../joins/run.ts';
import { shirr } from '../joins/shirr.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, countChoice, lengthChoice, oneOfChoice, ratioChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { sleeveChoices, strapChoices } from './dress-choices.ts';
import { bandClothChoice, gatherByChoice, pocketChoices, ruffleChoices, sharedChoices } from './shared-choices.ts';

/** Below this length under the shirring it is a top that ends above the hips, mm (contract). */
const REACHES_HIPS = 100;

/** Straps and sleeves go with what hangs from the bust. */
const FROM_BUST = { choice: 'wornAt', is: ['bust'] };

/** Panels gathered by rows of elastic thread from the bobbin: dress, top or skirt. */
export const shirredDress: Construction = {
  id: 'shirred-dress',
  name: 'Shirred dress',
  summary: 'Rectangles drawn in by rows of elastic thread: dress, top or skirt; it gives and it holds.',
  group: 'dresses',
  needs: ['bust-girth', 'hip-girth'],
  optional: ['upper-arm-girth', 'over-shoulder', 'shoulder-to-waist', 'waist-girth', 'shoulder-girth'],
  docket: ['shirr-flat', 'shirr-relaxed', 'shirr-rows', 'bobbins', 'panel-cut-length', 'cloth-to-buy'],
  choices: [
    oneOfChoice(
      'wornAt',
      'Worn from',
      'bust',
      { bust: 'The bust: a dress or a top', waist: 'The waist: a skirt' },
      'A skirt is shirred to the waist, deep enough for a wide band.',
    ),
    lengthChoice('shirrDepth', 'Depth of the shirring', 200, [20, 600], 'From the first row to the last: over the bust, or down to the waist.'),
    lengthChoice('length', 'Length below the shirring', 600, [0, 1500], 'None makes a tube top.', { saves: 'less' }),
    ratioChoice('fullness', 'Fullness', 1.5, [1, 4], 'Flat length for each length of bust: 1.5 is snug, 2 is full.', {
      step: 0.1,
      saves: 'less',
      compare: { quantities: ['shirr-flat', 'shirr-relaxed', 'panel-cut-width', 'bobbins'], at: [1.5, 2] },
    }),
    allowanceChoice(
      'rowSpacing',
      'Between the rows',
      10,
      [5, 30],
      (about) =>
        `Chalked ${about(10, 0.375)} apart, or the width of the foot, ${about(6, 0.25)} to ${about(8, 0.375)}. Closer than the foot can’t be sewn.`,
      {
        fine: false,
      },
    ),
    countChoice('panels', 'Panels', 2, [1, 24], 'A front and a back; more where the cloth is narrow or a bobbin would end inside a row.'),
    oneOfChoice(
      'shirrOrder',
      'Order of work',
      'flat',
      { flat: 'Rows on flat panels, then the side seams', round: 'Side seams first, rows all round' },
      'Flat is easier to hold; in the round has fewer ends to secure and saves elastic.',
    ),
    ...strapChoices(FROM_BUST),
    ...sleeveChoices(FROM_BUST),
    ...pocketChoices(),
    yesNoChoice('ruffle', 'Ruffle at the hem', false, 'Twice the hem, gathered on.'),
    ...ruffleChoices({ choice: 'ruffle', is: [true] }, { height: 250, fullness: 2 }),
    { ...gatherByChoice, when: { choice: 'ruffle', is: [true] } },
    bandClothChoice,
    ratioChoice('takeUp', 'Take-up', 1.8, [1.2, 3], 'Flat over shirred, from a sample strip: 1.6 to 2.2 by cloth, stitch length 3.5.', {
      step: 0.05,
      fine: true,
    }),
    ratioChoice('steam', 'Drawn in by steam', 0.05, [0, 0.2], '5 to 10 % more, from the same strip.', { step: 0.01, fine: true }),
    ratioChoice('bobbinMetres', 'A bobbin sews, metres', 8, [1, 30], '7 to 10 metres of row from one bobbin of elastic thread.', {
      step: 0.5,
      fine: true,
    }),
    ...sharedChoices(20),
  ],
  draft(sheet) {
    const [depth, length, seam, hemmed] = ['shirrDepth', 'length', 'seam', 'hem'].map((id) => sheet.number(id)) as [
      Quantity,
      Quantity,
      Quantity,
      Quantity,
    ];
    const [panels, sleeved, ruffled] = [sheet.number('panels'), hasSleeves(sheet), sheet.yes('ruffle')];
    const full = sheet.number('fullness').times(held(sheet)).named('flat-by-fullness', 'Fullness', 'up');
    const overHips = Quantity.larger(full, sheet.girth('hip').plus(sheet.figure('hip-room')));
    const reaches = Quantity.constant(REACHES_HIPS * sheet.scale, 'mm', undefined, 'shorter ones end above the hips');
    const flat = sheet.put('shirr-flat', 'Flat, all round', 'up', Quantity.choose(length, reaches, overHips, full));
    const shirring = shirringNumbers(sheet, { flat, depth, panels, onlyTwo: sleeved });
    const height = depth.plus(length).named('panel-length', 'Finished panel', 'nearest');
    const below = ruffled ? seam : hemmed;
    sheet.put('panel-cut-width', 'Each panel, across', 'up', shirring.rowLength.plus(seam.times(2)));
    sheet.put('panel-cut-length', 'Each panel, length', 'up', height.plus(hemmed).plus(below));
    sheet.put('finished-length', 'Finished length', 'nearest', ruffled ? height.plus(sheet.number('ruffleHeight')) : height);
    sheet.put('hem-sweep', 'Round the hem', 'nearest', flat);
    sheet.openings.push('top', 'hem', ...(sleeved ? ['sleeve-left', 'sleeve-right'] : []));

    const sleeve = sleeved ? sleeveWidth(sheet) : undefined;
    const panel = cutPanel(sheet, { width: shirring.rowLength, height, bottom: below.value, sleeve });
    const ring = copiesOf(panel);
    hem(sheet, {
      id: 'top-hem',
      title: 'Hem the top edges',
      edge: along(ring, 'top'),
      curved: false,
      allowance: hemmed,
      inner: true,
      before: 'While every panel is still flat:',
    });
    if (!ruffled)
      hem(sheet, {
        id: 'hem',
        title: 'Hem the lower edges',
        edge: along(ring, 'bottom'),
        curved: false,
        allowance: hemmed,
        inner: true,
        before: 'These too while the cloth is flat; hold a panel against the wearer for the length first.',
      });
    if (sheet.yes('pockets')) addPockets(sheet, { onto: panel, below: pocketDrop(sheet), from: 'the top edge' });
    const inTheRound = sheet.oneOf('shirrOrder') === 'round';
    if (!inTheRound) shirrPanels(sheet, panel, shirring, false);
    const sleeves = sleeve ? addGatheredSleeves(sheet, { panel, width: sleeve }) : undefined;
    closeSides(sheet, panel, sleeves);
    if (inTheRound) shirrPanels(sheet, panel, shirring, true);
    if (strapsOf(sheet) !== 'none') addStraps(sheet, { kind: strapsOf(sheet) as StrapKind, onto: panel.id, under: 'just under the top hem' });
    tryOn(
      sheet,
      'Does it stay up when you lift your arms and breathe in, and slide on without a fight? Too loose: steam it again, or add rows. Too tight: unpick every other row.',
    );
    if (ruffled)
      addRuffle(sheet, {
        prefix: 'ruffle',
        name: 'ruffle',
        edge: along(ring, 'bottom'),
        on: 'dress',
        flat: sheet.put('ruffle-flat', 'Ruffle, flat', 'up', sheet.number('ruffleFullness').times(flat)),
      });
    wear(sheet, { flat, shirring, height, ruffled });
  },
};

/** What it is shirred to: the bust, or the waist of a skirt. */
const held = (sheet: Worksheet): Quantity => sheet.girth(sheet.oneOf('wornAt'));
const isSkirt = (sheet: Worksheet) => sheet.oneOf('wornAt') === 'waist';
/** A skirt has neither sleeves nor straps. */
const hasSleeves = (sheet: Worksheet) => !isSkirt(sheet) && sheet.yes('sleeves');
const strapsOf = (sheet: Worksheet) => (isSkirt(sheet) ? 'none' : sheet.oneOf('straps'));

/** A panel, its upper corners cut away for sleeves. */
function cutPanel(
  sheet: Worksheet,
  { width, height, bottom, sleeve }: { width: Quantity; height: Quantity; bottom: number; sleeve?: Quantity | undefined },
): Piece {
  const [seam, top] = [sheet.number('seam').value, sheet.number('hem').value];
  const sleeved = hasSleeves(sheet);
  if (sleeved && sheet.number('panels').value !== 2)
    throw new Unmakeable('choices.panels', 'Sleeves are sewn between a front and a back: that takes two panels.', 2);
  const corners = sleeved ? { along: sheet.number('cornerAlong'), down: sheet.number('cornerDown') } : undefined;
  if (corners && sleeve)
    assertCorners(sheet, corners, [
      { what: 'panel', width, height, longer: 'shirrDepth' },
      { what: 'sleeve', width: sleeve, height: sheet.number('sleeveLength'), longer: 'sleeveLength' },
    ]);
  return sheet.cut({
    id: 'panel',
    name: 'Panel',
    copies: sheet.number('panels').value,
    grain: 'along',
    quantityIds: ['panel-cut-width', 'panel-cut-length'],
    lines: [0, sheet.number('shirrDepth').value].map((down, i) => {
      const y = height.value - top / 2 - down;
      return {
        name: i === 0 ? 'first row of shirring' : 'last row of shirring',
        from: [-width.value / 2, y] as const,
        to: [width.value / 2, y] as const,
      };
    }),
    shape: corners
      ? corneredShape({ width, height, ...corners }, { top, bottom, sides: seam, corner: seam })
      : rectangleShape(width, height, { top, bottom, sides: seam }),
  });
}

/** Rows on each panel by itself, or round and round. */
function shirrPanels(
  sheet: Worksheet,
  panel: Piece,
  { rows, rowLength, rowsPerBobbin, bobbins, spacing, sewn, relaxed }: Shirring,
  round: boolean,
): void {
  const panels = panel.copies;
  shirr(sheet, {
    id: 'shirring',
    title: round ? 'Shirr it, round and round' : panels === 1 ? 'Shirr the panel' : 'Shirr the panels',
    onto: panel,
    rows,
    rowLength,
    times: panels,
    spacing,
    rowsPerBobbin,
    bobbins,
    before: round ? sewn : sewn.over(panels),
    after: round ? relaxed : relaxed.over(panels),
    from: 'just below the stitching of the top hem',
    how: round
      ? `Begin at a side seam: one row all round is ${panels} ${panels === 1 ? 'length' : 'lengths'} of a panel; ${sheet.oneOf('machine') === 'hands' ? 'begin every new thread' : 'change bobbins'} at a seam.`
      : undefined,
    why: round
      ? 'Few ends have to be secured, and no elastic is caught in a seam.'
      : 'A flat panel is easier to hold stretched; secure both ends of every row, the side seam will cross them.',
  });
}

/** The corner seams of the sleeves, then side and underarm seams in one. */
function closeSides(sheet: Worksheet, panel: Piece, sleeves: Sleeves | undefined): void {
  const { seams } = ringSeams(sheet, { id: 'side', ring: copiesOf(panel) });
  plain(sheet, {
    step: 'sides',
    edges: 'the side edges',
    title: sleeves ? 'Sew side and underarm seams' : panel.copies > 1 ? 'Sew the panels to a ring' : 'Close the ring',
    seams: [...seams, ...(sleeves?.underarms ?? [])],
    press: 'to one side',
    how: `Match the rows pairwise${sheet.oneOf('shirrOrder') === 'flat' ? '; sew over the ends of the elastic twice' : ''}.${sleeves ? ' Side seam and sleeve seam are one line: from the hem up to the armhole corner and on to the cuff.' : ''}`,
  });
}

/** A pocket’s top, below the top edge: at hip level, or in the upper half of the skirt, mm. */
function pocketDrop(sheet: Worksheet): Quantity {
  return sheet.number('shirrDepth').plus(sheet.number('length').times(Quantity.constant(0.2, 'ratio', undefined, 'common practice')));
}

function wear(
  sheet: Worksheet,
  { flat, shirring, height, ruffled }: { flat: Quantity; shirring: Shirring; height: Quantity; ruffled: boolean },
): void {
  const top = isSkirt(sheet) ? 0 : dropOf(sheet, 'underarm');
  const end = top + sheet.number('shirrDepth').value;
  const bottom = top + height.value;
  const drawnIn = (drop: number) => Math.min(flat.value, Math.max(shirring.relaxed.value, bodyAt(sheet, drop)));
  sheet.worn.push({
    what: isSkirt(sheet) ? 'skirt' : 'dress',
    levels: [isSkirt(sheet) ? 1 : top, bottom].map((drop) => ({ drop, girth: flat.value })),
  });
  sheet.view = {
    hangsFrom: isSkirt(sheet) ? 'waist' : 'shoulder',
    band: 0,
    verticalSeams: sheet.number('panels').value,
    levels: [
      ...[top, (top + end) / 2, end].map((drop) => ({ drop, clothGirth: flat.value, heldGirth: drawnIn(drop) })),
      ...[0.35, 0.7, 1].map((share) => ({ drop: end + share * (bottom - end), clothGirth: flat.value })),
      ...(ruffled
        ? [0, sheet.number('ruffleHeight').value].map((more) => ({ drop: bottom + more, clothGirth: sheet.quantity('ruffle-flat').value }))
        : []),
    ].filter(({ drop }, i, all) => i === 0 || drop > all[i - 1]!.drop || i > 5),
    parts: [
      shirringSeen(shirring, top, sheet.number('shirrDepth').value),
      ...(sheet.yes('pockets') ? [pocketsSeen(sheet, top)] : []),
      ...(strapsOf(sheet) === 'none' ? [] : [strapsSeen(sheet, top, strapsOf(sheet) === 'tie')]),
      ...(hasSleeves(sheet) ? [sleevesSeen(sheet, top)] : []),
    ],
  };
  const more = [1.5, 1.75, 2, 2.5].map((fullness) => ({ says: `Take ${fullness} times the ${sheet.oneOf('wornAt')}`, choices: { fullness } }));
  const straps = strapsOf(sheet) !== 'none' || hasSleeves(sheet);
  sheet.check(
    shirringFit(sheet, {
      round: held(sheet),
      at: sheet.oneOf('wornAt'),
      flat,
      relaxed: shirring.relaxed,
      straps,
      waysOut: [
        ...more,
        ...(straps ? [] : [{ says: 'Hold it with straps', choices: { straps: 'tie' } }]),
        { says: 'Take less cloth', choices: { fullness: 1.4 } },
      ],
    }),
    ...wayIn(sheet, { places: [{ what: 'the shirring', drop: top, opens: flat }], stepIn: true, waysOut: more }),
    fitsBody(sheet, more),
    needsLining(sheet, false),
  );
}
