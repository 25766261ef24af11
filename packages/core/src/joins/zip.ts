import type { Quantity } from '../quantity/quantity.ts';
import { INCH } from '../units/units.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';
import { sewStep } from './stitching.ts';

/** The teeth start this much below the waist seam line, mm (handbook 13a, common practice). */
const BELOW_WAIST = 8;
/** Stitched this far from the middle, mm (handbook 13a, common practice). */
const BESIDE = 6;

export interface ZipOptions {
  /** Both edges of the opening, from the top down; none where it is a slit inside a piece. */
  opening: Span[][];
  /** The piece that is slit. */
  onto?: string;
  /** Length of the zip, mm. */
  long: Quantity;
  /** Where it sits, in words: "centre back". */
  where: string;
}

/**
 * A zip behind the two folded edges of an opening:
 *
 *     ═════╗╔═════   cloth, folded
 *       ┆  ╫╫  ┆     teeth under the closed fold, stitched from the bottom up on each side
 */
export function zip(sheet: Worksheet, { opening, onto, long, where }: ZipOptions): Join {
  const join = addJoin(sheet, { id: 'zip', how: 'zip', layers: opening, ...(onto ? { onto } : {}), long, step: 'zip' });
  const slit = opening.length === 0;
  const [length, teeth, beside] = [sheet.show(long), sheet.showLength(BELOW_WAIST), sheet.showLength(BESIDE)];
  sewStep(sheet, {
    id: 'zip',
    title: `Put in the zip, ${where}`,
    sews: [join],
    seam: long.times(4),
    stitch: '301',
    stitchLength: 2.5,
    stitchWidth: 0,
    foot: 'zip foot; without one the ordinary foot, the needle moved as far to the side as it goes',
    section: 'zip',
    handling: [['zip']],
    how: [
      slit
        ? 'Bring the two faced edges of the slit together so that they just touch and baste them together by hand.'
        : `Baste the ${length} that were left open, on the seam line, with the longest stitch. Press this stretch open like the rest of the seam.`,
      `Lay the closed zip face down on the wrong side, teeth on the basted line, beginning ${teeth} below the waist seam line; pin the tape.`,
      `From the right side stitch ${beside} from the middle, from the bottom up on one side; then again from the bottom up on the other. Sew a few stitches across the bottom, below the stop.`,
      'Unpick the basting. Open and close it once.',
    ].join(' '),
    why: 'Basted shut, both edges stay level while the zip goes in; from the bottom up on both sides, nothing creeps.',
    caution: 'Turn the handwheel by hand past the zip’s stop: a needle that hits it breaks and flies.',
  });
  sheet.shopping.push({ id: 'zip', what: 'Zip', amount: zipSold(sheet, long.value), length: long.value });
  return join;
}

/** Zips come in whole centimetres or inches: the next longer one. */
function zipSold({ units }: Worksheet, mm: number): string {
  const unit = units === 'cm' ? 10 : INCH;
  return `${Math.ceil(mm / unit - 1e-6)} ${units}`;
}

export interface LiningZipOptions {
  opening: Span[][];
  prefix: string;
}

/** The lining’s edges of the opening, folded back and caught to the zip tape by hand. */
export function liningToZip(sheet: Worksheet, { opening, prefix }: LiningZipOptions): Join {
  const join = addJoin(sheet, { id: `${prefix}-zip`, how: 'zip', layers: opening, step: `${prefix}-zip` });
  sewStep(sheet, {
    id: `${prefix}-zip`,
    title: 'Catch the lining to the zip by hand',
    sews: [join],
    byHand: true,
    handling: [['facing']],
    how: `Fold the two loose edges of the lining back by ${sheet.showLength(sheet.number('seam').value)}, clear of the teeth, and sew them to the zip tape by hand with small stitches that do not show outside.`,
    why: 'Then the lining cannot get into the teeth.',
  });
  return join;
}
