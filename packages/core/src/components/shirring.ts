import type { ViewPart } from '../drape/garment-view.ts';
import { Unmakeable } from '../errors/unmakeable.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Worksheet } from '../sheet/worksheet.ts';

const METRE = Quantity.constant(1000, 'mm');
const ONE = Quantity.constant(1, 'ratio');

/** The numbers of a shirred part. */
export interface Shirring {
  rows: Quantity;
  /** Of one row, flat, mm. */
  rowLength: Quantity;
  rowsPerBobbin: Quantity;
  bobbins: Quantity;
  spacing: Quantity;
  /** All round, before and after steam, mm. */
  sewn: Quantity;
  relaxed: Quantity;
}

/**
 * Rows, bobbins and what it comes down to (handbook 8): `flat` mm all round, `depth` mm deep, in so many panels. The garment’s choices
 * rowSpacing, takeUp, steam and bobbinMetres count; `onlyTwo` where sleeves leave no choice of panels. Throws Unmakeable where not even one row comes out of a bobbin.
 */
export function shirringNumbers(
  sheet: Worksheet,
  { flat, depth, panels, onlyTwo = false }: { flat: Quantity; depth: Quantity; panels: Quantity; onlyTwo?: boolean },
): Shirring {
  const spacing = sheet.number('rowSpacing');
  const rows = sheet.put('shirr-rows', 'Rows of shirring', 'up', depth.over(spacing).floor().plus(Quantity.constant(1, 'count')));
  const sewn = sheet.put('shirr-sewn', 'Shirred, before steam', 'nearest', flat.over(sheet.number('takeUp')));
  const relaxed = sheet.put('shirr-relaxed', 'Shirred, at rest', 'nearest', sewn.times(ONE.minus(sheet.number('steam'))));
  const rowLength = sheet.put('row-length', 'Length of a row, flat', 'up', flat.over(panels));
  const capacity = sheet.number('bobbinMetres').times(METRE).named('bobbin-length', 'A bobbin sews', 'down');
  const rowsPerBobbin = sheet.put('rows-per-bobbin', 'Rows a bobbin lasts', 'down', capacity.over(rowLength).floor());
  if (rowsPerBobbin.value < 1) throw noRow(sheet, flat, capacity, onlyTwo);
  const bobbins = sheet.put('bobbins', 'Bobbins of elastic thread', 'up', rows.times(panels).over(rowsPerBobbin).ceil());
  return { rows, rowLength, rowsPerBobbin, bobbins, spacing, sewn, relaxed };
}

/** A bobbin that ends inside its first row: more panels make shorter rows. */
function noRow(sheet: Worksheet, flat: Quantity, capacity: Quantity, onlyTwo: boolean): Unmakeable {
  const says = `A bobbin sews ${sheet.show(capacity)}, and one row is longer: it would have to be changed inside a row.`;
  const panels = Math.ceil(flat.value / capacity.value - 1e-9);
  const most = 24;
  if (panels <= most && !onlyTwo) return new Unmakeable('choices.panels', `${says} More panels make shorter rows.`, panels);
  return new Unmakeable('choices.bobbinMetres', says, Math.ceil(flat.value / sheet.number('panels').value / 100) / 10);
}

/** The rows as they are seen, from the top edge down: no more of them than can be told apart. */
export function shirringSeen({ spacing }: Shirring, top: number, depth: number): ViewPart {
  const shown = Math.max(2, Math.min(24, Math.floor(depth / Math.max(spacing.value, 9))));
  return { kind: 'rows', how: 'shirr', drops: Array.from({ length: shown + 1 }, (_, i) => top + (depth * i) / shown) };
}
