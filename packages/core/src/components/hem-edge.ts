import { bind } from '../joins/bind.ts';
import { hem } from '../joins/hem.ts';
import type { ViewLevel, ViewPart } from '../drape/garment-view.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { addRuffle } from './ruffle.ts';

const edgeOf = (sheet: Worksheet) => (sheet.hasChoice('hemEdge') ? sheet.oneOf('hemEdge') : 'turned');

/** What the hem edge of the garment itself needs beyond its seam line: a hem, a seam for the ruffle, or nothing for a binding; mm. */
export function hemAllowance(sheet: Worksheet): Quantity {
  switch (edgeOf(sheet)) {
    case 'ruffle':
      return sheet.number('seam');
    case 'bound':
      return Quantity.constant(0, 'mm', undefined, 'a bound edge takes no allowance');
    default:
      return sheet.number('hem');
  }
}

/** What the hem edge adds to the length, mm: the height of a ruffle. */
export function hemAdds(sheet: Worksheet, length: Quantity): Quantity {
  return edgeOf(sheet) === 'ruffle' ? length.plus(sheet.number('ruffleHeight')) : length;
}

export interface HemEdgeOptions {
  edge: Span[];
  curved: boolean;
  /** The piece a binding goes round. */
  onto: string;
  /** Hem allowance where it is not the choice “hem” itself, mm. */
  allowance?: Quantity;
  /** Something sewn at the hem that is not to be forgotten. */
  extra?: string;
}

/** The hem edge in all its kinds, in one call: turned up, bound, or with a ruffle; pieces, joins and steps. */
export function addHemEdge(sheet: Worksheet, { edge, curved, onto, allowance, extra }: HemEdgeOptions): void {
  switch (edgeOf(sheet)) {
    case 'bound':
      bind(sheet, { prefix: 'binding', onto, edges: [{ id: 'hem', title: 'Bind the hem', what: 'the hem edge', edge }] });
      return;
    case 'ruffle':
      return addRuffle(sheet, { prefix: 'ruffle', name: 'ruffle', edge, on: 'skirt' });
    default:
      hem(sheet, { id: 'hem', title: 'Hem', edge, curved, allowance: allowance ?? sheet.number('hem'), ...(extra ? { extra } : {}) });
  }
}

/** How the hem edge is seen from the front: a ruffle hangs on below, gathered; mm. */
export function hemLevels(sheet: Worksheet, drop: number): ViewLevel[] {
  if (edgeOf(sheet) !== 'ruffle') return [];
  const clothGirth = sheet.quantity('ruffle-flat').value;
  return [0, sheet.number('ruffleHeight').value].map((more) => ({ drop: drop + more, clothGirth }));
}

/** A binding is seen as a strip round the edge. */
export const hemParts = (sheet: Worksheet): ViewPart[] =>
  edgeOf(sheet) === 'bound' ? [{ kind: 'binding', width: sheet.figure('binding-width').value / 4 }] : [];
