import { gather } from '../joins/gather.ts';
import { hem } from '../joins/hem.ts';
import { addJoin } from '../joins/join.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf, runLength } from '../joins/run.ts';
import { sewStep } from '../joins/stitching.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { stripPiece } from './strips.ts';

export interface RuffleOptions {
  /** Names pieces, joins and steps. */
  prefix: string;
  /** What it is called: "ruffle", "left sleeve ruffle". */
  name: string;
  /** The edge it is sewn to, all round. */
  edge: Span[];
  /** The garment’s own word at that edge: "skirt". */
  on: string;
  /** Flat length on the seam line, mm; the edge times the fullness where nobody says, and then put on the plan. */
  flat?: Quantity;
  /** Stitched down afterwards, so that it hangs straight. */
  stitchedDown?: boolean;
}

/**
 * A ruffle on an edge: joined to a ring, hemmed or folded double, gathered, sewn on, pressed up and stitched down (handbook 13a):
 *
 *     ───────────
 *     ~~~~~~~~~~~  gathered on
 *     │││││││││││
 *     ╰─────────╯  hem, or the fold
 *
 * Height, fullness and double are choices of the garment: ruffleHeight, ruffleFullness, ruffleDouble.
 */
export function addRuffle(sheet: Worksheet, { prefix, name, edge, on, flat: given, stitchedDown = true }: RuffleOptions): void {
  const [seam, height, double] = [sheet.number('seam'), sheet.number('ruffleHeight'), sheet.hasChoice('ruffleDouble') && sheet.yes('ruffleDouble')];
  const flat = given ?? sheet.put(`${prefix}-flat`, 'Ruffle, flat', 'up', runLength(sheet, edge).times(sheet.number('ruffleFullness')));
  // folded double it needs no hem of its own (handbook 3)
  const cutWidth = sheet.put(
    `${prefix}-cut-width`,
    'Ruffle, width to cut',
    'up',
    double ? height.times(2).plus(seam.times(2)) : height.plus(seam).plus(sheet.number('hem')),
  );
  const piece = stripPiece(sheet, {
    id: prefix,
    name: name.charAt(0).toUpperCase() + name.slice(1),
    cutLength: flat.plus(seam.times(2)),
    cutWidth,
    ...(double ? {} : { bottom: sheet.number('hem') }),
    quantityIds: [flat.id!, `${prefix}-cut-width`],
  });
  const ring = copiesOf(piece);
  plain(sheet, {
    step: `${prefix}-ring`,
    edges: `the short ends of the ${name}`,
    title: `Join the ${name} to a ring`,
    seams: ringSeams(sheet, { id: `${prefix}-ring`, ring }).seams,
    press: 'open',
    short: true,
    ...(double ? { then: 'Then press the ring in half lengthwise, right side out: the fold is its lower edge.' } : {}),
  });
  if (!double)
    hem(sheet, {
      id: `${prefix}-hem`,
      title: `Hem the ${name}`,
      edge: along(ring, 'bottom'),
      curved: false,
      allowance: sheet.number('hem'),
      inner: true,
    });
  const join = gather(sheet, {
    id: prefix,
    step: prefix,
    title: `Sew on the ${name}`,
    gathered: along(ring, 'top', true),
    ...(double ? { folded: along(ring, 'bottom') } : {}),
    onto: edge,
    names: [`on the ${name}`, `on the ${on}`],
    press: 'up',
  });
  if (!stitchedDown) return;
  const down = addJoin(sheet, {
    id: `${prefix}-topstitch`,
    how: 'topstitch',
    layers: [],
    onto: edge[0]!.piece,
    long: join.length,
    step: `${prefix}-topstitch`,
  });
  sewStep(sheet, {
    id: `${prefix}-topstitch`,
    title: `Stitch the seam of the ${name} down`,
    sews: [down],
    section: 'seam',
    handling: [['seam']],
    how: `From the right side stitch ${sheet.showLength(3)} above the seam, through the ${on} and the allowance that is pressed up behind it.`,
    why: 'It keeps the ruffle hanging straight down.',
  });
}
