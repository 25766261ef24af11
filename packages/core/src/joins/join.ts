import { Quantity } from '../quantity/quantity.ts';
import type { How, Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { runLength } from './run.ts';

/** Layers of unlike length by less than this are sewn as they lie, mm. */
const ALIKE = 0.5;

/** What a way of joining says of a join; its length is measured on the edges. */
export interface JoinSketch extends Omit<Join, 'length' | 'after' | 'layers' | 'ease' | 'ratio'> {
  layers: Span[][];
  /** Where no edge lies along it (a slit, an end caught in): its length, mm. */
  long?: Quantity;
  /** What it is held to where that is shorter than its edges: gathered, or drawn in. */
  heldTo?: Quantity;
}

/** How the layers of a way of joining make up for unlike lengths. */
const EASED: ReadonlySet<How> = new Set<How>(['plain', 'zip', 'bind', 'topstitch']);

/** Puts a join on the sheet: its length is that of its shortest layer, measured on the edges. */
export function addJoin(sheet: Worksheet, { long, heldTo, ...sketch }: JoinSketch): Join {
  const lengths = sketch.layers.map((run) => runLength(sheet, run));
  const [first, ...rest] = lengths;
  const length = first ? (rest.length > 0 ? Quantity.smaller(first, ...rest) : first) : (long ?? Quantity.constant(0, 'mm'));
  const longest = Math.max(length.value, ...lengths.map(({ value }) => value));
  const difference = longest - length.value;
  const held = Math.min(length.value, heldTo?.value ?? Infinity);
  const join: Join = {
    ...sketch,
    length: length.named(`join-${sketch.id}`, `Seam: ${sketch.id.replaceAll('-', ' ')}`, 'nearest'),
    after: before(sheet, sketch),
    ...(EASED.has(sketch.how) && difference > ALIKE ? { ease: difference } : {}),
    ...(!EASED.has(sketch.how) && held > 0 && longest > held * 1.001 ? { ratio: longest / held } : {}),
  };
  sheet.join(join);
  return join;
}

/** What is sewn already of the pieces it takes up: those joins come first; what they wait for themselves is understood. */
function before(sheet: Worksheet, { layers, onto }: JoinSketch): string[] {
  const found = new Set<Join>();
  for (const { piece, copy } of layers.flat()) for (const join of sheet.joinsOf(piece, copy)) found.add(join);
  if (onto) for (let copy = 0; copy < sheet.piece(onto).copies; copy++) for (const join of sheet.joinsOf(onto, copy)) found.add(join);
  const understood = new Set([...found].flatMap(({ after }) => after));
  return [...found].map(({ id }) => id).filter((id) => !understood.has(id));
}
