import { bind } from '../joins/bind.ts';
import { gather } from '../joins/gather.ts';
import { hem } from '../joins/hem.ts';
import { plain } from '../joins/plain.ts';
import { ringSeams } from '../joins/ring.ts';
import { along, copiesOf, runLength } from '../joins/run.ts';
import { sewStep } from '../joins/stitching.ts';
import { addJoin } from '../joins/join.ts';
import type { ViewLevel, ViewPart } from '../drape/garment-view.ts';
import { Quantity } from '../quantity/quantity.ts';
import type { Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import { stripPiece } from './strips.ts';

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
      bind(sheet, { id: 'hem', prefix: 'binding', edge, onto, title: 'Bind the hem' });
      return;
    case 'ruffle':
      return addRuffle(sheet, 'ruffle', edge);
    default:
      hem(sheet, { id: 'hem', title: 'Hem', edge, curved, allowance: allowance ?? sheet.number('hem'), ...(extra ? { extra } : {}) });
  }
}

/** A ruffle on an edge: joined to a ring, hemmed or folded double, gathered, sewn on, pressed up and stitched down (handbook 13a). */
function addRuffle(sheet: Worksheet, prefix: string, edge: Span[]): void {
  const [seam, height, double] = [sheet.number('seam'), sheet.number('ruffleHeight'), sheet.yes('ruffleDouble')];
  const around = runLength(sheet, edge);
  const flat = sheet.put(`${prefix}-flat`, 'Ruffle, flat', 'up', around.times(sheet.number('ruffleFullness')));
  // folded double it needs no hem of its own (handbook 3)
  const cutWidth = sheet.put(
    `${prefix}-cut-width`,
    'Ruffle, width to cut',
    'up',
    double ? height.times(2).plus(seam.times(2)) : height.plus(seam).plus(sheet.number('hem')),
  );
  const piece = stripPiece(sheet, {
    id: prefix,
    name: 'Ruffle',
    cutLength: flat.plus(seam.times(2)),
    cutWidth,
    ...(double ? {} : { bottom: sheet.number('hem') }),
    quantityIds: [`${prefix}-flat`, `${prefix}-cut-width`],
  });
  const ring = copiesOf(piece);
  plain(sheet, {
    step: `${prefix}-ring`,
    edges: 'the short ends of the ruffle',
    title: 'Join the ruffle to a ring',
    seams: ringSeams(sheet, { id: `${prefix}-ring`, ring }).seams,
    press: 'open',
    short: true,
    ...(double ? { how: 'Then press the ring in half lengthwise, right side out: the fold is its lower edge.' } : {}),
  });
  if (!double)
    hem(sheet, {
      id: `${prefix}-hem`,
      title: 'Hem the ruffle',
      edge: along(ring, 'bottom'),
      curved: false,
      allowance: sheet.number('hem'),
      inner: true,
    });
  const join = gather(sheet, {
    id: prefix,
    step: prefix,
    title: 'Sew on the ruffle',
    gathered: along(ring, 'top', true),
    ...(double ? { folded: along(ring, 'bottom') } : {}),
    onto: edge,
    names: ['on the ruffle', 'on the skirt'],
    press: 'up',
  });
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
    title: 'Stitch the ruffle’s seam down',
    sews: [down],
    section: 'seam',
    handling: [['seam']],
    how: `From the right side stitch ${sheet.showLength(3)} above the seam, through the skirt and the allowance that is pressed up behind it.`,
    why: 'It keeps the ruffle hanging straight down.',
  });
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
