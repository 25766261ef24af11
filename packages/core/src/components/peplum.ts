import type { ViewPart } from '../drape/garment-view.ts';
import { noHole } from './circle-closure.ts';
import { hem } from '../joins/hem.ts';
import { along, copiesOf } from '../joins/run.ts';
import { sewStep } from '../joins/stitching.ts';
import { topstitch } from '../joins/topstitch.ts';
import { Quantity, TWO_PI } from '../quantity/quantity.ts';
import { circleShape } from '../shapes/sector.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

/**
 * A short full circle sewn to the waist fold of girth `around`, mm, before what is above the fold is turned in; hemmed first.
 * Throws Unmakeable where the allowance leaves no hole.
 */
export function addPeplum(sheet: Worksheet, { prefix = 'peplum', around, onto }: { prefix?: string; around: Quantity; onto: string }): void {
  const [seam, hemAllowed] = [sheet.number('seam'), sheet.number('hem')];
  const inner = sheet.put(`${prefix}-radius`, 'Peplum, waist radius', 'down', around.over(TWO_PI));
  const innerCut = sheet.put(`${prefix}-radius-cut`, 'Peplum, waist radius to cut', 'down', inner.minus(seam));
  if (innerCut.value <= 0) throw noHole(sheet, inner);
  const outer = inner.plus(sheet.number('peplumLength'));
  const outerCut = sheet.put(`${prefix}-hem-radius-cut`, 'Peplum, hem radius to cut', 'up', outer.plus(hemAllowed));
  const piece = sheet.cut({
    id: prefix,
    name: 'Peplum',
    copies: 1,
    grain: 'any',
    // its stretch has to run round the body as the tube’s does: it lies as the tube does
    turns: sheet.piece(onto).turns,
    shell: false,
    quantityIds: [`${prefix}-radius-cut`, `${prefix}-hem-radius-cut`],
    shape: circleShape({ inner, outer, angle: Quantity.constant(360, 'deg'), innerCut, outerCut, waist: seam.value, side: 0, hem: hemAllowed.value }),
  });
  hem(sheet, { id: `${prefix}-hem`, title: 'Hem the peplum', edge: along(copiesOf(piece), 'hem'), curved: true, allowance: hemAllowed, inner: true });
  const join = topstitch(sheet, { id: prefix, edge: along(copiesOf(piece), 'waist', true), onto, step: prefix });
  sewStep(sheet, {
    id: prefix,
    title: 'Sew the peplum to the fold line',
    sews: [join],
    stitch: '304',
    stitchLength: 2.5,
    stitchWidth: 2,
    section: 'laid-on',
    handling: [['seam', 3]],
    how: `Mark the fold line all round, ${sheet.show(sheet.quantity('top-turn'))} below the raw edge of the tube, and quarter it. Lay the peplum on the right side of the tube, right side down, its hem towards the raw edge of the waist and the seam line of its hole on the fold line, quarters on quarters. Zigzag along the seam line, without pulling.`,
    why: 'When the edge above the fold is turned in, the peplum falls down over the skirt and its raw edge is inside. The seam has to stretch over the hips: no straight stitch.',
  });
}

/** The peplum as it is seen from the front, hanging over the skirt from what the waist is held to, mm. */
export function peplumSeen(sheet: Worksheet, held: Quantity, prefix = 'peplum'): ViewPart {
  const inner = sheet.quantity(`${prefix}-radius`).value;
  const long = sheet.number('peplumLength').value;
  return {
    kind: 'over',
    levels: [0, 0.5, 1].map((share) => ({
      drop: share * long,
      clothGirth: TWO_PI.value * (inner + share * long),
      ...(share === 0 ? { heldGirth: held.value } : {}),
    })),
  };
}
