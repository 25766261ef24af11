import { Quantity } from '../quantity/quantity.ts';
import { rectangleShape } from '../shapes/rectangle.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';
import { along, copiesOf } from './run.ts';
import { finishStep, sewStep } from './stitching.ts';

/** The facing reaches this much below the end of the slit, mm (common practice, no source). */
const BELOW = 30;
/** Stitched this far beside the slit at its top, mm (common practice, no source). */
const BESIDE = 5;

/**
 * A slit inside a piece, faced with a rectangle:
 *
 *     ┌──╥──┐  facing on the right side
 *     │  ║  │  stitched in a narrow V round the slit, slit, turned to the inside
 *     └──V──┘
 */
export function facedSlit(
  sheet: Worksheet,
  {
    prefix = 'facing',
    onto,
    long,
    from = 'the waist seam line',
    into = 'waist',
  }: {
    prefix?: string;
    onto: string;
    long: Quantity;
    /** Where the slit begins, in words. */
    from?: string;
    /** The edge it begins at, which takes in the top of the facing. */
    into?: string;
  },
): void {
  const beside = sheet.figure('facing-width');
  const width = sheet.put(`${prefix}-cut-width`, 'Facing of the slit, width', 'up', beside.times(2));
  const height = sheet.put(
    `${prefix}-cut-length`,
    'Facing of the slit, length',
    'up',
    long.plus(Quantity.constant(BELOW, 'mm', undefined, 'common practice')).plus(sheet.number('seam')),
  );
  const facing = sheet.cut({
    id: prefix,
    name: 'Facing of the slit',
    copies: 1,
    grain: 'along',
    shell: false,
    quantityIds: [`${prefix}-cut-width`, `${prefix}-cut-length`],
    shape: rectangleShape(width, height.minus(sheet.number('seam')), { top: sheet.number('seam').value, bottom: 0, sides: 0 }),
  });
  const [one] = copiesOf(facing);
  const edges = addJoin(sheet, {
    id: `${prefix}-edges`,
    how: 'raw',
    layers: [[...along([one!], 'side-left'), ...along([one!], 'bottom'), ...along([one!], 'side-right')]],
    step: prefix,
    why: 'Overcast where the cloth frays; it lies inside.',
  });
  finishStep(sheet, prefix, { title: 'Finish three sides of the facing', length: edges.length, shows: [edges], together: false });
  const slit = addJoin(sheet, { id: `${prefix}-slit`, how: 'face', layers: [], onto, long, step: prefix });
  const top = addJoin(sheet, {
    id: `${prefix}-top`,
    how: 'topstitch',
    layers: [along([one!], 'top')],
    onto,
    step: prefix,
    why: `Basted to the ${into} edge and taken in with it.`,
  });
  sewStep(sheet, {
    id: prefix,
    title: 'Slit and face the opening',
    sews: [edges, slit, top],
    seam: long.times(2),
    section: 'facing',
    handling: [['facing']],
    how: `Chalk a line ${sheet.show(long)} down from ${from}, along the grain. Lay the facing on it, right sides together, top edges level. Sew down one side ${sheet.showLength(BESIDE)} from the line at the top, narrowing to a point at its end, one stitch across, and up the other side. Cut along the line right into the point, turn the facing inside, press, and baste its top to the ${into} edge.`,
    why: 'Here there is no seam to leave open: the facing is the edge of the opening.',
  });
}
