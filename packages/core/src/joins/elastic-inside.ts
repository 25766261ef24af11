import type { Quantity } from '../quantity/quantity.ts';
import type { Join } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { sectionTable } from './gather.ts';
import { addJoin } from './join.ts';
import { sewStep } from './stitching.ts';

export interface ElasticInsideOptions {
  /** Names join and step. */
  id: string;
  title: string;
  /** The piece it runs across, and where on it, in words. */
  onto: string;
  where: string;
  /** Girth of the cloth there when the elastic is sewn on, mm: gathered first where the cloth is longer. */
  girth: Quantity;
  finished: Quantity;
  cut: Quantity;
  /** Where it is tried, in words: "under the bust". */
  round: string;
  /** Seams that are sewn in the same pass. */
  with?: readonly Join[];
  /** How the layers lie before the elastic goes on. */
  first?: string;
  /** What else there is to say, once it is sewn. */
  then?: string;
}

/**
 * Elastic sewn across the inside of a piece while it is stretched, along a chalked line or a seam:
 *
 *     ────────────
 *     = = = = = =   stretched to lie flat on the wrong side: zigzag
 *     ────────────
 */
export function elasticInside(sheet: Worksheet, options: ElasticInsideOptions): Join {
  const { id, title, onto, where, girth, finished, cut, round, first, then, with: also = [] } = options;
  const join = addJoin(sheet, { id, how: 'elastic', layers: [], onto, long: girth, step: id });
  const ends =
    sheet.oneOf('elasticJoin') === 'overlap'
      ? `overlap its ends by ${sheet.show(sheet.number('elasticOverlap'))} and zigzag them to a ring`
      : `sew its ends together ${sheet.showLength(12.7)} in, and open the seam`;
  sewStep(sheet, {
    id,
    title,
    sews: [join, ...also],
    seam: girth,
    stitch: '304',
    stitchLength: 3,
    stitchWidth: 4,
    section: also.length > 0 ? 'elastic-over-seam' : 'elastic-inside',
    sections: sectionTable(girth, finished, ['on the cloth', 'on the elastic']),
    handling: [['elastic']],
    how: [
      `Cut ${sheet.show(cut)} of elastic. Pin it ${round} and try it: it should hold without marking. Then ${ends}.`,
      ...(first ? [first] : []),
      `Quarter the ring and the garment and pin them quarter on quarter, on the wrong side, ${where}. Stretch the ELASTIC ONLY until it lies flat on the cloth, and zigzag.`,
      ...(then ? [then] : []),
    ].join(' '),
    why: also.length > 0 ? 'All layers go in one pass, the elastic on top.' : 'Stretched while it is sewn, it draws the cloth in afterwards.',
    caution: 'Most elastic holds rubber: mind a latex allergy.',
  });
  return join;
}
