import { needleFor } from '../make/needle.ts';
import type { SectionTable, Step } from '../make/step.ts';
import type { Worksheet } from '../plan/worksheet.ts';
import type { Quantity } from '../quantity/quantity.ts';

const WAYS: Record<string, Pick<Step, 'how' | 'stitch' | 'stitchLength' | 'stitchWidth' | 'why' | 'setUp'>> = {
  thread: {
    how: 'Two rows of long straight stitches, 6 and 12 mm from the edge, top tension loosened, tails of 15 to 20 cm. Pull the bobbin threads from both ends, spread the gathers evenly, knot.',
    why: 'Two rows keep the gathers upright; one lets them lean.',
    stitch: '301',
    stitchLength: 4.5,
    stitchWidth: 0,
    setUp: 25,
  },
  overlocker: {
    how: 'Longest stitch, differential feed at its highest, needle tension high. Leave a long tail: too much can be eased out, too little cannot be added. Set the machine back to feed 1 and normal tension before the next edge.',
    why: 'Gathers and finishes in one pass.',
    stitch: '504',
    stitchLength: 4,
    stitchWidth: 6,
    setUp: 15,
  },
  cord: {
    how: 'Zigzag over a strong cord without catching it, then push the cloth along the cord.',
    why: 'Nothing breaks on long or heavy edges.',
    stitch: '304',
    stitchLength: 4,
    stitchWidth: 5,
    setUp: 20,
  },
};

/** Gathering one edge: the test strip first, then all of it. `edge` is the flat length, mm, all passes of it. */
export function gatherStep(
  sheet: Worksheet,
  id: string,
  title: string,
  edge: Quantity,
  { ratio, sections }: { ratio: number; sections?: SectionTable },
): void {
  const way = WAYS[sheet.oneOf('gatherBy')]!;
  const strip = 300;
  sheet.step({
    id,
    kind: 'sew',
    title,
    ...way,
    sections,
    seam: sheet.oneOf('gatherBy') === 'thread' ? edge.times(2) : edge,
    how: `${way.how} Test first: a strip of ${sheet.showLength(strip)} should come out ${sheet.showLength(strip / ratio)} long (${ratio.toFixed(2)} to 1). Needle ${needleFor(sheet.cloth)}.`,
  });
}

/** Mark spacings on a flat edge and on what it is sewn to, for 4, 8 and 16 parts; mm. */
export function sectionTable(flat: Quantity, finished: Quantity, [flatName, finishedName]: [string, string]): SectionTable {
  return {
    columns: ['parts', flatName, finishedName],
    rows: [4, 8, 16].map((parts) => ({ parts, marks: [flat.value / parts, finished.value / parts] })),
  };
}
