import type { Quantity } from '../quantity/quantity.ts';
import type { StitchId } from './stitches.ts';

export type StepKind = 'prepare' | 'chalk' | 'cut' | 'sew' | 'press' | 'fit' | 'wait';

/** A fold or seam seen from its end, layer by layer, as a step's picture draws it. */
export type SectionKind =
  | 'seam'
  | 'seam-open'
  | 'hem-double'
  | 'hem-single'
  | 'casing'
  | 'casing-threaded'
  | 'band'
  | 'tube-band'
  | 'binding'
  | 'zip'
  | 'gather'
  | 'elastic-on'
  | 'elastic-in'
  | 'elastic-inside'
  | 'elastic-over-seam'
  | 'facing'
  | 'shirr'
  | 'strap'
  | 'strap-end'
  | 'dart'
  | 'tuck'
  | 'laid-on'
  | 'collar'
  | 'patch';

/** With two threads, with an overlocker, or over a cord. */
export type GatherBy = 'thread' | 'overlocker' | 'cord';

/** One thing to do at the table or the machine, in order. */
export interface Step {
  id: string;
  kind: StepKind;
  title: string;
  /** How to do it, in a few sentences. */
  how: string;
  /** Why it is done, and done here. */
  why?: string;
  /** Length of seam sewn, mm; none where nothing is sewn. */
  seam?: Quantity;
  stitch?: StitchId;
  /** Stitch length and width, mm. */
  stitchLength?: number;
  stitchWidth?: number;
  foot?: string;
  /** Sewn at this pace instead of the machine's, mm a minute. */
  pace?: number;
  /** What its handling consists of: names of figures, in minutes, each so often (a figure "a metre" so many metres). */
  handling: ReadonlyArray<readonly [figure: string, times: number]>;
  /** All of that, minutes, on top of the seam at the person's pace. */
  setUp: number;
  /** Hours to let it be (drying, hanging), apart from the sewing time. */
  waitHours?: number;
  /** It gathers an edge: so many times as long as what it is gathered to. */
  gathers?: number;
  /** How to divide two edges that are joined: parts, and the mark spacing on each edge, mm. */
  sections?: SectionTable;
  /** Rows sewn with elastic thread, and the rows (counted through all pieces) before which a fresh bobbin goes in. */
  bobbins?: { rows: number; times: number; rowsPerBobbin: number; changeBefore: number[] };
  /** What could hurt or spoil something. */
  caution?: string;
  /** The joins it sews. */
  joins?: string[];
  /** The joins its picture shows, where it prepares them or looks after them. */
  shows?: string[];
  /** The fold or seam from its end. */
  section?: SectionKind;
  /** Where that is unlike the garment's own measures: its hem, mm; how it is gathered. */
  drawn?: { hem?: number; gatherBy?: GatherBy };
}

/** Mark spacings for dividing edges into equal parts; the first column counts the parts. */
export interface SectionTable {
  columns: string[];
  rows: Array<{ parts: number; marks: number[] }>;
}
