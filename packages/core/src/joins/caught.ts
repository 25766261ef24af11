import type { Quantity } from '../quantity/quantity.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';

/**
 * An end caught in at a point: a strap, a tie, a loop, a ribbon.
 *
 *       ║
 *     ──╨──
 *
 * `end` is the edge of its piece; none where it is bought by length: then `wide` says how much of the edge it takes, mm.
 */
export const caught = (
  sheet: Worksheet,
  { id, end, wide, onto, step, why }: { id: string; end?: Span[]; wide?: Quantity; onto: string; step: string; why: string },
): Join => addJoin(sheet, { id, how: 'topstitch', layers: end ? [end] : [], onto, step, why, ...(wide ? { long: wide } : {}) });
