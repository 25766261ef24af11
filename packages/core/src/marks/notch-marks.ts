import type { Point } from '../geometry/point.ts';
import { sideOf, type Piece } from '../shapes/piece.ts';
import { pointOnSide } from '../shapes/sides.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Worksheet } from '../sheet/worksheet.ts';
import type { Mark } from './mark.ts';

/** Where a side has to be marked, as a share of its length along its own direction, and on which copies of the piece. */
interface Spot {
  edge: string;
  share: number;
  what: 'notch' | 'double' | 'zip' | 'godet' | 'overlap';
  copies: Set<number>;
}

const POINTS = {
  zip: (far: string) => `Where the zip ends: ${far}, on the two edges it goes between`,
  godet: (far: string) => `Where the godet begins: ${far}. Mark the point on the seam line with chalk or thread`,
  overlap: (far: string) => `Where the overlap ends: ${far}`,
};

/** Snips and points a piece needs, from the joins its edges are in. On the half beside a fold where it is chalked folded. */
export function notchMarks(sheet: Worksheet, piece: Piece, folded: boolean): Mark[] {
  const spots = spotsOf(sheet).get(piece.id) ?? [];
  const dotsOf = (of: readonly Spot[]) => {
    const places = of.map((spot) => atCutEdge(piece, spot)).filter(([x]) => !folded || x >= -1e-6);
    return [...new Map(places.map((place) => [place.map((mm) => mm.toFixed(2)).join(), place])).values()];
  };
  const marks = snipMarks(sheet, piece, spots, folded, dotsOf);
  for (const what of ['zip', 'godet', 'overlap'] as const) {
    const own = spots.filter((spot) => spot.what === what);
    const dots = dotsOf(own);
    const [first] = own;
    if (!first || dots.length === 0) continue;
    const far = `${sheet.showLength(fromTop(piece, first))} ${isSide(first.edge) ? 'down the seam line from the top' : 'along the seam line'}`;
    marks.push({ id: `at-${what}`, kind: 'notch', says: POINTS[what](far), hint: DEPTH, quantities: [], dots });
  }
  return marks;
}

const DEPTH = 'no deeper than half the allowance; where the edge will be bound, hardly at all';
const isSide = (edge: string) => edge.startsWith('side');
const fromTop = (piece: Piece, { edge, share }: Spot) => sideOf(piece, edge).length * (edge === 'side-right' ? 1 - share : share);

/** What an edge is called whose left and right are alike. */
const EDGES: Record<string, string> = {
  side: 'side edge',
  top: 'top edge',
  bottom: 'lower edge',
  corner: 'armhole corner',
  armhole: 'armhole edge',
};

/** Snips at one height of edges that mirror each other are one thing to do. */
function snipMarks(sheet: Worksheet, piece: Piece, spots: readonly Spot[], folded: boolean, dotsOf: (of: readonly Spot[]) => Point[]): Mark[] {
  const places = new Map<string, Spot[]>();
  for (const spot of spots.filter(({ what }) => what === 'notch' || what === 'double')) {
    const kind = spot.edge.replace(/-(left|right)$/, '');
    const along = isSide(spot.edge) ? fromTop(piece, spot) : Math.min(spot.share, 1 - spot.share) * sideOf(piece, spot.edge).length;
    const name = `${kind} ${along.toFixed(1)}`;
    places.set(name, [...(places.get(name) ?? []), spot]);
  }
  const marks: Mark[] = [];
  for (const [name, own] of places) {
    const [kind, along] = name.split(' ') as [string, string];
    const dots = dotsOf(own);
    if (dots.length === 0) continue;
    const halfway = own.every(({ share }) => Math.abs(share - 0.5) < 1e-6);
    const far = sheet.showLength(Number(along));
    const ends = own.some(({ share }) => share < 0.5) && own.some(({ share }) => share > 0.5) ? 'both its ends' : 'its end';
    const place =
      kind === 'side'
        ? `${far} down the seam line from the top`
        : halfway
          ? `halfway along, ${far} along the seam line`
          : `${far} along the seam line from ${ends}`;
    marks.push({
      id: marks.length === 0 ? 'at-notch' : `at-notch-${marks.length + 1}`,
      kind: 'notch',
      says: `Snip ${edgesSay(kind, own, folded)} ${place}: ${howOften(own, folded)}`,
      hint: DEPTH,
      quantities: [],
      dots,
    });
  }
  return marks;
}

function edgesSay(kind: string, own: readonly Spot[], folded: boolean): string {
  const edge = EDGES[kind] ?? kind;
  if (new Set(own.map((spot) => spot.edge)).size < 2) return `the ${edge}`;
  return folded && own.every(({ what }) => what === own[0]!.what) ? `the ${edge}, both layers,` : `both ${edge}s`;
}

/**
 * One snip is the front, two are the back; pieces that are both tell which of them, or which of their edges, is meant: nobody can snip one
 * place once and twice.
 */
function howOften(own: readonly Spot[], folded: boolean): string {
  const [single, double] = [own.filter(({ what }) => what === 'notch'), own.filter(({ what }) => what === 'double')];
  if (double.length === 0) return 'once';
  if (single.length === 0) return 'twice, side by side; two snips are the back';
  const copies = (of: readonly Spot[]) => new Set(of.flatMap((spot) => [...spot.copies]));
  const apart = [...copies(single)].every((copy) => !copies(double).has(copy));
  if (apart) return 'once on the one for the front, twice, side by side, on the one for the back';
  return `${folded ? 'opened out, ' : ''}once where it will meet the front, twice, side by side, where it will meet the back`;
}

const found = new WeakMap<readonly Join[], Map<string, Spot[]>>();

/** Every spot by the piece it is on, once for a sheet. */
function spotsOf({ joins }: Worksheet): Map<string, Spot[]> {
  const known = found.get(joins);
  if (known) return known;
  const byPiece = new Map<string, Map<string, Spot>>();
  const add = (piece: string, copy: number, spot: Omit<Spot, 'copies'>) => {
    const own = byPiece.get(piece) ?? new Map<string, Spot>();
    const name = `${spot.what} ${spot.edge} ${spot.share.toFixed(4)}`;
    own.set(name, { ...spot, copies: (own.get(name)?.copies ?? new Set()).add(copy) });
    byPiece.set(piece, own);
  };
  for (const join of joins) {
    // rings of many pieces are quartered when they are sewn, not on the table
    if (join.how === 'plain' && join.notches)
      for (const run of join.layers)
        if (run.length === 1)
          for (const { share, double } of join.notches)
            add(run[0]!.piece, run[0]!.copy, { edge: run[0]!.edge, share: shareOf(run[0]!, share), what: double ? 'double' : 'notch' });
    const what = endOf(join);
    if (!what) continue;
    for (const { piece, copy, edge, from, to } of join.layers.flat()) {
      const share = from > 1e-6 ? from : to < 1 - 1e-6 ? to : undefined;
      if (share !== undefined) add(piece, copy, { edge, share, what });
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
