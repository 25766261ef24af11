import type { Quantity } from '../quantity/quantity.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';
import { plain, type PlainSeam } from './plain.ts';
import { along, copiesOf, part, runLength, splitRun } from './run.ts';
import { finishStep, sewStep } from './stitching.ts';

const QUARTERS = [{ share: 0 }, { share: 0.25, double: true as const }, { share: 0.5 }, { share: 0.75, double: true as const }];

export interface BandOptions {
  prefix: string;
  band: Piece;
  /** The edge it is sewn to, from where the band begins. */
  edge: Span[];
  /** A lining’s edge that goes into the same seam. */
  under?: Span[];
  /** The band is a knit, whatever the rest is of. */
  stretchy?: boolean;
  /** What both are gathered to, mm; none where nothing is gathered. */
  heldTo?: Quantity;
}

export interface FittedBandOptions extends BandOptions {
  /** How far it laps over its beginning, mm. */
  overlap: Quantity;
  fastening: string;
}

/** Both long edges of a strip in one direction, all its parts after each other. */
export function longEdges(band: Piece): [lower: Span[], upper: Span[]] {
  const parts = copiesOf(band);
  return [along(parts, 'bottom'), along(parts, 'top', true)];
}

/** The joins between the parts of a strip; round to the first again where it is a ring. */
export function partSeams(band: Piece, prefix: string, ring: boolean): PlainSeam[] {
  const parts = copiesOf(band);
  return parts.slice(0, ring ? undefined : -1).map((placed, i) => ({
    id: `${prefix}-part-${i + 1}`,
    layers: [along([placed], 'side-right', true), along([parts[(i + 1) % parts.length]!], 'side-left')],
  }));
}

/**
 * An edge between the two long edges of a band folded lengthwise, which laps over at one end:
 *
 *     ╭────╮
 *     │    │  band
 *     ┴─┬──┴  three layers and more
 *       │     the garment
 *
 * Getting it ready is a step of its own, before it is basted on to try on.
 */
export function prepareFittedBand(
  sheet: Worksheet,
  { prefix, band, overlap, worn }: Pick<FittedBandOptions, 'prefix' | 'band' | 'overlap'> & { worn: Quantity },
): void {
  const seams = partSeams(band, prefix, false);
  if (seams.length > 0)
    plain(sheet, {
      step: `${prefix}-parts`,
      edges: 'the short ends of the band',
      title: 'Join the parts of the band',
      seams,
      press: 'open',
      short: true,
    });
  const [lap, seam] = [sheet.show(overlap), sheet.showLength(sheet.number('seam').value)];
  const quarter = sheet.showLength(worn.value / 4);
  sheet.step({
    id: `${prefix}-ready`,
    kind: 'prepare',
    title: 'Get the band ready and baste it on',
    handling: [['band', 0.5]],
    section: 'band',
    shows: [prefix],
    how: `Fuse the interfacing to the wrong side of the outer half of the band, with a dry iron and a cloth over it. Press the band in half lengthwise, right side out. Open it and press ${seam} of the inner long edge to the wrong side. At the outer long edge snip: ${seam} from one end for the seam, ${lap} further for the overlap, then quarters of ${quarter}. Snip the garment’s waist in quarters too, beginning at the opening. Pin the band on, right sides together, snips on snips, and baste it with long stitches.`,
    why: 'Basted, it can be tried on and mended; a quartered edge cannot creep.',
  });
}

/** The band sewn on for good, its ends closed, its inner edge caught down. */
export function fittedBand(sheet: Worksheet, { prefix, band, edge, under = [], overlap, heldTo, fastening }: FittedBandOptions): Join {
  const [lower, upper] = longEdges(band);
  const [lowerLap, lowerRest] = splitRun(sheet, lower, overlap.value);
  const [upperLap, upperRest] = splitRun(sheet, upper, overlap.value);
  const parts = copiesOf(band);
  const ends = { first: along(parts.slice(0, 1), 'side-left')[0]!, last: along(parts.slice(-1), 'side-right')[0]! };
  const step = prefix;
  const short = (id: string, layers: Span[][]) => addJoin(sheet, { id, how: 'plain', layers, step });
  const lap = short(`${prefix}-overlap`, [lowerLap, upperLap]);
  const [one, other] = (['first', 'last'] as const).map((end) => {
    const span = ends[end];
    return short(`${prefix}-end-${end}`, [[{ ...part(span, 0, 0.5) }], [{ ...part(span, 0.5, 1), back: true }]]);
  });
  const join = addJoin(sheet, {
    id: prefix,
    how: 'band',
    layers: [edge, lowerRest, upperRest, ...(under.length > 0 ? [under] : [])],
    step,
    notches: QUARTERS,
    ...(heldTo ? { heldTo } : {}),
  });
  const gathers = join.ratio !== undefined && join.ratio > 1.02;
  sewStep(sheet, {
    id: step,
    title: 'Sew on the band',
    sews: [lap, one!, other!, join],
    seam: join.length.times(2).plus(lap.length).plus(one!.length.times(2)),
    section: 'band',
    handling: [['band', 0.5]],
    how: [
      `Sew along the basting, ${sheet.showLength(sheet.number('seam').value)} from the edge${gathers ? ', gathered layer on top, just inside the inner gathering row' : ''}. Trim the layers to unlike widths and press them up into the band; they are enclosed there and need no finishing.`,
      'Fold each end of the band right sides together along its middle; sew the short end, and the overlap along its lower edge. Clip the corners, turn right side out, poke the corners square.',
      'Lay the pressed inner edge just over the stitching inside and pin it. From the right side stitch in the groove of the seam, or sew it down by hand.',
    ].join(' '),
    why: 'The band carries the whole skirt: try it on basted first, then sew.',
  });
  sheet.step({
    id: `${prefix}-fasten`,
    kind: 'sew',
    title: `Sew on the ${fastening}`,
    handling: [['facing', 0.5]],
    section: 'band',
    how: 'Close the zip and lay the overlap flat under or over the other end. Mark where the two meet. Sew the hook to the end on top and the bar (or the button and a buttonhole) below it, through the inner layers only, with doubled thread.',
  });
  sheet.shopping.push({ id: 'fastening', what: 'Hook and bar, or a button', amount: '1' });
  return join;
}

export interface TubeBandOptions extends BandOptions {
  /** Gap left on the inside for the elastic, mm; none where the band is cloth that stretches. */
  gap?: number;
  /** It is never closed, so that the elastic can be changed. */
  gapStays?: boolean;
}

/**
 * A band closed to a ring, folded, both its edges sewn to the garment in one seam:
 *
 *     ╭──╮
 *     │==│  elastic
 *     ┴─┬┴
 *       │
 */
export function tubeBand(
  sheet: Worksheet,
  { prefix, band, edge, under = [], heldTo, gap, gapStays = false, stretchy = false }: TubeBandOptions,
): Join {
  const [lower, upper] = longEdges(band);
  const left = gap ? { length: gap, stays: gapStays } : undefined;
  const seams = partSeams(band, prefix, true).map((seam, i) => (i === 0 && left ? { ...seam, gap: left } : seam));
  const half = sheet.showLength(runLength(sheet, seams[0]!.layers[0]!).value / 2);
  plain(sheet, {
    step: `${prefix}-ring`,
    edges: 'the short ends of the band',
    title: 'Close the band to a ring',
    seams,
    press: 'open',
    short: true,
    ...(gap
      ? {
          first: 'Crease the band in half lengthwise and open it again.',
          how: `${seams.length > 1 ? 'One of the seams' : 'This seam'} is sewn only from one long edge to just past the crease: the other half (${half}) stays open${gapStays ? ', for good: overcast both edges of the gap' : ''}. It will lie inside.`,
          why: gapStays ? 'Through this gap the elastic can be changed as the child grows.' : 'The elastic goes in through this gap.',
        }
      : {}),
  });
  const join = addJoin(sheet, {
    id: prefix,
    how: 'band',
    layers: [edge, lower, upper, ...(under.length > 0 ? [under] : [])],
    step: prefix,
    notches: QUARTERS,
    ...(heldTo ? { heldTo } : {}),
  });
  sewStep(sheet, {
    id: prefix,
    title: gap ? 'Sew on the tube band' : 'Sew on the band',
    sews: [join],
    ...(stretchy ? { stitch: '304' as const, stitchLength: 2.5, stitchWidth: 2 } : {}),
    section: 'tube-band',
    handling: [['tube-band']],
    how: `Fold the ring in half lengthwise, right side out, ${gap ? 'the open half of its seam to one side, ' : ''}and press. Quarter the band and the waist edge and mark the quarters. Slip the band over the right side of the waist, raw edges level, quarters on quarters${gap ? ', the half with the gap on top, away from the skirt: turned up, it lies inside' : ''}; pin. Sew all layers ${sheet.showLength(sheet.number('seam').value)} from the edge${join.ratio && join.ratio > 1.02 ? ', the gathered layer on top' : ''}. Turn the band up; press the seam down into the skirt.`,
  });
  finishStep(sheet, `${prefix}-seam`, { title: 'Finish the waist seam', length: join.length, shows: [join], together: true });
  return join;
}
