import type { Quantity } from '../quantity/quantity.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { sectionTable } from './gather.ts';
import { addJoin } from './join.ts';
import { finishStep, sewStep } from './stitching.ts';

export interface SewnOnOptions {
  id: string;
  /** Names its step. */
  step?: string;
  edge: Span[];
  under?: Span[];
  /** The edge’s girth when the elastic is sewn on, mm: gathered first where it is longer. */
  girth: Quantity;
  /** The elastic, closed, and as cut; mm. */
  finished: Quantity;
  cut: Quantity;
  /** Sewn to the allowance and turned in, or the band itself. */
  as: 'exposed' | 'turned-in';
}

/**
 * Elastic sewn to an edge while it is stretched:
 *
 *     ==========      at rest
 *     = = = = = =     stretched to lie flat on the cloth: zigzag
 *     ────────────
 */
export function elasticOn(sheet: Worksheet, { id, step = 'elastic-on', edge, under = [], girth, finished, cut, as }: SewnOnOptions): Join {
  const join = addJoin(sheet, {
    id,
    how: 'elastic',
    layers: [edge, ...(under.length > 0 ? [under] : [])],
    step,
    heldTo: girth,
    notches: [0, 0.25, 0.5, 0.75].map((share) => ({ share })),
  });
  const inside = as === 'turned-in';
  const overlap = sheet.oneOf('elasticJoin') === 'overlap';
  const ring = overlap
    ? `overlap its ends by ${sheet.show(sheet.number('elasticOverlap'))} and zigzag them`
    : `sew its ends together ${sheet.showLength(12.7)} in, and open the seam`;
  const names = ['on the skirt', 'on the elastic'] as const;
  sewStep(sheet, {
    id: step,
    title: inside ? 'Sew the elastic in, stretched' : 'Sew on the elastic, stretched',
    sews: [join],
    seam: inside ? girth.times(2) : girth,
    stitch: '304',
    stitchLength: 3,
    stitchWidth: 4,
    section: inside ? 'elastic-in' : 'elastic-on',
    sections: sectionTable(girth, finished, [...names]),
    handling: [['elastic']],
    how: [
      `Cut ${sheet.show(cut)} of elastic. Pin it round the waist and try it first: it should hold without marking. Then ${ring}.`,
      'Quarter the ring and the edge and pin them quarter on quarter.',
      inside
        ? `Lay it on the wrong side, its upper edge ${sheet.show(sheet.figure('casing-room'))} above the fold line. Stretch the ELASTIC ONLY until it lies flat on the cloth, and zigzag along its outer edge. Turn it in on the fold line, and catch it down by zigzagging once more, stretched, from the right side.`
        : 'Lay its lower edge on the raw edge, on the right side. Stretch the ELASTIC ONLY until it lies flat on the cloth, and zigzag.',
    ].join(' '),
    why: inside
      ? 'All layers go in one pass, the elastic on top.'
      : 'The elastic is the band: stretched while it is sewn, it draws the gathers in afterwards.',
    caution: 'Most elastic holds rubber: mind a latex allergy.',
  });
  if (!inside) finishStep(sheet, id, { title: 'Finish the waist edge', length: girth, shows: [join], together: true });
  return join;
}

/** Elastic drawn through a channel and pinned, to be tried on before it is closed. */
export function threadElastic(
  sheet: Worksheet,
  { prefix = 'elastic', cut, shows }: { prefix?: string; cut: Quantity; shows: readonly Join[] },
): void {
  sheet.step({
    id: prefix,
    kind: 'sew',
    title: 'Thread the elastic',
    handling: [['casing', 1 / 3]],
    section: channelOf(shows),
    shows: shows.map(({ id }) => id),
    how: `Cut ${sheet.show(cut)} of elastic. Pin one end to the cloth beside the gap so that it cannot slip in. Put a safety pin through the other end and work it through the channel, keeping the elastic flat. Pin the two ends together, one over the other.`,
    why: 'Pinned, it can still be made tighter or looser.',
    caution: 'Most elastic holds rubber: mind a latex allergy.',
  });
}

/** The ends joined and the gap closed, or left open where it stays. */
export function closeElastic(
  sheet: Worksheet,
  { prefix = 'elastic', shows, stays = false }: { prefix?: string; shows: readonly Join[]; stays?: boolean },
): void {
  const braided = sheet.elastic.kind === 'braided';
  const overlap = sheet.oneOf('elasticJoin') === 'overlap';
  sheet.step({
    id: stays ? 'leave-open' : `${prefix}-close`,
    kind: 'sew',
    title: stays ? 'Join the elastic; leave the gap open' : 'Join the elastic and close the gap',
    handling: [['casing', 1 / 6]],
    section: channelOf(shows),
    shows: shows.map(({ id }) => id),
    how: [
      overlap
        ? `Overlap the ends by ${sheet.show(sheet.number('elasticOverlap'))} and zigzag them in a square.`
        : `Sew the ends together ${sheet.showLength(12.7)} in, open them and stitch them flat.`,
      ...(braided ? ['Braided elastic narrows where it is sewn: sew the ends by hand instead, over and over.'] : []),
      stays
        ? 'Let it slip into the channel and spread the fullness. The gap on the inside stays open: next season the elastic is pulled out there and a longer one put in.'
        : 'Let it slip into the channel, stitch the gap shut, and spread the fullness evenly.',
    ].join(' '),
  });
}

/** The elastic on the shopping list. */
export function buyElastic(sheet: Worksheet, cut: Quantity, { prefix = 'elastic', pieces = 1 }: { prefix?: string; pieces?: number } = {}): void {
  const wide = sheet.showLength(sheet.elastic.width);
  sheet.shopping.push({
    id: prefix,
    what: `Elastic, ${wide} wide${pieces > 1 ? `, ${pieces} of` : ''}`,
    amount: sheet.show(cut),
    length: pieces * cut.value,
  });
}

/** The channel the elastic lies in: a band sewn on, or the edge itself turned over. */
const channelOf = (shows: readonly Join[]) => (shows.some(({ how }) => how === 'band') ? 'tube-band' : 'casing-threaded');
