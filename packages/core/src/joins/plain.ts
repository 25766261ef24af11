import type { Quantity } from '../quantity/quantity.ts';
import type { ClothRole } from '../shapes/piece.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';
import { finishStep, sewStep, total } from './stitching.ts';

/** One seam of a step: two layers, right sides together. */
export interface PlainSeam {
  id: string;
  layers: Span[][];
  /** Two snips instead of one: behind. */
  behind?: boolean;
  gap?: Join['gap'];
}

export interface PlainOptions {
  step: string;
  title: string;
  /** The edges in words, for finishing them: "the side edges". */
  edges: string;
  /** What comes before the edges are laid together. */
  first?: string;
  /** What is special here, to be known before one sews; how a plain seam is sewn is said already. */
  how?: string;
  /** What is done before it is pressed: clipping, turning. */
  after?: string;
  /** Instead of all that, where the edges are joined flat, by zigzag: no cloth is left for an allowance. */
  flat?: string;
  /** What is done with it once it is pressed. */
  then?: string;
  why?: string;
  seams: readonly PlainSeam[];
  press: 'open' | 'up' | 'to one side';
  /** What is left open at the top of one of them, mm: finished with the rest. */
  open?: Quantity;
  /** No notches: short ends. */
  short?: boolean;
  role?: ClothRole;
  handling?: ReadonlyArray<readonly [string, number?]>;
  /** What is caught in the same seam: ends of straps. */
  also?: readonly Join[];
}

/**
 * Two edges right sides together, sewn at the allowance:
 *
 *     ────┐┌────        ─────────
 *         ││       or        ═══  pressed to one side
 *     pressed open
 */
export function plain(
  sheet: Worksheet,
  { step, title, edges, first, how, after, flat, then, why, seams, press, open, short = false, role = 'main', handling, also = [] }: PlainOptions,
): Join[] {
  const joins = seams.map(({ id, layers, behind, gap }) =>
    addJoin(sheet, {
      id,
      how: 'plain',
      layers,
      step,
      press,
      ...(short ? {} : { notches: [{ share: 0.5, ...(behind ? { double: true as const } : {}) }] }),
      ...(gap ? { gap } : {}),
    }),
  );
  // where several pieces make up one edge their own seams meet, and nothing is snipped (marks/notch-marks)
  const snipped = !short && seams.some(({ layers }) => layers.every((run) => run.length === 1));
  const seam = sheet.showLength(sheet.number('seam').value);
  const knit = sheet.cloths.of(role).kind === 'knit';
  if (press === 'open')
    finishStep(sheet, step, {
      title: `Finish ${edges}`,
      length: (open ? total(joins).plus(open) : total(joins)).times(2),
      shows: joins,
      together: false,
      role,
    });
  sewStep(sheet, {
    id: step,
    title,
    sews: [...joins, ...also],
    role,
    ...(flat
      ? { stitch: '304' as const, stitchLength: 2, stitchWidth: 4 }
      : { section: press === 'open' ? ('seam-open' as const) : ('seam' as const) }),
    handling: handling ?? [['seam', joins.length]],
    how: [
      ...(flat
        ? [flat]
        : [
            ...(first ? [first] : []),
            `Right sides together, raw edges level${snipped ? ', snips on snips' : ''}.`,
            ...(how ? [how] : []),
            `Sew ${seam} from the edge, a few stitches back and forth at both ends.`,
          ]),
      ...(after ? [after] : []),
      press === 'open' ? 'Press the seam flat, then open.' : press === 'up' ? 'Press it upwards.' : 'Press it to one side.',
      ...(then ? [then] : []),
    ].join(' '),
    ...(why ? { why } : knit ? { why: 'A narrow zigzag gives with the knit; a straight stitch pops the first time it is pulled.' } : {}),
  });
  if (press !== 'open')
    finishStep(sheet, step, { title: `Finish ${edges}, both layers together`, length: total(joins), shows: joins, together: true, role });
  return joins;
}
