import { needsLining } from '../checks/cloth-checks.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { clothOpens, headGirth, wayIn } from '../checks/way-in.ts';
import { ringBand } from '../components/edge-band.ts';
import { toWaist } from '../components/heights.ts';
import { stripPiece } from '../components/strips.ts';
import { tryOn } from '../components/try-on.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { trimCloth } from '../joins/bind.ts';
import { hem } from '../joins/hem.ts';
import { plain } from '../joins/plain.ts';
import { along, runLength, splitRun } from '../joins/run.ts';
import { stayStitch } from '../joins/stay-stitch.ts';
import { Quantity, TWO_PI } from '../quantity/quantity.ts';
import { overShouldersShape } from '../shapes/jumper.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, lengthChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { bandClothChoice, sharedChoices } from './shared-choices.ts';

const TWO = Quantity.constant(2, 'ratio');
/** Beside the body so much is closed under each arm at least, mm. */
const LEAST_CLOSED = 40;
const WIDEST_SPAN = 2000;
const LONGEST = 1000;

/** One rectangle of knit over both shoulders: a round neck with a rolled collar, open below for the body and at the wrists. */
export const rectangleJumper: Construction = {
  id: 'rectangle-jumper',
  name: 'Rectangle jumper',
  summary: 'One rectangle of soft knit, folded in four: a round hole with a rolled collar, open for body and wrists.',
  group: 'tops',
  needs: ['neck-girth', 'bust-girth'],
  optional: ['head-girth', 'hip-girth', 'shoulder-to-waist', 'shoulder-girth', 'wrist-span', 'waist-girth'],
  knitOnly: true,
  docket: ['neck-radius-cut', 'collar-cut-length', 'collar-cut-width', 'body-opening', 'neck-stretch-needed', 'cloth-to-buy'],
  choices: [
    lengthChoice('length', 'Length', 480, [200, LONGEST], 'From the shoulder fold to the lower edge.', { saves: 'less' }),
    lengthChoice('span', 'From sleeve end to sleeve end', 1400, [500, WIDEST_SPAN], 'Across both shoulders; to the wrists or shorter.', {
      saves: 'less',
    }),
    allowanceChoice('neckEase', 'Ease of the neck', 0, [-60, 1500], 'Beyond the neck: more for a collar that falls wide.', {
      fine: false,
      scales: true,
      proposed: 60,
    }),
    lengthChoice('collarHeight', 'Collar height', 90, [20, 300], 'Doubled and rolled over, it hides its own seam.'),
    lengthChoice(
      'neckLowered',
      'Neck lowered in front',
      0,
      [0, 60],
      (about) => `A neck is not round: ${about(20, 0.75)} to ${about(30, 1.25)} where it should sit close.`,
      { fine: true },
    ),
    allowanceChoice('bodyEase', 'Ease of the body opening', 60, [-40, 400], 'Beyond half the bust, flat.', { fine: false, scales: true }),
    bandClothChoice,
    ...sharedChoices(20),
  ],
  draft(sheet) {
    const [length, span, seam, hemmed] = ['length', 'span', 'seam', 'hem'].map((id) => sheet.number(id)) as [Quantity, Quantity, Quantity, Quantity];
    const neck = sheet.girth('neck').plus(sheet.number('neckEase')).named('neck-round', 'Neck, round', 'nearest');
    const radius = sheet.put('neck-radius', 'Neck radius', 'down', neck.over(TWO_PI));
    const cutRadius = sheet.put('neck-radius-cut', 'Neck radius, to cut', 'down', radius.minus(seam));
    if (cutRadius.value <= 0) throw noNeck(sheet, radius);
    const seams = seam.times(TWO);
    const collarLong = sheet.put('collar-cut-length', 'Collar, length to cut', 'up', neck.plus(seams));
    const collarWide = sheet.put('collar-cut-width', 'Collar, width to cut', 'up', TWO.times(sheet.number('collarHeight')).plus(seams));
    const opening = sheet.put('body-opening', 'Open for the body, flat', 'up', sheet.girth('bust').over(TWO).plus(sheet.number('bodyEase')));
    sheet.put('neck-stretch-needed', 'Stretch needed at the neck', 'up', headGirth(sheet).over(neck).minus(1));
    sheet.put('finished-length', 'Finished length', 'nearest', length);
    assertRoom(sheet, { opening, span, length, radius });
    sheet.openings.push('neck', 'hem', 'sleeve-left', 'sleeve-right');

    const piece = sheet.cut({
      id: 'body',
      name: 'Jumper',
      copies: 1,
      grain: 'along',
      quantityIds: ['neck-radius-cut', 'finished-length'],
      shape: overShouldersShape(
        { span, length, neck: radius, lowered: sheet.number('neckLowered') },
        { hem: Math.max(hemmed.value, seam.value), sides: hemmed.value, neck: seam.value },
      ),
    });
    const collar = stripPiece(sheet, {
      id: 'collar',
      name: 'Collar',
      cutLength: collarLong,
      cutWidth: collarWide,
      cloth: trimCloth(sheet),
      quantityIds: ['collar-cut-length', 'collar-cut-width'],
    });
    stayStitch(sheet, neck, { what: 'neck' });
    sheet.step(fitNeck(sheet));
    ringBand(sheet, {
      band: collar,
      edge: along([{ piece, copy: 0 }], 'neck', true),
      title: 'Sew on the collar',
      ringTitle: 'Close the collar to a ring',
      section: 'collar',
      handling: [['neck']],
      how: `Quarter collar and neck. Slip the folded collar over the neck on the RIGHT side, raw edges level, its seam at the middle of the back, quarters on quarters; stretch neither, unless the hole was made larger. Zigzag ${sheet.show(seam)} from the edge. The allowance goes down, inside.`,
      why: 'The collar stands up and rolls over to the outside: it covers the seam itself.',
    });
    const { closed, below } = lowerEdges(sheet, piece, opening);
    plain(sheet, {
      step: 'sides',
      title: 'Close the lower edge on both sides of the body',
      edges: 'the lower edges',
      seams: closed,
      press: 'to one side',
      first: 'Fold it at the shoulders.',
      how: `Mark the middle ${sheet.show(opening)} of the lower edge: that stays open for the body. Sew from each mark out to the sleeve end.`,
    });
    tryOn(
      sheet,
      'Does the head pass, do the arms find the sleeve ends, does the lower edge sit where you want it? For a closer body sew the lower edge further in on both sides.',
    );
    const flat = { curved: false, allowance: hemmed };
    hem(sheet, {
      id: 'sleeve-hem',
      title: 'Hem the sleeve ends',
      edge: [...along([{ piece, copy: 0 }], 'side-right'), ...along([{ piece, copy: 0 }], 'side-left')],
      ...flat,
      inner: true,
    });
    hem(sheet, { id: 'hem', title: 'Hem the body opening', edge: below, ...flat });
    look(sheet, { neck, opening });
  },
};

/** An allowance wider than the neck: a narrower one, or a wider neck, whichever can be. */
function noNeck(sheet: Worksheet, radius: Quantity): Unmakeable {
  const says = 'The allowance is wider than the neck: no hole is left to cut.';
  const narrower = Math.floor(radius.value / 2);
  if (narrower >= 3) return new Unmakeable('choices.seam', says, narrower);
  const least = 4 * Math.PI * sheet.number('seam').value;
  return new Unmakeable('choices.neckEase', says, Math.ceil((least - sheet.girth('neck').value) / sheet.scale));
}

/** Throws Unmakeable where the opening takes the whole lower edge, or the neck the whole cloth. */
function assertRoom(
  sheet: Worksheet,
  { opening, span, length, radius }: { opening: Quantity; span: Quantity; length: Quantity; radius: Quantity },
): void {
  if (opening.value <= 50 * sheet.scale) throw new Unmakeable('choices.bodyEase', 'Nothing is left open for the body.', 0);
  const least = opening.value + 2 * LEAST_CLOSED * sheet.scale;
  if (span.value < least) {
    const says = `The body takes ${sheet.show(opening)} of the lower edge; nothing is left to close under the arms.`;
    const wider = Math.ceil(least / sheet.scale);
    if (wider <= WIDEST_SPAN) throw new Unmakeable('choices.span', says, wider);
    throw new Unmakeable('choices.bodyEase', says, Math.floor(WIDEST_SPAN - 2 * LEAST_CLOSED - sheet.girth('bust').value / sheet.scale / 2));
  }
  const room = sheet.number('neckLowered').value + 60 * sheet.scale;
  const longer = Math.ceil((radius.value + room) / sheet.scale);
  if (length.value >= radius.value + room) return;
  const says = 'The neck reaches the lower edge.';
  if (longer <= LONGEST) throw new Unmakeable('choices.length', says, longer);
  const widest = (2 * Math.PI * (LONGEST * sheet.scale - room) - sheet.girth('neck').value) / sheet.scale;
  throw new Unmakeable('choices.neckEase', says, Math.floor(widest));
}

/** The hole is tried over the head while it can still be made larger. */
const fitNeck = (sheet: Worksheet) => ({
  id: 'neck-fit',
  kind: 'fit' as const,
  title: 'Try the hole over the head',
  handling: [['fit', 0.5]] as const,
  how: `Pull it over the head once. If it will not go, cut the hole larger, ${sheet.about(3, 0.125)} all round at a time: the neck grows by six times as much. While it has grown by no more than ${sheet.about(20, 0.75)}, stretch the collar a little as you sew it on; beyond that cut a new collar, longer by as much.`,
  why: 'A hole can be made larger, never smaller.',
});

/** What of both lower edges is sewn together, outside the opening, and what is hemmed. */
function lowerEdges(sheet: Worksheet, piece: Piece, opening: Quantity): { closed: Array<{ id: string; layers: Span[][] }>; below: Span[] } {
  const [front, behind] = [along([{ piece, copy: 0 }], 'bottom'), along([{ piece, copy: 0 }], 'top', true)];
  const beside = (runLength(sheet, front).value - opening.value) / 2;
  const parts = [front, behind].map((run) => {
    const [left, rest] = splitRun(sheet, run, beside);
    const [middle, right] = splitRun(sheet, rest, opening.value);
    return { left, middle, right };
  });
  const [a, b] = parts as [(typeof parts)[0], (typeof parts)[0]];
  return {
    closed: [
      { id: 'side-1', layers: [a.left, b.left] },
      { id: 'side-2', layers: [a.right, b.right] },
    ],
    below: [...a.middle, ...b.middle],
  };
}

function look(sheet: Worksheet, { neck, opening }: { neck: Quantity; opening: Quantity }): void {
  const up = -toWaist(sheet);
  const [length, span, height] = ['length', 'span', 'collarHeight'].map((id) => sheet.number(id).value) as [number, number, number];
  const around = 2 * opening.value;
  sheet.worn.push({ what: 'jumper', levels: [up + length * 0.9, up + length].map((drop) => ({ drop, girth: around })) });
  const wider = [40, 80, 120, 160].map((neckEase) => ({ says: 'A wider neck and collar', choices: { neckEase } }));
  const roomier = [80, 110, 150].map((bodyEase) => ({ says: 'A wider opening for the body', choices: { bodyEase } }));
  sheet.check(
    ...wayIn(sheet, {
      neck: { what: 'the neck with its collar', drop: up, opens: clothOpens(sheet, neck) },
      places: [{ what: 'the body opening', drop: up + length, opens: clothOpens(sheet, opening.times(2)) }],
      stepIn: false,
      waysOut: roomier,
      neckWaysOut: [...wider, { says: 'A knit that stretches more' }],
    }),
    fitsBody(sheet, roomier),
    stretchDirection(sheet, true),
    needsLining(sheet, false),
  );
  const [half, neckHalf] = [opening.value / 2, neck.value / Math.PI / 2];
  sheet.view = {
    hangsFrom: 'shoulder',
    band: 0,
    verticalSeams: 0,
    levels: [0.55, 0.8, 1].map((share) => ({ drop: up + share * length, clothGirth: 4.4 * half, heldGirth: 4.4 * half })),
    parts: [
      { kind: 'shoulders', top: -up, neckHalf, neckDepth: 20, shoulderHalf: half * 1.05, slope: 10 },
      { kind: 'sleeves', top: up + 8, under: up + length, out: half, length: (span / 2 - half) * 0.97, start: length, end: length, gathered: false },
      { kind: 'collar', top: -up, half: neckHalf, height },
    ],
  };
}
