import { elasticKind } from '../checks/elastic-checks.ts';
import type { WayOut } from '../checks/check.ts';
import { passesOver } from '../checks/passes-over.ts';
import { tubeBand } from '../joins/band.ts';
import { buyElastic } from '../joins/elastic.ts';
import { elasticWidth } from '../joins/elastic-lengths.ts';
import { addJoin } from '../joins/join.ts';
import { sewStep } from '../joins/stitching.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { INCH } from '../units/units.ts';
import { bandPiece } from './band-piece.ts';
import type { GoreNumbers } from './gore-numbers.ts';
import type { Lining } from './lining.ts';
import { tryOn } from './try-on.ts';

/** A side elastic shorter than this share of what it draws in bunches up and digs in (common practice, no source). */
const DRAWS_IN = 0.5;

/** A band with an elastic at each side, which draws the wide side gores in and opens over the hips. */
export function addSideElasticWaist(
  sheet: Worksheet,
  { gores, goreWaist, sides, clothWaist }: GoreNumbers,
  { edge, lining, tryOnSays }: { edge: Span[]; lining?: Lining; tryOnSays: string },
): void {
  const band = bandPiece(sheet, { length: clothWaist, height: elasticWidth(sheet).plus(sheet.figure('casing-room')) });
  const elastic = sheet.number('sideElastic');
  const cut = sheet.put(
    'elastic-cut',
    'Elastic for each side, to cut',
    'up',
    elastic.plus(Quantity.constant(INCH, 'mm', undefined, 'both ends into a seam')),
  );
  const besides = sides[0].hip.plus(sides[1].hip);
  const plain = gores.minus(4).times(goreWaist);
  const stretch = sheet.greatestStretch();
  const opening = Quantity.smaller(clothWaist.times(sheet.cloths.gives()), plain.plus(elastic.times(2).times(stretch))).named(
    'opening',
    'Opens to',
    'down',
  );
  const hip = sheet.girth('hip');
  // so long that, stretched, both together reach round the hips with a little to spare
  const longEnough = Math.ceil((hip.value * 1.04 - plain.value) / (2 * sheet.elastic.greatestStretch));
  const allRound = Math.ceil((hip.value * 1.04) / (2 * sheet.elastic.greatestStretch));
  const waysOut: WayOut[] = [
    { says: 'Put in a zip', choices: { waist: 'zip' } },
    { says: 'Four gores: all of them lie beside a side seam', choices: { gores: 4 } },
    {
      says: `Four gores, all beside a side seam, and ${sheet.showLength(allRound, 'up')} of elastic a side`,
      choices: { gores: 4, sideElastic: Math.ceil(allRound / sheet.scale) },
    },
    { says: `Longer elastic: ${sheet.showLength(longEnough, 'up')} a side`, choices: { sideElastic: Math.ceil(longEnough / sheet.scale) } },
    { says: 'An elastic that stretches to twice its length', elastic: { kind: 'knitted', greatestStretch: 2 } },
  ];
  sheet.check(passesOver(sheet, { id: 'passes-over-hip', what: 'the hips', girth: hip, opening, by: 'the waist', waysOut }));
  sheet.check(drawsIn(sheet, elastic, besides), elasticKind(sheet, 'sewn-through'));
  buyElastic(sheet, cut, { pieces: 2 });
  lining?.hangIn();
  tryOn(sheet, tryOnSays);
  tubeBand(sheet, { prefix: 'band', band, edge, ...(lining ? { under: lining.top } : {}), gap: sheet.figure('gap').value });
  const ends = ['left-front', 'left-back', 'right-front', 'right-back'].map((end) =>
    addJoin(sheet, { id: `elastic-${end}`, how: 'topstitch', layers: [], onto: band.id, long: elasticWidth(sheet), step: 'elastic' }),
  );
  const inch = sheet.showLength(INCH / 2);
  sewStep(sheet, {
    id: 'elastic',
    title: 'Put an elastic into each side of the band',
    sews: ends,
    passes: 3,
    section: 'tube-band',
    handling: [['casing', 0.8]],
    how: `Cut two elastics of ${sheet.show(cut)}. Mark the band where the wide gores beside the side seams begin and end. Through the gap draw the first elastic into the band as far as one side; at the front mark let its end reach ${inch} beyond, and stitch up and down across the band through it. Pull the other end until ${sheet.show(elastic)} lie between the marks, pin, and stitch across at the back mark, again ${inch} from its end. Do the same on the other side, then close the gap. Stretch both sides once as far as the hips need.`,
    why: 'Between the marks the elastic draws the wide gores in; the rest of the band stays flat.',
    caution: 'Most elastic holds rubber: mind a latex allergy.',
  });
}

/** Whether what each elastic draws in is comfortable: it must hold the cloth at its side, and not bunch it. */
function drawsIn(sheet: Worksheet, elastic: Quantity, cloth: Quantity) {
  const share = elastic.value / cloth.value;
  const numbers = { elastic: elastic.value, cloth: cloth.value, share };
  const [has, of] = [sheet.show(elastic), sheet.show(cloth)];
  const usual = Math.ceil((cloth.value * 0.75) / sheet.scale);
  const better: WayOut[] = [{ says: `Take ${sheet.showLength(usual * sheet.scale)} a side`, choices: { sideElastic: usual } }];
  if (share >= 1)
    return {
      id: 'elastic-comfort',
      verdict: 'caution' as const,
      numbers,
      waysOut: better,
      says: `At each side ${has} of elastic lie in ${of} of cloth: it draws nothing in, and the waist stays as wide as the hips.`,
    };
  if (share < DRAWS_IN)
    return {
      id: 'elastic-comfort',
      verdict: 'caution' as const,
      numbers,
      waysOut: better,
      says: `At each side ${has} of elastic draw in ${of} of cloth: more than half is bunched up, and it digs in.`,
    };
  return { id: 'elastic-comfort', verdict: 'ok' as const, numbers, says: `At each side ${has} of elastic draw in ${of} of cloth: comfortable.` };
}
