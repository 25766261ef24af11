// Longer than 250 lines: one garment from its choices to its last join; what it shares with others stands in components/.
import { hangBeforeHem, needsLining } from '../checks/cloth-checks.ts';
import type { WayOut } from '../checks/check.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { knitStretch } from '../checks/knit-stretch.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { clothOpens, wayIn } from '../checks/way-in.ts';
import { noHole } from '../components/circle-closure.ts';
import { cutCirclePanels, MOST_PANELS, type CirclePanels } from '../components/circle-panels.ts';
import { hang, levelFromFloor } from '../components/hang-and-level.ts';
import { addHemEdge } from '../components/hem-edge.ts';
import { makeStraps, strapsSeen, type Straps } from '../components/straps.ts';
import { INCH } from '../units/units.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { hem } from '../joins/hem.ts';
import { addJoin } from '../joins/join.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf, type Placed } from '../joins/run.ts';
import { stayStitch } from '../joins/stay-stitch.ts';
import { finishStep, sewStep } from '../joins/stitching.ts';
import { Quantity, TWO_PI } from '../quantity/quantity.ts';
import { bodiceShape } from '../shapes/bodice.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, countChoice, lengthChoice, ratioChoice, yesNoChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { strapSizeChoices } from './dress-choices.ts';
import { bandClothChoice, sharedChoices } from './shared-choices.ts';

const FOUR = Quantity.constant(4, 'count');
/** A bodice smaller than this round can’t be sewn, mm. */
const LEAST_BODICE = 150;

/** A snug knit bodice on straps, lined, with a circle for a skirt. */
export const skaterDress: Construction = {
  id: 'skater-dress',
  name: 'Skater dress',
  summary: 'A snug lined knit bodice on straps, and a circle skirt on its waist.',
  group: 'dresses',
  needs: ['bust-girth', 'waist-girth', 'hip-girth', 'shoulder-to-waist'],
  optional: ['flatChest', 'flatWaist', 'over-shoulder', 'shoulder-girth', 'under-bust-girth', 'waist-to-hip'],
  knitOnly: true,
  docket: ['bodice-bust', 'bodice-waist', 'waist-radius-cut', 'hem-radius-cut', 'strap-cut-length', 'cloth-to-buy'],
  choices: [
    allowanceChoice('skirtLength', 'Skirt length', 500, [20, 1300], 'From the waist seam to the hem.', {
      scales: true,
      fine: false,
      saves: 'less',
      step: 5,
    }),
    ratioChoice('fraction', 'Part of a circle', 1, [0.25, 2], 'A whole circle swings; half a circle hangs.', { step: 0.05, saves: 'less' }),
    ratioChoice('bodiceEase', 'Ease of the bodice', -0.06, [-0.3, 0.2], 'Less than the body: a knit clings. A snug top laid flat tells it too.', {
      step: 0.01,
    }),
    lengthChoice('sideHeight', 'Bodice, height at the side', 200, [60, 400], 'From the waist seam up to the underarm.'),
    lengthChoice(
      'centreHeight',
      'Bodice, height in the middle',
      260,
      [60, 450],
      'From the waist seam up to the neckline in the middle of the front; the back goes straight across.',
    ),
    yesNoChoice('lined', 'Lined bodice', true, 'Two sets alike, right sides together at the top: the straps are caught between, no edge shows.'),
    ...strapSizeChoices().map((choice) => (choice.id === 'strapLength' ? { ...choice, default: 400 } : choice)),
    countChoice('panels', 'Skirt panels', null, [1, MOST_PANELS], 'The fewest that fit your cloth, unless you want more seams.', {
      inTree: 'chosen-panels',
    }),
    bandClothChoice,
    ...sharedChoices(12),
  ],
  draft(sheet) {
    const [seam, ease] = [sheet.number('seam'), Quantity.constant(1, 'ratio').plus(sheet.number('bodiceEase'))];
    const [bust, waist] = [snug(sheet, 'bust', 'flatChest'), snug(sheet, 'waist', 'flatWaist')];
    const bodiceBust = sheet.put('bodice-bust', 'Bodice at the bust', 'up', bust.times(ease));
    const bodiceWaist = sheet.put('bodice-waist', 'Bodice at the waist', 'up', waist.times(ease));
    if (bodiceWaist.value < LEAST_BODICE * sheet.scale) throw new Unmakeable('choices.bodiceEase', 'The ease leaves nothing of the bodice.', -0.1);
    const [length, fraction] = [sheet.number('skirtLength'), sheet.number('fraction')];
    const girth = sheet.put('seam-girth', 'Waist seam', 'nearest', bodiceWaist);
    const inner = sheet.put('waist-radius', 'Waist radius', 'down', girth.over(TWO_PI.times(fraction)));
    const innerCut = sheet.put('waist-radius-cut', 'Waist radius, to cut', 'down', inner.minus(seam));
    if (innerCut.value <= 0) throw noHole(sheet, inner, girth.value / (2 * Math.PI * seam.value));
    const cut = cutCirclePanels(sheet, { inner, innerCut, length, fraction, zip: false });
    sheet.put('hem-sweep', 'Round the hem', 'nearest', TWO_PI.times(fraction).times(cut.outer));
    sheet.put('finished-length', 'Finished length', 'nearest', length.plus(sheet.number('centreHeight')));
    sheet.openings.push('top', 'hem');

    stayStitch(sheet, girth);
    const straps = makeStraps(sheet, { kind: 'plain', length: sheet.number('strapLength'), width: sheet.number('strapWidth') });
    const bodice = sewBodice(sheet, { bodiceBust, bodiceWaist, straps });
    closeSkirt(sheet, cut);
    const waistEdge = along(copiesOf(cut.piece), 'waist', true);
    const join = addJoin(sheet, {
      id: 'waist',
      how: 'plain',
      layers: [bodice.bottom, waistEdge, ...(bodice.lining ? [bodice.lining] : [])],
      step: 'waist',
      notches: [0, 0.25, 0.5, 0.75].map((share) => ({ share })),
      press: 'up',
    });
    sewStep(sheet, {
      id: 'waist',
      title: 'Sew the skirt to the bodice',
      sews: [join],
      section: 'seam',
      handling: [['seam', 4]],
      how: `Turn the bodice inside out and put the skirt into it, right sides together. Quarter both waists and match the quarters, side seam on side${sheet.yes('lined') ? '; the lining lies on top and goes into the same seam' : ''}. Zigzag ${sheet.showLength(seam.value)} from the edge, stretching a little so that the seam gives. Press it up, into the bodice.`,
      why: 'The whole skirt hangs from this seam, and it has to stretch over the shoulders.',
    });
    finishStep(sheet, 'waist', { title: 'Finish the waist seam', length: join.length, shows: [join], together: true });
    hang(sheet, 'Where it hangs on the bias the cloth drops, and the bodice’s knit stretches under the weight.', 'straps');
    levelFromFloor(sheet);
    addHemEdge(sheet, { edge: along(copiesOf(cut.piece), 'hem'), curved: true, onto: cut.piece.id });
    look(sheet, { bodiceBust, bodiceWaist, inner, cut });
  },
};

/** A girth of the body, or of a snug top laid flat that fits it. */
function snug(sheet: Worksheet, girth: 'bust' | 'waist', flat: string): Quantity {
  return sheet.hasMeasure(`${girth}-girth`) ? sheet.girth(girth) : sheet.measure(flat).times(2);
}

interface SewnBodice {
  /** Its waist edge, all round. */
  bottom: Span[];
  lining?: Span[];
}

/** Front and back, once or twice; the straps between the layers; tried on before anything hangs from it. */
function sewBodice(
  sheet: Worksheet,
  { bodiceBust, bodiceWaist, straps }: { bodiceBust: Quantity; bodiceWaist: Quantity; straps: Straps },
): SewnBodice {
  const lined = sheet.yes('lined');
  const set = cutSet(sheet, { bodiceBust, bodiceWaist });
  const inner = lined ? cutSet(sheet, { bodiceBust, bodiceWaist, lining: true }) : undefined;
  const sides = (ring: readonly Placed[], id: string) => ringSeams(sheet, { id, ring }).seams;
  plain(sheet, {
    step: 'bodice-sides',
    title: 'Sew the bodice’s side seams',
    edges: 'the side edges',
    seams: sides(set, 'bodice-side'),
    press: 'to one side',
    ...(lined ? { why: 'Both sets have to come out alike: what is mended on one is mended on the other.' } : {}),
  });
  if (inner)
    plain(sheet, {
      step: 'lining-sides',
      title: 'Sew the lining’s side seams',
      edges: 'the side edges of the lining',
      seams: sides(inner, 'lining-side'),
      press: 'to one side',
      role: 'lining',
    });
  const top = along(set, 'top', true);
  // the hole was cut to the bodice's waist as it was reckoned: r = girth / (2 pi f), handbook 4
  const more = sheet.units === 'cm' ? 10 : INCH;
  const wider = more / (2 * Math.PI * sheet.number('fraction').value);
  sheet.step({
    id: 'bodice-fit',
    kind: 'fit',
    title: 'Try the bodice on before anything is joined to it',
    handling: [['fit']],
    how: `Pin the straps to the front and the back, put the outer bodice on inside out and look: does it lie close without pulling, does its lower edge reach the waist all round? Pin what is too wide along the side seams; sew inside the old line${lined ? ' and take in the lining by exactly as much' : ''}. Its lower seam line should be ${sheet.show(bodiceWaist)} round, as the skirt’s hole is. Where it came out wider, cut the hole wider too, ${sheet.showLength(wider)} outwards all round for every ${sheet.showLength(more)}, and stay it again; where it came out narrower, let the side seams out: a hole can’t be made smaller.`,
    why: 'The whole skirt hangs from this seam: what does not fit here fits nowhere.',
  });
  const ends = [...straps.catchIn('front', set[0]!.piece.id, 'top'), ...straps.catchIn('back', set[1]!.piece.id, 'top')];
  if (inner) {
    plain(sheet, {
      step: 'top',
      title: 'Join bodice and lining at the top, the straps between them',
      edges: 'the top edges',
      seams: [{ id: 'top', layers: [top, along(inner, 'top', true)] }],
      also: ends,
      press: 'to one side',
      handling: [['bodice-lining']],
      how: 'Put the lining over the bodice, right sides together, side seams on side seams. Each strap lies between them, its raw ends level with the edge, a hand’s breadth from the middle in front, a little closer behind, its seam to the middle: run your fingers along it, it must not be twisted.',
      after: 'Clip the allowance in the curves. Turn the lining inside.',
      why: 'Caught between the layers, the ends of the straps and the edge are hidden at once.',
    });
    return { bottom: along(set, 'bottom'), lining: along(inner, 'bottom') };
  }
  const before =
    'Pin the straps to the wrong side, ends level with the edge, not twisted, a hand’s breadth from the middle in front, a little closer behind.';
  hem(sheet, {
    id: 'top',
    title: 'Turn the top edge in, the straps with it',
    edge: top,
    curved: false,
    allowance: sheet.number('seam'),
    inner: true,
    before,
    also: ends,
  });
  return { bottom: along(set, 'bottom') };
}

/** Front and back of one layer. */
function cutSet(
  sheet: Worksheet,
  { bodiceBust, bodiceWaist, lining = false }: { bodiceBust: Quantity; bodiceWaist: Quantity; lining?: boolean },
): Placed[] {
  const seam = sheet.number('seam').value;
  const [side, centre] = [sheet.number('sideHeight'), sheet.number('centreHeight')];
  return (['front', 'back'] as const).map((which) => ({
    copy: 0,
    piece: sheet.cut({
      id: lining ? `lining-${which}` : which,
      name: `${lining ? 'Bodice lining' : 'Bodice'} ${which}`,
      copies: 1,
      grain: 'along',
      ...(lining ? { cloth: 'lining' as const } : {}),
      quantityIds: ['bodice-bust', 'bodice-waist'],
      shape: bodiceShape(
        {
          topHalf: bodiceBust.over(FOUR).named('quarter-bust', 'Quarter of the bodice’s bust', 'up'),
          waistHalf: bodiceWaist.over(FOUR).named('quarter-waist', 'Quarter of the bodice’s waist', 'up'),
          sideHeight: side,
          centreHeight: which === 'front' ? centre : side,
        },
        { top: seam, side: seam, bottom: seam },
      ),
    }),
  }));
}

function closeSkirt(sheet: Worksheet, { piece, whole }: CirclePanels): void {
  if (whole) return;
  plain(sheet, {
    step: 'skirt-sides',
    edges: 'the side edges of the skirt',
    title: piece.copies > 1 ? 'Sew the skirt panels together' : 'Sew the skirt’s one seam',
    seams: ringSeams(sheet, { id: 'skirt-side', ring: copiesOf(piece) }).seams,
    press: 'to one side',
  });
}

function look(
  sheet: Worksheet,
  { bodiceBust, bodiceWaist, inner, cut }: { bodiceBust: Quantity; bodiceWaist: Quantity; inner: Quantity; cut: CirclePanels },
): void {
  const needed = (id: string, label: string, body: Quantity, at: Quantity) => sheet.put(id, label, 'up', body.minus(at).over(at));
  const bustNeeds = needed('stretch-needed-bust', 'Stretch needed at the bust', sheet.girth('bust'), bodiceBust);
  const waistNeeds = needed('stretch-needed-waist', 'Stretch needed at the waist', sheet.girth('waist'), bodiceWaist);
  const roomier: WayOut[] = [-0.03, 0, 0.05, 0.1].map((bodiceEase) => ({
    says: `Cut the bodice with ${Math.round(bodiceEase * 100)} % of ease`,
    choices: { bodiceEase },
  }));
  const [side, centre, length] = ['sideHeight', 'centreHeight', 'skirtLength'].map((id) => sheet.number(id).value) as [number, number, number];
  const fraction = sheet.number('fraction').value;
  const levels = [0, 0.25, 0.5, 0.75, 1].map((share) => ({ drop: share * length, girth: 2 * Math.PI * fraction * (inner.value + share * length) }));
  sheet.worn.push(
    {
      what: 'bodice',
      levels: [
        { drop: -side, girth: bodiceBust.value },
        { drop: 0, girth: bodiceWaist.value },
      ],
    },
    { what: 'skirt', levels: levels.map((level, i) => (i === 0 ? { ...level, drop: 1 } : level)) },
  );
  sheet.check(
    ...wayIn(sheet, {
      places: [{ what: 'the waist of the bodice', drop: 0, opens: clothOpens(sheet, bodiceWaist) }],
      stepIn: true,
      waysOut: [...roomier, { says: 'Take a knit that stretches more' }],
    }),
    knitStretch(sheet, 'bust', bustNeeds, roomier),
    knitStretch(sheet, 'waist', waistNeeds, roomier),
    stretchDirection(sheet, true),
    needsLining(sheet, sheet.yes('lined')),
    hangBeforeHem(sheet),
    fitsBody(sheet, [...roomier, { says: 'More of a circle', choices: { fraction: 1 } }]),
  );
  const held = (girth: Quantity, body: Quantity) => ({ clothGirth: girth.value, heldGirth: Math.max(girth.value, body.value) });
  sheet.view = {
    hangsFrom: 'shoulder',
    band: 0,
    verticalSeams: cut.whole ? 0 : cut.panels.value,
    levels: [
      { drop: -side, ...held(bodiceBust, sheet.girth('bust')) },
      { drop: 0, ...held(bodiceWaist, sheet.girth('waist')) },
      ...levels.map(({ drop, girth }) => ({ drop, clothGirth: girth })),
    ],
    parts: [{ kind: 'top-curve', rise: centre - side, only: 'front' }, strapsSeen(sheet, -side, false)],
  };
}
