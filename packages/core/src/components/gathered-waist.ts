import { elasticComfort, elasticSewn, elasticStretch } from '../checks/elastic-checks.ts';
import { passesOver } from '../checks/passes-over.ts';
import { casingTurn, elasticLengths, elasticOpensTo } from '../joins/elastic-lengths.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { finishStep, seamStep, threadElasticStep } from '../make/common-steps.ts';
import { gatherStep, sectionTable } from '../joins/gather.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import { Quantity } from '../quantity/quantity.ts';
import { tubeBand } from './band.ts';
import { zippedBand, zipStep } from './zip.ts';

/** No band is shorter, not even on a practice sample, mm. */
const LEAST_WAIST = 50;

export type WaistKind = 'self-casing' | 'tube-band' | 'exposed-elastic' | 'fitted-band';

/** What a gathered edge needs at the waist before its panels can be cut. */
export interface GatheredWaist {
  kind: WaistKind;
  /** The girth it is worn at: the waist, with its ease on a fitted band; mm. */
  worn: Quantity;
  /** The least flat length that passes, and that is worn over the hips whatever opens at the top, mm (handbook 13a). */
  mustPass: Quantity;
  /** Allowance above the finished top edge, mm. */
  top: Quantity;
}

/** Decides the top of a gathered skirt: what it is worn at, what must pass, what is turned over. */
export function gatheredWaist(sheet: Worksheet): GatheredWaist {
  const kind = sheet.oneOf('waist') as WaistKind;
  const waist = sheet.measure('waist-girth');
  const seam = sheet.number('seam');
  const mustPass = sheet.measure('hip-girth').plus(sheet.number('hipClearance')).named('hip-with-room', 'Hip with room to pass', 'up');
  if (kind === 'fitted-band') return { kind, worn: fittedWaist(sheet), mustPass, top: seam };
  return { kind, worn: waist, mustPass, top: kind === 'self-casing' ? casingTurn(sheet) : seam };
}

/** The waist with its ease, mm. Throws Unmakeable where the ease leaves nothing of it. */
function fittedWaist(sheet: Worksheet): Quantity {
  const waist = sheet.measure('waist-girth');
  const worn = waist.plus(sheet.number('waistEase')).named('band-girth', 'Waist with its ease', 'nearest');
  if (worn.value < LEAST_WAIST)
    throw new Unmakeable(
      'choices.waistEase',
      `The ease leaves ${sheet.showLength(Math.max(0, worn.value))} of the waist.`,
      Math.ceil(LEAST_WAIST - waist.value),
    );
  return worn;
}

/** Bands, elastic and the checks that go with them. `flat` is the flat length of the top edge, mm. Returns what it is held to when worn. */
export function closeGatheredWaist(sheet: Worksheet, { kind, worn, mustPass }: GatheredWaist, flat: Quantity): Quantity {
  const hip = sheet.measure('hip-girth');
  const over = { id: 'passes-over-hip' as const, what: 'the hips', girth: hip };
  if (kind === 'fitted-band') {
    zippedBand(sheet, worn, { waysOut: [{ says: 'Elastic instead', choices: { waist: 'self-casing' } }] });
    return worn;
  }
  if (kind === 'tube-band') tubeBand(sheet, mustPass);
  const { finished, cut } = elasticLengths(sheet, worn);
  const needed = sheet.put('elastic-stretch-needed', 'Stretch needed to go on', 'up', hip.over(finished));
  const stretch = Quantity.leaf('stretch-across', 'Stretch across the cloth', sheet.cloth.stretchAcross, 'ratio', 'cloth');
  const clothOpens = (kind === 'self-casing' ? flat : mustPass).times(Quantity.constant(1, 'ratio').plus(stretch));
  const opening = Quantity.smaller(clothOpens, elasticOpensTo(sheet, finished)).named('opening', 'Opens to', 'down');
  const longer = { says: 'Cut the elastic as long as the body', choices: { elasticSchool: 'body' } };
  const zipOut = { says: 'A fitted band with a zip', choices: { waist: 'fitted-band' } };
  sheet.check(
    passesOver(sheet, {
      ...over,
      opening,
      by: 'the waist',
      waysOut: [longer, zipOut, { says: 'More room over the hips', choices: { hipClearance: 50 } }],
    }),
  );
  sheet.check(elasticStretch(sheet, needed, [longer, zipOut]));
  sheet.check(elasticComfort(sheet, finished, worn));
  if (kind === 'exposed-elastic') {
    const ratio = sheet.put('elastic-sewn-ratio', 'Elastic stretched while sewing', 'up', mustPass.over(finished));
    sheet.check(elasticSewn(sheet, ratio, [longer, { says: 'A casing instead', choices: { waist: 'self-casing' } }]));
  }
  sheet.put('finished-girth', 'Finished waist', 'nearest', finished);
  sheet.shopping.push({ id: 'elastic', what: `Elastic, ${sheet.showLength(sheet.elastic.width)} wide`, amount: sheet.show(cut), length: cut.value });
  return finished;
}

/** Height of a band above the skirt itself, for the front view; mm. */
export function bandHeight(sheet: Worksheet, { kind }: GatheredWaist): number {
  if (kind === 'fitted-band') return sheet.number('bandWidth').value;
  if (kind === 'self-casing') return 0;
  return sheet.elastic.width + (kind === 'tube-band' ? 5 : 0);
}

/** The waist in the order of work. `flat`: flat top edge, mm; `fullness`: what is gathered onto what is sewn. */
export function waistSteps(sheet: Worksheet, { kind, worn, mustPass }: GatheredWaist, flat: Quantity): void {
  if (kind === 'self-casing') {
    seamStep(
      sheet,
      {
        id: 'casing',
        title: 'Fold and sew the casing',
        how: `Turn under 1 cm, then ${sheet.showLength(sheet.elastic.width + 5)}; press; stitch close to the fold, leaving 3 cm open at a seam on the inside.`,
        setUp: 12,
      },
      flat,
    );
    return threadElasticStep(sheet, sheet.quantity('elastic-cut'));
  }
  const onto = kind === 'fitted-band' ? worn : mustPass;
  const finished = kind === 'fitted-band' ? worn : sheet.quantity('elastic-finished');
  if (flat.value > onto.value + 1) {
    gatherStep(sheet, 'gather', `Gather the top edge to ${sheet.show(onto)}`, flat, {
      ratio: flat.value / onto.value,
      sections: sectionTable(flat, onto, ['on the skirt', 'on the band']),
    });
  }
  if (kind === 'exposed-elastic') {
    seamStep(
      sheet,
      {
        id: 'elastic-on',
        title: 'Sew on the elastic, stretched',
        stitch: '304',
        stitchLength: 3,
        stitchWidth: 4,
        setUp: 20,
        how: `Close the elastic to a ring (cut ${sheet.show(sheet.quantity('elastic-cut'))}). Quarter it and the edge, match, stretch the ELASTIC ONLY until it lies flat on the cloth, zigzag.`,
        why: 'The elastic is the band: stretched while it is sewn, it draws the gathers in afterwards.',
        sections: sectionTable(onto, finished, ['on the skirt', 'on the elastic']),
      },
      onto,
    );
    return finishStep(sheet, 'finish-waist', 'Finish the waist edge', onto);
  }
  if (kind === 'fitted-band') zipStep(sheet);
  seamStep(
    sheet,
    {
      id: 'band',
      title: kind === 'tube-band' ? 'Sew on the tube band' : 'Sew on the band',
      how:
        'Gathered layer on top, needle just left of the gathering thread, centres matched. Fold the band over and stitch it down' +
        (kind === 'tube-band' ? ', leaving 3 cm open on the inside.' : '.'),
      setUp: 20,
    },
    onto.times(2),
  );
  finishStep(sheet, 'finish-waist', 'Finish the waist seam', onto);
  if (kind === 'tube-band') threadElasticStep(sheet, sheet.quantity('elastic-cut'));
}
