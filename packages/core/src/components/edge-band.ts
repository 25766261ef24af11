import { Unmakeable } from '../errors/unmakeable.ts';
import { longEdges, partSeams } from '../joins/band.ts';
import { addJoin } from '../joins/join.ts';
import { plain } from '../joins/plain.ts';
import { along, copiesOf, part, runLength, splitRun } from '../joins/run.ts';
import { finishStep, sewStep } from '../joins/stitching.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { SectionKind } from '../make/step.ts';
import type { Piece } from '../shapes/piece.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** A band shows at least so much, mm. */
const LEAST_BAND = 15;

/** Throws Unmakeable where strips of the chosen width are all seam. */
export function assertBandWidth(sheet: Worksheet): void {
  const least = 2 * sheet.number('seam').value + LEAST_BAND;
  if (sheet.number('bandWidth').value < least)
    throw new Unmakeable(
      'choices.bandWidth',
      `Strips ${sheet.show(sheet.number('bandWidth'))} wide leave no band beside two seams.`,
      Math.ceil(least),
    );
}

export interface EdgeBandOptions {
  band: Piece;
  /** The edge from end to end. */
  edge: Span[];
  /** What it goes round, in words: "up one front, round the neck and down the other". */
  round: string;
}

/**
 * A doubled band on an open edge, both its raw edges sewn on in one seam; one end closed, the other cut to length:
 *
 *     ╭──────────╮
 *     ╰──────────┤ ─ ─   what is too long is cut off level with the hem
 *     ───────────┘
 */
export function edgeBand(sheet: Worksheet, { band, edge, round }: EdgeBandOptions): Join {
  const step = band.id;
  const parts = copiesOf(band);
  const seams = partSeams(band, step, false);
  if (seams.length > 0)
    plain(sheet, {
      step: `${step}-parts`,
      edges: 'the short ends of the strips',
      title: 'Join the strips to one long band',
      seams,
      press: 'open',
      short: true,
      role: band.cloth,
    });
  const long = runLength(sheet, edge);
  const [lower, upper] = longEdges(band).map((run) => splitRun(sheet, run, Math.min(long.value, runLength(sheet, run).value)));
  const [first] = along(parts.slice(0, 1), 'side-left');
  const end = addJoin(sheet, { id: `${step}-end`, how: 'plain', layers: [[part(first!, 0, 0.5)], [{ ...part(first!, 0.5, 1), back: true }]], step });
  const over = [...lower![1], ...along(parts.slice(-1), 'side-right'), ...upper![1]];
  const rest = addJoin(sheet, { id: `${step}-rest`, how: 'raw', layers: [over], step, why: 'Cut off level with the hem, and turned in.' });
  const join = addJoin(sheet, { id: step, how: 'band', layers: [edge, lower![0], upper![0]], step });
  sewStep(sheet, {
    id: step,
    title: 'Sew on the long band',
    sews: [end, rest, join],
    seam: join.length.times(2),
    role: band.cloth,
    section: 'collar',
    handling: [['seam', 6]],
    how: `Press the band in half lengthwise, right side out. Sew one short end shut, right sides together, and turn it. Begin with that end at one hem and lay the band on the right side, raw edges level, ${round}; pin it from the middle of the back outwards, easing a little round the corners without stretching. Sew ${sheet.showLength(sheet.number('seam').value)} from the edge. Cut the end level with the other hem, a seam longer, and turn it in.${sheet.cloth.frays ? '' : ` ${TOPSTITCHED}`}`,
    why: 'Pinned from the middle of the back, both sides come out alike.',
  });
  finishStep(sheet, step, {
    title: 'Finish the seam of the long band, all layers together',
    length: join.length,
    shows: [join],
    together: true,
    then: TOPSTITCHED,
  });
  return join;
}

/** Last of all: what lies on the allowances could not be trimmed any more. */
const TOPSTITCHED = 'Press the band outwards and stitch close beside the seam, straight, through the allowances.';

export interface RingBandOptions {
  band: Piece;
  /** The edge all round, mm. */
  edge: Span[];
  title: string;
  ringTitle: string;
  how: string;
  /** Pressed outwards and stitched down beside the seam, last of all. */
  topstitched?: true;
  why?: string;
  section: SectionKind;
  handling: ReadonlyArray<readonly [string, number?]>;
}

/**
 * A doubled band closed to a ring on a round edge: cuff or collar:
 *
 *     ╭────╮  fold
 *     │    │
 *     ┴────┴  both raw edges in one seam
 */
export function ringBand(sheet: Worksheet, { band, edge, title, ringTitle, how, topstitched, why, section, handling }: RingBandOptions): Join {
  const step = band.id;
  const bandName = band.name.toLowerCase().replace(/, \d+ parts joined$/, '');
  plain(sheet, {
    step: `${step}-ring`,
    edges: `the short ends of the ${bandName}`,
    title: ringTitle,
    seams: partSeams(band, step, true),
    press: 'open',
    short: true,
    role: band.cloth,
    then: 'Then fold the ring in half lengthwise, right side out, and press.',
  });
  const [lower, upper] = longEdges(band);
  const join = addJoin(sheet, {
    id: step,
    how: 'band',
    layers: [edge, lower, upper],
    step,
    notches: [0, 0.25, 0.5, 0.75].map((share) => ({ share })),
  });
  sewStep(sheet, {
    id: step,
    title,
    sews: [join],
    role: band.cloth,
    section,
    handling,
    how: topstitched && !sheet.cloth.frays ? `${how} ${TOPSTITCHED}` : how,
    ...(why ? { why } : {}),
  });
  finishStep(sheet, `${step}-seam`, {
    title: `Finish the seam of the ${bandName}, all layers together`,
    length: join.length,
    shows: [join],
    together: true,
    ...(topstitched ? { then: TOPSTITCHED } : {}),
  });
  return join;
}

/** How wide a band stands out when it is doubled and sewn on, mm. */
export const bandStands = (sheet: Worksheet): Quantity => sheet.number('bandWidth').over(2).minus(sheet.number('seam'));
