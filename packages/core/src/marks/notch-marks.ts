import type { Point } from '../geometry/point.ts';
import { sideOf, type Piece } from '../shapes/piece.ts';
import { pointOnSide } from '../shapes/sides.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Mark } from './mark.ts';

/** Where a side has to be marked, as a share of its length along its own direction. */
interface Spot {
  edge: string;
  share: number;
  what: 'notch' | 'double' | 'zip' | 'godet' | 'overlap';
}

const SAYS: Record<Spot['what'], (far: string) => string> = {
  notch: (far) => `Snip once, halfway along: ${far}`,
  double: (far) => `Snip twice, side by side, halfway along: ${far}. Two snips are the back`,
  zip: (far) => `Where the zip ends: ${far}, on the two edges it goes between`,
  godet: (far) => `Where the godet begins: ${far}. Mark the point on the seam line with chalk or thread`,
  overlap: (far) => `Where the overlap ends: ${far}`,
};

/** Snips and points a piece needs, from the joins its edges are in. On the half beside a fold where it is chalked folded. */
export function notchMarks(sheet: Worksheet, piece: Piece, folded: boolean): Mark[] {
  const spots = spotsOf(sheet).get(piece.id) ?? [];
  const marks: Mark[] = [];
  for (const what of ['notch', 'double', 'zip', 'godet', 'overlap'] as const) {
    const own = spots.filter((spot) => spot.what === what);
    const dots = own.map((spot) => atCutEdge(piece, spot)).filter(([x]) => !folded || x >= -1e-6);
    const [first] = own;
    if (!first || dots.length === 0) continue;
    const side = sideOf(piece, first.edge);
    const fromTop = side.length * (first.edge === 'side-right' ? 1 - first.share : first.share);
    const far = `${sheet.showLength(fromTop)} ${first.edge.startsWith('side') ? 'down the seam line from the top' : 'along the seam line'}`;
    marks.push({ id: `at-${what}`, kind: 'notch', says: SAYS[what](far), hint: 'no deeper than half the allowance', quantities: [], dots });
  }
  return marks;
}

const found = new WeakMap<readonly Join[], Map<string, Spot[]>>();

/** Every spot by the piece it is on, once for a sheet. */
function spotsOf({ joins }: Worksheet): Map<string, Spot[]> {
  const known = found.get(joins);
  if (known) return known;
  const byPiece = new Map<string, Map<string, Spot>>();
  const add = (piece: string, spot: Spot) => {
    const own = byPiece.get(piece) ?? new Map<string, Spot>();
    own.set(`${spot.what} ${spot.edge} ${spot.share.toFixed(4)}`, spot);
    byPiece.set(piece, own);
  };
  for (const join of joins) {
    // rings of many pieces are quartered when they are sewn, not on the table
    if (join.how === 'plain' && join.notches)
      for (const run of join.layers)
        if (run.length === 1)
          for (const { share, double } of join.notches)
            add(run[0]!.piece, { edge: run[0]!.edge, share: shareOf(run[0]!, share), what: double ? 'double' : 'notch' });
    const what = endOf(join);
    if (!what) continue;
    for (const { piece, edge, from, to } of join.layers.flat()) {
      const share = from > 1e-6 ? from : to < 1 - 1e-6 ? to : undefined;
      if (share !== undefined) add(piece, { edge, share, what });
    }
  }
  const spots = new Map([...byPiece].map(([piece, own]) => [piece, [...own.values()]]));
  found.set(joins, spots);
  return spots;
}

/** What one join ends for and another begins on an edge. */
function endOf({ id, how, step }: Join): Spot['what'] | undefined {
  if (how === 'zip' && id === 'zip') return 'zip';
  if (step === 'godets') return 'godet';
  return id.endsWith('-overlap') ? 'overlap' : undefined;
}

const shareOf = ({ from, to, back }: Span, share: number) => (back ? to - share * (to - from) : from + share * (to - from));

/** The place on the cut edge beside a spot of the seam line. */
function atCutEdge(piece: Piece, { edge, share }: Spot): Point {
  const side = sideOf(piece, edge);
  const { at, out } = pointOnSide(side, share);
  return [at[0] + out[0] * side.allowance, at[1] + out[1] * side.allowance];
}
