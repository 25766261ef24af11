import { needleFor } from '../make/needle.ts';
import type { GatherBy, SectionTable, Step } from '../make/step.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addJoin } from './join.ts';
import { runLength } from './run.ts';
import { finishStep, sewStep } from './stitching.ts';

/** Nobody pulls a longer thread at once, mm (handbook 13a, common practice). */
const LONGEST_PULL = 1500;
/** The strip that is gathered to try the settings, mm and inches (handbook 5). */
const STRIP = 300;
const STRIP_INCHES = 12;

type Way = Pick<Step, 'stitch' | 'stitchLength' | 'stitchWidth' | 'why'> & { rows: number; how: (sheet: Worksheet, breaks: number) => string };

const WAYS: Record<GatherBy, Way> = {
  thread: {
    rows: 2,
    stitch: '301',
    stitchLength: 4.5,
    stitchWidth: 0,
    why: 'Two rows keep the gathers upright; one lets them lean. A long thread breaks, a short one does not.',
    how: (sheet, breaks) => {
      const seam = sheet.number('seam').value;
      return `Loosen the top tension. Sew two rows of long straight stitches inside the allowance, ${sheet.showLength(seam / 3)} and ${sheet.showLength((2 * seam) / 3)} from the edge, without backstitching, with tails of ${sheet.about(150, 6)}. Begin and end afresh at each of the ${breaks} marks, so that no thread is longer than ${sheet.about(LONGEST_PULL, 60)}. Pull the bobbin threads from both ends of each stretch and spread the gathers evenly, then knot. Set tension and stitch length back before the next seam.`;
    },
  },
  overlocker: {
    rows: 1,
    stitch: '504',
    stitchLength: 4,
    stitchWidth: 6,
    why: 'Gathers and finishes in one pass.',
    how: () =>
      'Longest stitch, differential feed at its highest, needle tension high. Leave a long tail: too much can be eased out, too little cannot be added. Set the machine back to feed 1 and normal tension before the next edge.',
  },
  cord: {
    rows: 1,
    stitch: '304',
    stitchLength: 4,
    stitchWidth: 5,
    why: 'Nothing breaks on long or heavy edges.',
    how: (sheet) =>
      `Lay a strong cord inside the allowance, ${sheet.showLength(sheet.number('seam').value / 2)} from the edge, and zigzag over it without catching it. Push the cloth along the cord.`,
  },
};

export interface GatherPrep {
  id: string;
  title: string;
  /** The edge to be gathered, all of it. */
  edge: readonly Span[];
  /** What it is gathered to, mm. */
  to: Quantity;
  /** What the two edges are called in the table. */
  names: [string, string];
  /** The join it gets ready. */
  shows: ReadonlyArray<Pick<Join, 'id'>>;
}

/** As chosen, where what stands on the table can do it: hands have only threads, and a cord wants a zigzag over it. */
function gatherBy(sheet: Worksheet): GatherBy {
  const [wanted, machine] = [sheet.oneOf('gatherBy') as GatherBy, sheet.oneOf('machine')];
  return machine === 'hands' || (machine === 'straight' && wanted === 'cord') ? 'thread' : wanted;
}

/** The gathering itself, before the seam: a test strip first, then the whole edge, stretch by stretch. */
export function gatherStep(sheet: Worksheet, { id, title, edge, to, names, shows }: GatherPrep): void {
  const by = gatherBy(sheet);
  const { rows, how, ...way } = WAYS[by];
  const flat = runLength(sheet, edge);
  const ratio = flat.value / to.value;
  const breaks = Math.max(4, Math.ceil(flat.value / LONGEST_PULL));
  const metres = flat.value / 1000;
  sheet.step({
    id,
    kind: 'sew',
    title,
    ...way,
    seam: rows === 1 ? flat : flat.times(rows),
    handling: [['gather', metres]],
    how: `Try it on a strip first: ${sheet.about(STRIP, STRIP_INCHES)} should come out ${sheet.about(STRIP / ratio, STRIP_INCHES / ratio)} long (${ratio.toFixed(2)} to 1), with needle ${needleFor(sheet.cloth)}. ${how(sheet, breaks)}`,
    gathers: ratio,
    drawn: { gatherBy: by },
    sections: sectionTable(flat, to, names),
    section: 'gather',
    shows: shows.map((join) => join.id),
  });
  if (by === 'cord' && !sheet.shopping.some((item) => item.id === 'cord'))
    sheet.shopping.push({
      id: 'cord',
      what: 'Strong thin cord to gather over',
      amount: sheet.show(flat.named('cord', 'Cord', 'up')),
      length: flat.value,
    });
}

/** "on the ruffle", as a table's column says it: "the ruffle". */
const withoutOn = (name: string) => name.replace(/^on /, '');

export interface GatheredSeam {
  id: string;
  title: string;
  /** The gathered edge and what it is sewn to; a third layer where it is folded double. */
  gathered: Span[];
  onto: Span[];
  folded?: Span[];
  names: [string, string];
  press: 'up' | 'down';
  step: string;
  /** What is caught in the same seam. */
  also?: readonly Join[];
}

/**
 * A longer edge drawn in and sewn to a shorter one:
 *
 *     ───────────
 *     ~~~~~~~~~~~   gathered layer on top
 *
 * The gathering is a step of its own before it; where both are alike (1 to 1) it is a plain seam and nothing is gathered.
 */
export function gather(sheet: Worksheet, { id, title, gathered, onto, folded, names, press, step, also = [] }: GatheredSeam): Join {
  const layers = [onto, gathered, ...(folded ? [folded] : [])];
  const [flat, held] = [runLength(sheet, gathered), runLength(sheet, onto)];
  const even = flat.value <= held.value * 1.001;
  const quarters = [0, 0.25, 0.5, 0.75].map((share) => ({ share }));
  const join = addJoin(sheet, { id, how: even ? 'plain' : 'gather', layers, step, press, notches: quarters });
  if (!even)
    gatherStep(sheet, {
      id: `gather-${id}`,
      title: `Gather ${withoutOn(names[0])} to ${sheet.show(held)}`,
      edge: gathered,
      to: held,
      names,
      shows: [join],
    });
  sewStep(sheet, {
    id: step,
    title,
    sews: [join, ...also],
    section: even ? 'seam' : 'gather',
    drawn: { gatherBy: gatherBy(sheet) },
    handling: [['seam', 2]],
    how: even
      ? `Right sides together, quarters on quarters. Sew ${sheet.showLength(sheet.number('seam').value)} from the edge. Press the seam ${press === 'up' ? 'upwards' : 'downwards'}.`
      : `Right sides together, the gathered layer on top, seams and quarters matched and pinned. Sew ${sheet.showLength(sheet.number('seam').value)} from the edge: just inside the inner row, so that no gathering thread shows afterwards; pull out any that does. Press the seam ${press === 'up' ? 'upwards, away from the gathers' : 'downwards'}, only up to the stitching.`,
  });
  finishStep(sheet, id, {
    title: `Finish the seam of ${withoutOn(names[0])} and ${withoutOn(names[1])}, both layers together`,
    length: join.length,
    shows: [join],
    together: true,
  });
  return join;
}

/** Mark spacings on a flat edge and on what it is sewn to, for 4, 8 and 16 parts; mm. */
export function sectionTable(flat: Quantity, finished: Quantity, [flatName, finishedName]: [string, string]): SectionTable {
  return {
    columns: ['parts', flatName, finishedName],
    rows: [4, 8, 16].map((parts) => ({ parts, marks: [flat.value / parts, finished.value / parts] })),
  };
}
