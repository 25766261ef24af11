import { Quantity } from '../quantity/quantity.ts';
import type { ClothRole } from '../shapes/piece.ts';
import type { Join } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { StepToAdd } from '../sheet/handling.ts';
import type { Step } from '../make/step.ts';
import type { StitchId } from '../make/stitches.ts';

type Stitching = Pick<Step, 'stitch' | 'stitchLength' | 'stitchWidth'>;

/** How a seam that carries the garment is sewn on this cloth: never a plain 301 on an edge that must stretch (handbook 9). */
export function seamStitch(sheet: Worksheet, role: ClothRole = 'main'): Stitching {
  return sheet.cloths.of(role).kind === 'knit'
    ? { stitch: '304', stitchLength: 2.5, stitchWidth: 1 }
    : { stitch: '301', stitchLength: 2.5, stitchWidth: 0 };
}

/** A step at the machine: what it sews, how often it goes along it, and the handling that comes with it. */
export interface Sewing extends Omit<StepToAdd, 'kind' | 'seam' | 'joins'> {
  /** The joins it sews. */
  sews: readonly Join[];
  /** Passes along them; 0 where the stitching is another's. */
  passes?: number;
  /** What is sewn where that is more than the joins themselves, mm. */
  seam?: Quantity;
  role?: ClothRole;
  /** Sewn by hand or not sewn at all: no stitch of the machine. */
  byHand?: boolean;
}

/** Adds a step at the machine; thread and minutes follow from the lengths of its joins. */
export function sewStep(sheet: Worksheet, { sews, passes = 1, seam, role, byHand, ...step }: Sewing): void {
  const sewn = seam ?? times(total(sews), passes);
  sheet.step({
    kind: 'sew',
    ...(byHand ? {} : { seam: sewn, ...seamStitch(sheet, role) }),
    ...footFor(step.stitch ?? seamStitch(sheet, role).stitch),
    ...step,
    joins: sews.filter((join) => join.step === step.id).map(({ id }) => id),
  });
}

/** Length of several joins together, mm. */
export const total = (joins: readonly Join[]): Quantity => Quantity.sum(joins.map(({ length }) => length));

const times = (length: Quantity, passes: number) => (passes === 1 ? length : length.times(passes));

/** A zigzag needs a foot with a wide hole: through a straight-stitch foot the needle breaks (common practice, no source). */
const footFor = (stitch: StitchId | undefined): { foot?: string } =>
  stitch === '304' ? { foot: 'zigzag foot, the one with a wide hole: on a straight-stitch foot the needle breaks' } : {};

const FINISH: Record<string, { stitch?: StitchId; how: string; stitchLength?: number; stitchWidth?: number }> = {
  zigzag: { stitch: '304', stitchLength: 2, stitchWidth: 4, how: 'Zigzag along the raw edge, the right swing of the needle just off the cloth' },
  overlock: { stitch: '504', stitchLength: 2.5, stitchWidth: 5, how: 'Overlock the raw edge without cutting into the allowance' },
  pinking: { how: 'Trim the raw edge with pinking shears' },
};

export interface FinishOptions {
  title: string;
  length: Quantity;
  /** The seams whose edges they are. */
  shows: readonly Join[];
  /** Both layers in one, or each for itself. */
  together: boolean;
  role?: ClothRole;
  /** What is done with the seam once its edges are kept; to be said elsewhere where the cloth does not fray. */
  then?: string;
}

/**
 * Keeps raw edges that stay exposed from fraying: each on its own before the seam is pressed open (`together` false), or both in one
 * after it is pressed to one side. Nothing on cloth that does not fray.
 */
export function finishStep(sheet: Worksheet, id: string, { title, length, shows, together, role = 'main', then }: FinishOptions): void {
  if (!sheet.cloths.of(role).frays) return;
  const { stitch, how, ...settings } = FINISH[sheet.oneOf('finish')]!;
  sheet.step({
    id: `finish-${id}`,
    kind: 'sew',
    title,
    how: `${together ? `Trim the layers of the seam level. ${how}, all layers together.` : `${how}, each one for itself, one layer at a time. Do not pull.`}${then ? ` ${then}` : ''}`,
    why: together ? 'This cloth frays, and the seam is pressed to one side.' : 'This cloth frays, and the seam will be pressed open.',
    handling: [['finish']],
    shows: shows.map((join) => join.id),
    ...settings,
    ...(stitch ? { stitch, seam: length } : {}),
  });
}
