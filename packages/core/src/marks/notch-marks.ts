import { edgeLength, sweepOf } from '../geometry/edge.ts';
import { polar, type Point } from '../geometry/point.ts';
import { sideOf, type Piece } from '../shapes/piece.ts';
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
  const spots = new Map<string, Spot>();
  for (const join of sheet.joins)
    for (const spot of [...notches(sheet, join, piece), ...ends(join, piece)]) spots.set(`${spot.what} ${spot.edge} ${spot.share.toFixed(4)}`, spot);
  const marks: Mark[] = [];
  for (const what of ['notch', 'double', 'zip', 'godet', 'overlap'] as const) {
    const own = [...spots.values()].filter((spot) => spot.what === what);
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

/** Spots of a join's own notches that fall on this piece; rings of many pieces are quartered when they are sewn, not on the table. */
function notches(sheet: Worksheet, join: Join, piece: Piece): Spot[] {
  if (join.how !== 'plain' || !join.notches) return [];
  return join.layers.flatMap((run) => {
    const [span] = run;
    if (run.length !== 1 || span!.piece !== piece.id || sheet.piece(span!.piece).sides.length === 0) return [];
    return join.notches!.map(({ share, double }): Spot => ({ edge: span!.edge, share: shareOf(span!, share), what: double ? 'double' : 'notch' }));
  });
}

const shareOf = ({ from, to, back }: Span, share: number) => (back ? to - share * (to - from) : from + share * (to - from));

/** Where one join ends and another begins on an edge of this piece. */
function ends(join: Join, piece: Piece): Spot[] {
  const what =
    join.how === 'zip' && join.id === 'zip' ? 'zip' : join.step === 'godets' ? 'godet' : join.id.endsWith('-overlap') ? 'overlap' : undefined;
  if (!what) return [];
  return join.layers.flat().flatMap(({ piece: id, edge, from, to }) => {
    if (id !== piece.id) return [];
    const share = from > 1e-6 ? from : to < 1 - 1e-6 ? to : undefined;
    return share === undefined ? [] : [{ edge, share, what } as Spot];
  });
}

/** The place on the cut edge beside a spot of the seam line. */
function atCutEdge(piece: Piece, { edge, share }: Spot): Point {
  const side = sideOf(piece, edge);
  let rest = share * side.length;
  for (const part of side.edges) {
    const length = edgeLength(part);
    if (rest > length + 1e-6 && part !== side.edges[side.edges.length - 1]) {
      rest -= length;
      continue;
    }
    const at = Math.min(1, rest / length);
    if (!part.arc) {
      const run: Point = [(part.to[0] - part.from[0]) / length, (part.to[1] - part.from[1]) / length];
      return [part.from[0] + run[0] * rest + run[1] * part.allowance, part.from[1] + run[1] * rest - run[0] * part.allowance];
    }
    const { start, sweep, radius } = sweepOf(part);
    return polar(part.arc.centre, radius + (part.arc.ccw ? part.allowance : -part.allowance), start + sweep * at);
  }
  return side.edges[0]!.from;
}
