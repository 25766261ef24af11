import { Unmakeable } from '../errors/unmakeable.ts';
import { curveThrough } from '../geometry/biarcs.ts';
import { mirrored } from '../geometry/arcs.ts';
import type { Edge } from '../geometry/edge.ts';
import type { Point } from '../geometry/point.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { outlineShape } from '../shapes/outline.ts';
import type { Shape } from '../shapes/shape.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

export interface CornerAllowances {
  top: number;
  bottom: number;
  sides: number;
  corner: number;
}

/**
 * A rectangle whose upper corners are cut away in a curve, alike on every piece it is used for:
 *
 *      ┌───────┐  top
 *     (         )  corner-left, corner-right: so far along the top, so far down
 *     │         │  sides
 *     └─────────┘  bottom
 */
export function corneredRectangle(
  { width, height, along, down }: { width: number; height: number; along: number; down: number },
  allow: CornerAllowances,
): Edge[] {
  const [half, low]: [number, number] = [width / 2, height - down];
  const [outer, inner]: [Point, Point] = [
    [half, low],
    [half - along, height],
  ];
  const corner = curveThrough('corner-right', [outer, inner], allow.corner, { start: [-1, 0.5], end: [-0.25, 1] });
  const left = [...corner].reverse().map((edge) => mirrored(edge, 'corner-left'));
  return [
    { name: 'bottom', from: [-half, 0], to: [half, 0], allowance: allow.bottom },
    { name: 'side-right', from: [half, 0], to: outer, allowance: allow.sides },
    ...corner,
    { name: 'top', from: inner, to: [-inner[0], height], allowance: allow.top },
    ...left,
    { name: 'side-left', from: [-half, low], to: [-half, 0], allowance: allow.sides },
  ];
}

/** The same as a shape to cut; finished measures, mm. */
export const corneredShape = (
  { width, height, along, down }: { width: Quantity; height: Quantity; along: Quantity; down: Quantity },
  allow: CornerAllowances,
): Shape =>
  outlineShape({
    inputs: [width, height, along, down],
    draw: ([w, h, a, d]) => ({ seam: corneredRectangle({ width: w!, height: h!, along: a!, down: d! }, allow), holes: [] }),
    folded: true,
  });

/** Something is left of a top edge and of a side between and below the corners that are cut away, mm. */
const LEAST_LEFT = 20;

/** The least a corner can be chosen, mm. */
const LEAST_CORNER = 30;

/** A piece whose corners are cut away, and the choice that makes it longer. */
export interface Cornered {
  what: string;
  width: Quantity;
  height: Quantity;
  longer: string;
}

/** Throws Unmakeable where the corners leave nothing of one of the pieces they are cut from: smaller ones, or a longer piece. */
export function assertCorners(sheet: Worksheet, { along, down }: { along: Quantity; down: Quantity }, pieces: readonly Cornered[]): void {
  const full = (mm: number) => mm / sheet.scale;
  const least = (of: 'width' | 'height') => pieces.reduce((a, b) => (b[of].value < a[of].value ? b : a));
  const [narrow, low] = [least('width'), least('height')];
  if (narrow.width.value < 2 * along.value + LEAST_LEFT)
    throw new Unmakeable(
      'choices.cornerAlong',
      `The armhole corners (${sheet.show(along)} on each side) leave nothing of the top of the ${narrow.what}, ${sheet.show(narrow.width)} wide.`,
      Math.floor(full(narrow.width.value - LEAST_LEFT) / 2),
    );
  if (low.height.value >= down.value + LEAST_LEFT) return;
  const says = `The armhole corners reach ${sheet.show(down)} down, and the ${low.what} is only ${sheet.show(low.height)} long.`;
  const shallower = Math.floor(full(low.height.value - LEAST_LEFT));
  if (shallower >= LEAST_CORNER) throw new Unmakeable('choices.cornerDown', says, shallower);
  throw new Unmakeable(`choices.${low.longer}`, says, Math.ceil(full(down.value + LEAST_LEFT)));
}
