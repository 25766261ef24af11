// Longer than 250 lines: one garment from its choices to its last join; what it shares with others stands in components/.
import { needsLining } from '../checks/cloth-checks.ts';
import { elasticComfort, elasticKind, elasticSewn, elasticStretch } from '../checks/elastic-checks.ts';
import type { WayOut } from '../checks/check.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { fitsBody } from '../checks/fits-body.ts';
import { stretchDirection } from '../checks/stretch-direction.ts';
import { clothOpens, shoulderGirth, wayIn } from '../checks/way-in.ts';
import { dropOf } from '../components/heights.ts';
import { stripPiece } from '../components/strips.ts';
import { tryOn } from '../components/try-on.ts';
import { caught } from '../joins/caught.ts';
import { elasticInside } from '../joins/elastic-inside.ts';
import { elasticLengths, elasticOpensTo, type ElasticLengths } from '../joins/elastic-lengths.ts';
import { gatherStep } from '../joins/gather.ts';
import { hem } from '../joins/hem.ts';
import { addJoin } from '../joins/join.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf } from '../joins/run.ts';
import { sewStep } from '../joins/stitching.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Join } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { allowanceChoice, lengthChoice, ratioChoice } from './choice.ts';
import type { Construction } from './construction.ts';
import { elasticChoices, gatherByChoice, sharedChoices } from './shared-choices.ts';

/** Ribbon for straps: how wide, and how long each is without its bow where the shoulder was not measured, mm (common practice, no source). */
const RIBBON = { wide: 15, over: 400, bow: 200 };

/** Sewn on, an elastic is pulled to this share of its greatest stretch and no further (common practice, no source). */
const EASILY = 0.9;

/** A tube of jersey and a gathered skirt, held by two elastics sewn on stretched. */
export const gatheredJerseyDress: Construction = {
  id: 'gathered-jersey-dress',
  name: 'Gathered jersey dress',
  summary: 'A soft tube to under the bust and a gathered skirt, drawn in by two elastics; ribbons over the shoulders.',
  group: 'dresses',
  needs: ['bust-girth', 'under-bust-girth', 'waist-girth', 'hip-girth'],
  optional: ['shoulder-to-waist', 'over-shoulder', 'shoulder-girth', 'waist-to-hip'],
  knitOnly: true,
  docket: ['bodice-flat', 'skirt-flat', 'bust-elastic-cut', 'under-bust-elastic-cut', 'finished-length', 'cloth-to-buy'],
  choices: [
    lengthChoice(
      'bodiceDepth',
      'Depth of the bodice',
      250,
      [80, 600],
      (about) => `From the top edge to the elastic under the bust: ${about(50, 2)} to ${about(100, 4)} below the bust.`,
      { saves: 'less' },
    ),
    lengthChoice('skirtLength', 'Skirt length', 450, [100, 1300], 'Below the elastic under the bust.', { saves: 'less' }),
    ratioChoice('bodiceFullness', 'Bodice fullness', 1.2, [1, 3], 'Flat bodice for each length of bust.', { saves: 'less' }),
    ratioChoice('skirtFullness', 'Skirt fullness', 1.5, [1, 4], 'Flat skirt for each length under the bust; never less than the hips need.', {
      saves: 'less',
    }),
    allowanceChoice('edgeToElastic', 'Edge above the elastic', 20, [0, 80], 'What stands up as a frill above the upper elastic.', { fine: false }),
    ...elasticChoices('snug', { snug: 0.9, tryOn: false, figures: ['bust-elastic-cut', 'under-bust-elastic-cut', 'elastic-stretch-needed'] }),
    gatherByChoice,
    ...sharedChoices(0),
  ],
  draft(sheet) {
    const [bust, ribs, hip] = ['bust', 'under-bust', 'hip'].map((id) => sheet.girth(id)) as [Quantity, Quantity, Quantity];
    const [depth, length] = [sheet.number('bodiceDepth'), sheet.number('skirtLength')];
    const overHips = hip.plus(sheet.figure('hip-room')).named('hip-with-room', 'Hip with room', 'up');
    const bodiceFlat = sheet.put('bodice-flat', 'Bodice, flat', 'up', sheet.number('bodiceFullness').times(bust));
    const skirtFlat = sheet.put('skirt-flat', 'Skirt, flat', 'up', Quantity.larger(sheet.number('skirtFullness').times(ribs), overHips));
    const upper = elasticLengths(sheet, bust, 'bust-elastic', 'Upper elastic');
    const lower = elasticLengths(sheet, ribs, 'under-bust-elastic', 'Elastic under the bust');
    // gathered first to what the elastic can be pulled to with its reserve
    const reach = elasticOpensTo(sheet, lower.finished).times(Quantity.constant(EASILY, 'ratio', undefined, 'of its greatest stretch'));
    if (sheet.number('edgeToElastic').value > depth.value / 2)
      throw new Unmakeable('choices.edgeToElastic', 'The frill above the elastic is more than half of the bodice.', Math.floor(depth.value / 4));
    sheet.put('finished-length', 'Finished length', 'nearest', depth.plus(length));
    sheet.put('hem-sweep', 'Round the hem', 'nearest', skirtFlat);
    const seam = sheet.put(
      'elastic-seam',
      'Seam under the bust, before the elastic',
      'nearest',
      Quantity.smaller(bodiceFlat, skirtFlat, overHips, reach),
    );
    buyElastics(sheet, upper, lower);
    sheet.openings.push('top', 'hem');

    const bodice = tube(sheet, { id: 'bodice', name: 'Bodice', around: bodiceFlat, high: depth, edges: { top: 0, bottom: sheet.number('seam') } });
    const skirt = tube(sheet, {
      id: 'skirt',
      name: 'Skirt',
      around: skirtFlat,
      high: length,
      edges: { top: sheet.number('seam').value, bottom: sheet.number('hem') },
    });
    frill(sheet, 'frill', 'Stretch the top edge to a frill', along(copiesOf(bodice), 'top', true));
    elasticInside(sheet, {
      id: 'bust-elastic',
      title: 'Sew on the upper elastic, stretched',
      onto: bodice.id,
      where: `${sheet.show(sheet.number('edgeToElastic'))} below the top edge`,
      girth: bodiceFlat,
      ...upper,
      round: 'round the body above the bust',
    });
    joinAtElastic(sheet, { bodice, skirt, seam, lower });
    ribbons(sheet, bodice);
    tryOn(
      sheet,
      'Do both elastics hold without marking? Sit, breathe in, lift your arms. Cross the ribbons behind or take them straight over, and tie them.',
      { title: 'Try it on' },
    );
    const bottom = along(copiesOf(skirt), 'bottom');
    if (sheet.number('hem').value === 0) frill(sheet, 'hem', 'Stretch the hem to a frill', bottom);
    else hem(sheet, { id: 'hem', title: 'Hem', edge: bottom, curved: false, allowance: sheet.number('hem') });
    look(sheet, { bodiceFlat, skirtFlat, seam, upper, lower });
  },
};

/** A ring of jersey, in parts where the cloth is narrow, its seams sewn. */
function tube(
  sheet: Worksheet,
  { id, name, around, high, edges }: { id: string; name: string; around: Quantity; high: Quantity; edges: { top: number; bottom: Quantity } },
): Piece {
  const seam = sheet.number('seam');
  const piece = stripPiece(sheet, {
    id,
    name,
    cutLength: around.plus(seam.times(2)),
    cutWidth: high.plus(edges.top).plus(edges.bottom),
    top: edges.top,
    bottom: edges.bottom,
    quantityIds: [`${id}-flat`],
  });
  plain(sheet, {
    step: `${id}-ring`,
    edges: `the short ends of the ${id}`,
    title: `Close the ${id}`,
    seams: ringSeams(sheet, { id: `${id}-side`, ring: copiesOf(piece) }).seams,
    press: 'to one side',
    how: 'Do not pull: let the feed take the cloth.',
  });
  return piece;
}

/** An edge stretched under a close zigzag: a frilled edge that needs no hem. A strip is tried first (handbook 10.8). */
function frill(sheet: Worksheet, id: string, title: string, edge: Join['layers'][number]): void {
  const join = addJoin(sheet, { id, how: 'raw', layers: [edge], step: id, why: 'Zigzagged while it is stretched, and left so.' });
  sewStep(sheet, {
    id,
    title,
    sews: [join],
    stitch: '304',
    stitchLength: 0.8,
    stitchWidth: 4,
    handling: [['finish', 2]],
    how: `Try it on a strip first: ${sheet.about(200, 8)} of the same edge, stretched as far as it goes while a close zigzag runs over it, should come out wavy and a good third longer. Then the edge itself: hold it before and behind the foot, stretch it evenly, the right swing of the needle just off the cloth.`,
    why: 'A knit does not fray: the stretched zigzag makes the frill and is the finish.',
  });
}

/** Bodice, skirt and elastic in one pass, the elastic on top; both edges are first gathered to what the elastic can be stretched to. */
function joinAtElastic(
  sheet: Worksheet,
  { bodice, skirt, seam, lower }: { bodice: Piece; skirt: Piece; seam: Quantity; lower: ElasticLengths },
): void {
  const [under, top] = [along(copiesOf(bodice), 'bottom'), along(copiesOf(skirt), 'top', true)];
  const step = 'under-bust-elastic';
  for (const [id, name, edge] of [
    ['bodice', 'on the bodice', under],
    ['skirt', 'on the skirt', top],
  ] as const)
    if (sheet.quantity(`${id}-flat`).value > seam.value * 1.001)
      gatherStep(sheet, {
        id: `gather-${id}`,
        title: `Gather the ${id} to ${sheet.show(seam)}`,
        edge,
        to: seam,
        names: [name, 'at the seam'],
        shows: [{ id: 'under-bust' }],
      });
  const join = addJoin(sheet, {
    id: 'under-bust',
    how: 'gather',
    layers: [under, top],
    step,
    notches: [0, 0.25, 0.5, 0.75].map((share) => ({ share })),
  });
  elasticInside(sheet, {
    id: step,
    title: 'Sew bodice, skirt and elastic in one pass',
    onto: bodice.id,
    where: 'over the seam allowance',
    girth: seam,
    ...lower,
    round: 'round the ribs, under the bust',
    with: [join],
    first: 'Turn the skirt inside out and slip the bodice into it upside down: right sides together, raw edges level, quarters on quarters; pin.',
    then: 'Afterwards turn the bodice up: the elastic lies inside, on the allowance.',
  });
}

/** Straps of ribbon, bought by length. */
function ribbons(sheet: Worksheet, bodice: Piece): void {
  const wide = Quantity.constant(RIBBON.wide, 'mm', undefined, 'width of the ribbon');
  const over = sheet.hasMeasure('over-shoulder')
    ? sheet.measure('over-shoulder')
    : Quantity.constant(RIBBON.over * sheet.scale, 'mm', undefined, 'usual over the shoulder');
  const long = sheet.put(
    'ribbon-length',
    'Ribbon for the straps',
    'up',
    over.plus(Quantity.constant(RIBBON.bow, 'mm', undefined, 'for the bow')).times(2),
  );
  const ends = [1, 2, 3, 4].map((n) =>
    caught(sheet, { id: `ribbon-${n}`, wide, onto: bodice.id, step: 'ribbons', why: 'Caught in on the upper elastic.' }),
  );
  sewStep(sheet, {
    id: 'ribbons',
    title: 'Sew on the ribbons',
    sews: ends,
    section: 'strap-end',
    handling: [['seam', 4]],
    how: `Cut the ribbon in four equal parts, ${sheet.show(long)} in all. Sew one end of each inside onto the upper elastic: two in front, a hand’s breadth from the middle, two behind. Turn in the free ends twice and stitch them, so that they do not fray.`,
    why: 'Tied, they fit every shoulder.',
    ...(sheet.wearer === 'adult' ? {} : { caution: 'For a child: no long ties at the neck; sew both ends down instead.' }),
  });
  sheet.shopping.push({
    id: 'ribbon',
    what: `Ribbon for straps, ${sheet.showLength(RIBBON.wide)} wide`,
    amount: sheet.show(long),
    length: long.value,
  });
}

function buyElastics(sheet: Worksheet, upper: ElasticLengths, lower: ElasticLengths): void {
  const cut = upper.cut.plus(lower.cut).named('elastic-cut', 'Elastic, both', 'up');
  sheet.shopping.push({
    id: 'elastic',
    what: `Elastic, ${sheet.showLength(sheet.elastic.width)} wide, for both`,
    amount: sheet.show(cut),
    length: cut.value,
  });
}

/** Whether it goes on, stays and can be sewn. */
function look(
  sheet: Worksheet,
  {
    bodiceFlat,
    skirtFlat,
    seam,
    upper,
    lower,
  }: { bodiceFlat: Quantity; skirtFlat: Quantity; seam: Quantity; upper: ElasticLengths; lower: ElasticLengths },
): void {
  const longer: WayOut = { says: 'Cut the elastics as long as the body', choices: { elasticSchool: 'body' } };
  const stretchier: WayOut = { says: 'An elastic that stretches to twice its length', elastic: { kind: 'knitted', greatestStretch: 2 } };
  const less: WayOut = { says: 'Gather the bodice less', choices: { bodiceFullness: 1.1 } };
  const toPass = Quantity.smaller(shoulderGirth(sheet)!, sheet.girth('hip'));
  const toGoOn = sheet.put('elastic-stretch-needed', 'Stretch needed to go on', 'up', toPass.over(Quantity.smaller(upper.finished, lower.finished)));
  const ratio = sheet.put(
    'elastic-sewn-ratio',
    'Elastic stretched while sewing',
    'up',
    Quantity.larger(bodiceFlat.over(upper.finished), seam.over(lower.finished)),
  );
  const top = dropOf(sheet, 'underarm');
  const [edge, depth, long] = ['edgeToElastic', 'bodiceDepth', 'skirtLength'].map((id) => sheet.number(id).value) as [number, number, number];
  const places = [
    { what: 'the upper elastic', drop: top + edge, opens: Quantity.smaller(clothOpens(sheet, bodiceFlat), elasticOpensTo(sheet, upper.finished)) },
    {
      what: 'the elastic under the bust',
      drop: top + depth,
      opens: Quantity.smaller(clothOpens(sheet, seam), elasticOpensTo(sheet, lower.finished)),
    },
  ];
  sheet.check(
    ...wayIn(sheet, { places, stepIn: true, waysOut: [longer, stretchier] }),
    elasticStretch(sheet, toGoOn, [longer, stretchier]),
    elasticSewn(sheet, ratio, [less, longer, stretchier]),
    elasticComfort(sheet, upper.finished, sheet.girth('bust')),
    elasticKind(sheet, 'sewn-through'),
    stretchDirection(sheet, true),
    needsLining(sheet, false),
  );
  sheet.worn.push(
    { what: 'bodice', levels: [top, top + depth].map((drop) => ({ drop, girth: bodiceFlat.value })) },
    { what: 'skirt', levels: [top + depth, top + depth + long].map((drop) => ({ drop, girth: skirtFlat.value })) },
  );
  sheet.check(fitsBody(sheet, [{ says: 'A fuller skirt', choices: { skirtFullness: 2 } }]));
  sheet.view = {
    hangsFrom: 'shoulder',
    band: 0,
    verticalSeams: 2,
    levels: [
      { drop: top, clothGirth: bodiceFlat.value * 1.3, heldGirth: upper.finished.value * 1.06 },
      { drop: top + edge, clothGirth: bodiceFlat.value, heldGirth: upper.finished.value },
      { drop: top + depth * 0.6, clothGirth: bodiceFlat.value },
      { drop: top + depth, clothGirth: bodiceFlat.value, heldGirth: lower.finished.value },
      { drop: top + depth, clothGirth: skirtFlat.value },
      ...[0.4, 1].map((share) => ({ drop: top + depth + share * long, clothGirth: skirtFlat.value })),
    ],
    parts: [
      { kind: 'rows', how: 'seam', drops: [top + edge] },
      { kind: 'straps', from: top, fromMiddle: 85 * sheet.scale, width: RIBBON.wide, tie: true },
    ],
  };
}
