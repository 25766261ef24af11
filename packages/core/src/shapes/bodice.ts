import { curveThrough } from '../geometry/biarcs.ts';
import type { Edge } from '../geometry/edge.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { outlineShape } from './outline.ts';
import type { Shape } from './shape.ts';

/** Half of a strapped bodice as it lies flat: half widths at the top of the side and at the waist, heights at the side and in the middle; mm. */
export interface BodiceMeasures<Of> {
  topHalf: Of;
  waistHalf: Of;
  sideHeight: Of;
  centreHeight: Of;
}

/**
 * Front or back of a bodice that hangs from straps, the same left and right, its waist on y = 0:
 *
 *       ‿‾‿     top, drawn in one curve
 *      │   │    sides
 *       ╲_╱     bottom
 */
export function bodice(
  { topHalf, waistHalf, sideHeight, centreHeight }: BodiceMeasures<number>,
  allow: { top: number; side: number; bottom: number },
): Edge[] {
  return [
    { name: 'bottom', from: [-waistHalf, 0], to: [waistHalf, 0], allowance: allow.bottom },
    { name: 'side-right', from: [waistHalf, 0], to: [topHalf, sideHeight], allowance: allow.side },
    ...(Math.abs(centreHeight - sideHeight) < 0.5
      ? [{ name: 'top', from: [topHalf, sideHeight] as const, to: [-topHalf, sideHeight] as const, allowance: allow.top }]
      : curveThrough(
          'top',
          [
            [topHalf, sideHeight],
            [0, centreHeight],
            [-topHalf, sideHeight],
          ],
          allow.top,
          { start: [-1, 0], end: [-1, 0] },
        )),
    { name: 'side-left', from: [-topHalf, sideHeight], to: [-waistHalf, 0], allowance: allow.side },
  ];
}

/** The same as a shape to cut: sides "bottom", "side-right", "top", "side-left". */
export const bodiceShape = (
  { topHalf, waistHalf, sideHeight, centreHeight }: BodiceMeasures<Quantity>,
  allow: { top: number; side: number; bottom: number },
): Shape =>
  outlineShape({
    inputs: [topHalf, waistHalf, sideHeight, centreHeight],
    draw: ([t, w, s, c]) => ({ seam: bodice({ topHalf: t!, waistHalf: w!, sideHeight: s!, centreHeight: c! }, allow), holes: [] }),
    folded: true,
  });
