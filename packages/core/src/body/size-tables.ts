import { INCH } from '../units/units.ts';

/** One row of a published size table, girths in mm. */
export interface SizeRow {
  table: string;
  size: string;
  bust: number;
  waist: number;
  hip: number;
}

const EN_BUST = [76, 80, 84, 88, 92, 96, 100, 104, 110, 116, 122];
const EN_WAIST = [60, 64, 68, 72, 76, 80, 84, 88, 94, 100, 106];
const EN_HIP = [84, 88, 92, 96, 100, 104, 108, 112, 117, 122, 127];

/** Women's sizes by bust. Source: EN 13402-3, from memory. */
export const EN_13402_WOMEN: readonly SizeRow[] = EN_BUST.map((bust, i) => ({
  table: 'EN 13402-3',
  size: `bust ${bust}`,
  bust: bust * 10,
  waist: EN_WAIST[i]! * 10,
  hip: EN_HIP[i]! * 10,
}));

const ASTM: ReadonlyArray<readonly [size: string, bust: number, waist: number, hip: number]> = [
  ['2', 32, 24, 34.5],
  ['4', 33, 25, 35.5],
  ['6', 34, 26, 36.5],
  ['8', 35, 27, 37.5],
  ['10', 36, 28, 38.5],
  ['12', 37.5, 29.5, 40],
  ['14', 39, 31, 41.5],
  ['16', 40.5, 32.5, 43],
  ['18', 42.5, 34.5, 45],
  ['20', 44.5, 36.5, 47],
];

/** Misses' sizes. Source: ASTM D5585 (1995), from memory. */
export const ASTM_D5585: readonly SizeRow[] = ASTM.map(([size, bust, waist, hip]) => ({
  table: 'ASTM D5585',
  size,
  bust: bust * INCH,
  waist: waist * INCH,
  hip: hip * INCH,
}));

/** A stand-in for measures nobody has taken yet, always to be shown as an estimate. */
export interface StandIn {
  measure: string;
  value: number;
  from: string;
}

/** How a line of the ledger says that nobody measured it, and what it came from. */
const ESTIMATE = 'estimate from ';
export const estimateNote = (from: string): string => `${ESTIMATE}${from}`;

/** Of the newest lines of a ledger those nobody measured: what each was estimated from, by measure. */
export function estimatesIn(newest: ReadonlyArray<{ measure: string; note: string }>): Record<string, string> {
  return Object.fromEntries(
    newest.flatMap(({ measure, note }) => (note.startsWith(ESTIMATE) ? [[measure, note.slice(ESTIMATE.length, ESTIMATE.length + 120)]] : [])),
  );
}

const COLUMN = { 'bust-girth': 'bust', 'waist-girth': 'waist', 'hip-girth': 'hip' } as const;
type Girth = keyof typeof COLUMN;

/**
 * Estimates a missing bust, waist or hip girth (mm) from the table row nearest to the girths that are known.
 * Returns undefined when none of the three is known, or the measure is no column of the table.
 */
export function standIn(measure: string, known: Readonly<Record<string, number>>, table: readonly SizeRow[] = EN_13402_WOMEN): StandIn | undefined {
  if (!(measure in COLUMN)) return undefined;
  const given = (Object.keys(COLUMN) as Girth[]).filter((id) => id !== measure && known[id] !== undefined);
  if (given.length === 0) return undefined;
  const distance = (row: SizeRow) => given.reduce((sum, id) => sum + Math.abs(row[COLUMN[id]] - known[id]!), 0);
  const row = table.reduce((best, each) => (distance(each) < distance(best) ? each : best));
  return { measure, value: row[COLUMN[measure as Girth]], from: `${row.table}, ${row.size}` };
}
