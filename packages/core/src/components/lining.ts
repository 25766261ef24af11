import { Unmakeable } from '../errors/unmakeable.ts';
import { hem } from '../joins/hem.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, type Placed } from '../joins/run.ts';
import { liningToZip } from '../joins/zip.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/** Length of the lining, mm: that of the outside less 50. Throws Unmakeable where nothing is left. */
export function liningLength(sheet: Worksheet, length: Quantity): Quantity {
  const lining = sheet.put('lining-length', 'Lining, finished length', 'down', length.minus(sheet.figure('lining-shorter')));
  if (lining.value <= 0)
    throw new Unmakeable(sheet.hasChoice('lining') ? 'choices.lining' : 'choices.underlay', 'The garment is too short to carry a lining.', 'false');
  return lining;
}

export interface LiningOptions {
  prefix?: string;
  name?: string;
  /** Its pieces round the body, in the order of those outside; none where it is one ring of cloth. */
  ring: readonly Placed[];
  /** The names of its edges at the waist and at the hem. */
  top: string;
  hem: string;
  /** Opening for the zip, mm, and in which seam. */
  open?: number;
  at?: number;
  curved: boolean;
  /** Whole rings have no seams. */
  whole?: boolean;
}

/** A lining or underlay sewn like the outside, its opening, its hem; the top edge goes into the waist with the rest. */
export interface Lining {
  top: Span[];
  /** Basted into the waist, wrong sides together. */
  hangIn(): void;
  /** Its opening caught to the zip; after the trying on. */
  close(): void;
  /** Hemmed once it has hung. */
  hem(): void;
}

/** The seams of a lining; the rest of it is sewn in its turn. */
export function addLining(sheet: Worksheet, options: LiningOptions): Lining {
  const { prefix = 'lining', name = 'lining', ring, top, hem: bottom, open = 0, at, curved, whole = false } = options;
  const seams = ringSeams(sheet, { id: `${prefix}-seam`, ring, open, ...(at === undefined ? {} : { at }) });
  if (!whole)
    plain(sheet, {
      step: prefix,
      title: `Sew the ${name}`,
      edges: `the side edges of the ${name}`,
      seams: seams.seams,
      press: sheet.cloths.of('lining').kind === 'knit' ? 'to one side' : 'open',
      role: 'lining',
      ...(open > 0
        ? {
            how: `Leave ${sheet.showLength(open)} open at the top of the seam that will lie behind the zip, and as much as the waist allowance above it.`,
          }
        : {}),
    });
  return {
    top: along(ring, top, true),
    hangIn: () =>
      sheet.step({
        id: `${prefix}-in`,
        kind: 'sew',
        title: `Put the ${name} in`,
        handling: [['lining']],
        shows: whole ? [] : seams.seams.map(({ id }) => id),
        how: `Slip it into the skirt, wrong sides together, so that its seams lie against those of the skirt. Match seams, middles and quarters at the waist, and baste the two together just outside the seam line.`,
      }),
    close: () => {
      if (seams.opening.length > 0) liningToZip(sheet, { opening: seams.opening, prefix });
    },
    hem: () => {
      hem(sheet, {
        id: `${prefix}-hem`,
        title: `Hem the ${name}`,
        edge: along(ring, bottom),
        curved,
        allowance: sheet.number('hem'),
        role: 'lining',
        inner: true,
        before: `Hang the skirt up. The finished ${name} ends above the finished hem of the skirt, about ${sheet.show(sheet.figure('lining-shorter'))} where it was cut so; trim its edge to hang level, with ${sheet.show(sheet.number('hem').named('lining-hem', 'Hem', 'nearest'))} for its hem.`,
      });
    },
  };
}
