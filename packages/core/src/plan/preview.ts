import type { Check } from '../checks/check.ts';
import { flatten } from '../geometry/flatten.ts';
import { svgPath } from '../geometry/svg-path.ts';
import type { Point } from '../geometry/point.ts';
import { needleOf } from '../make/needle.ts';
import { edgeViews, joinView } from '../joins/join-view.ts';
import { minutesOf } from '../make/sewing.ts';
import { STITCHES } from '../make/stitches.ts';
import type { Step } from '../make/step.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { inputsOf } from '../quantity/sensitivity.ts';
import { workingOf } from '../quantity/working.ts';
import type { Piece } from '../shapes/piece.ts';
import { formatQuantity } from '../units/format.ts';
import type { Units } from '../units/units.ts';
import type { Plan } from './plan.ts';

/** A quantity as the API tells it. `value` is exact, `shown` rounded to its safe side. */
export function quantityView(quantity: Quantity, units: Units) {
  return {
    id: quantity.id!,
    label: quantity.label!,
    value: quantity.value,
    unit: quantity.unit,
    shown: formatQuantity(quantity.value, quantity.unit, units, quantity.safeSide),
    safeSide: quantity.safeSide,
    working: workingOf(quantity, units),
    inputs: inputsOf(quantity),
  };
}

const ring = (outline: Piece['cut']): Point[] => flatten(outline);

function pieceView(piece: Piece) {
  const { id, name, copies, grain, turns, cloth, quantityIds, lines } = piece;
  return {
    id,
    name,
    copies,
    grain,
    turns,
    cloth,
    quantityIds,
    lines,
    cutLine: ring(piece.cut),
    seamLine: ring(piece.seam),
    cutHoles: piece.cutHoles.map(ring),
    seamHoles: piece.seamHoles.map(ring),
    edges: edgeViews(piece),
    cutPath: [piece.cut, ...piece.cutHoles].map(svgPath).join(' '),
  };
}

function stepView(step: Step, plan: Plan) {
  const { seam, stitch, setUp, ...rest } = step;
  return {
    ...rest,
    setUp,
    ...(stitch ? { stitch, stitchName: STITCHES[stitch].name, needle: needleOf(stitch, plan.cloth) } : {}),
    seamLength: seam?.value ?? 0,
    joins: step.joins ?? [],
    minutes: minutesOf(step, plan.pace),
  };
}

/** The plan as plain data, the shape of POST /api/plans/preview. */
export function previewOf(plan: Plan) {
  const { units, lay } = plan;
  return {
    construction: plan.construction.id,
    units,
    /** How the maker works: beginner or practised. */
    pace: String(plan.choices.get('pace')),
    quantities: plan.quantities.map((quantity) => quantityView(quantity, units)),
    pieces: plan.pieces.map(pieceView),
    joins: plan.joins.map(joinView),
    openings: plan.openings,
    checks: plan.checks as Check[],
    wayIn: plan.wayIn,
    marks: plan.chalk.map(({ cut, seam, marks, ...sheet }) => ({
      ...sheet,
      cutLine: ring(cut),
      seamLine: ring(seam),
      marks: marks.map(({ quantities, ...mark }) => ({
        ...mark,
        quantityIds: quantities.map((each) => each.id!),
        values: quantities.map((each) => each.value),
      })),
    })),
    steps: plan.steps.map((step) => stepView(step, plan)),
    shopping: plan.shopping,
    lay,
    otherLays: plan.otherLays,
  };
}

export type PlanPreview = ReturnType<typeof previewOf>;
