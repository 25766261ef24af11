import { sideOf, type Piece } from '../shapes/piece.ts';
import type { Join, Span } from '../sheet/join.ts';

const key = (piece: string, copy: number, edge: string) => `${piece}/${copy}/${edge}`;
const NEAR = 1e-7;

/** Every edge of every copy of these pieces. */
export function allEdges(pieces: readonly Piece[]): string[] {
  return pieces.flatMap(({ id, copies, sides }) => Array.from({ length: copies }, (_, copy) => sides.map((side) => key(id, copy, side.id))).flat());
}

/** What is wrong with the fates of the edges: spans that leave a gap, overlap, or name what is not there. */
export function fateFaults(pieces: readonly Piece[], joins: readonly Join[]): string[] {
  const known = new Set(allEdges(pieces));
  const spans = new Map<string, Array<[number, number]>>();
  const faults: string[] = [];
  for (const { id, layers } of joins)
    for (const { piece, copy, edge, from, to } of layers.flat()) {
      const of = key(piece, copy, edge);
      if (!known.has(of)) faults.push(`${id} names ${of}, which is not there`);
      spans.set(of, [...(spans.get(of) ?? []), [from, to]]);
    }
  for (const edge of known) {
    const own = (spans.get(edge) ?? []).sort((a, b) => a[0] - b[0]);
    let reached = 0;
    for (const [from, to] of own) {
      if (Math.abs(from - reached) > 1e-6) faults.push(`${edge}: ${from > reached ? 'no fate' : 'two fates'} between ${reached} and ${from}`);
      reached = to;
    }
    if (Math.abs(reached - 1) > 1e-6) faults.push(`${edge}: no fate after ${reached}`);
  }
  return faults;
}

/** The joins that make one surface of two layers: what is turned up, bound, drawn in or stitched on top glues nothing. */
const glued = (join: Join): Array<[Span[], Span[]]> =>
  ['plain', 'gather', 'zip', 'band'].includes(join.how) && join.layers.length >= 2 ? [[join.layers[0]!, join.layers[1]!]] : [];

export interface Surface {
  /** Separate surfaces, each by the pieces in it and its boundary loops. */
  parts: Array<{ pieces: Set<string>; loops: number }>;
  /** Seams that would turn a piece inside out. */
  insideOut: string[];
}

/**
 * Sews the outer shell together as the joins say and counts what is left open: edges become nodes and links, glued ones fall together,
 * and what is left over runs round the openings. Independent of how the joins were made: it knows spans only.
 */
export function glue(pieces: readonly Piece[], joins: readonly Join[]): Surface {
  const shell = pieces.filter((piece) => piece.shell);
  const inShell = new Set(shell.map(({ id }) => id));
  const seams = joins
    .flatMap((join) => glued(join).map(([a, b]) => ({ id: join.id, a, b })))
    .filter(({ a, b }) => [...a, ...b].every(({ piece }) => inShell.has(piece)));
  const cuts = cutPoints(shell, pieces, seams);
  const insideOut: string[] = [];

  const union = new Map<string, string>();
  const find = (x: string): string => {
    const up = union.get(x) ?? x;
    if (up === x) return x;
    const root = find(up);
    union.set(x, root);
    return root;
  };
  const join = (x: string, y: string) => void union.set(find(x), find(y));

  // corners: the end of one side is the start of the next
  const corner = (of: string, at: number) => `${of}@${at.toFixed(6)}`;
  for (const { id, copies, seam, seamHoles, sides } of shell)
    for (let copy = 0; copy < copies; copy++)
      for (const ring of [seam, ...seamHoles]) {
        const names = sides.filter((side) => ring.some((edge) => edge.name === side.id)).map((side) => side.id);
        names.forEach((name, i) => join(corner(key(id, copy, name), 1), corner(key(id, copy, names[(i + 1) % names.length]!), 0)));
      }

  const gone = new Set<string>();
  const piecesOf = new Map<string, string>();
  const pieceFind = (x: string): string => {
    const up = piecesOf.get(x) ?? x;
    if (up === x) return x;
    const root = pieceFind(up);
    piecesOf.set(x, root);
    return root;
  };
  for (const seam of seams) {
    const [a, b] = [walk(pieces, seam.a, cuts), walk(pieces, seam.b, cuts)];
    if (a.length !== b.length) throw new Error(`${seam.id} can't be glued: ${a.length} and ${b.length} stretches`);
    a.forEach((one, i) => {
      const other = b[i]!;
      if (Boolean(one.span.back) === Boolean(other.span.back)) insideOut.push(`${seam.id}: ${one.of} with ${other.of}`);
      join(corner(one.of, one.start), corner(other.of, other.start));
      join(corner(one.of, one.end), corner(other.of, other.end));
      for (const side of [one, other]) gone.add(`${side.of}#${Math.min(side.start, side.end).toFixed(6)}`);
      const [p, q] = [`${one.span.piece}/${one.span.copy}`, `${other.span.piece}/${other.span.copy}`];
      piecesOf.set(pieceFind(p), pieceFind(q));
    });
  }

  // what was not glued runs round the openings
  const open = new Map<string, string[]>();
  const owner = new Map<string, string>();
  for (const { id, copies, sides } of shell)
    for (let copy = 0; copy < copies; copy++)
      for (const side of sides) {
        const of = key(id, copy, side.id);
        const at = [...cuts.get(of)!].sort((a, b) => a - b);
        for (let i = 0; i + 1 < at.length; i++) {
          if (gone.has(`${of}#${at[i]!.toFixed(6)}`)) continue;
          const [from, to] = [find(corner(of, at[i]!)), find(corner(of, at[i + 1]!))];
          open.set(from, [...(open.get(from) ?? []), to]);
          owner.set(from, pieceFind(`${id}/${copy}`));
        }
      }
  return { parts: partsOf(shell, pieceFind, open, owner), insideOut };
}

function partsOf(
  shell: readonly Piece[],
  pieceFind: (x: string) => string,
  open: Map<string, string[]>,
  owner: Map<string, string>,
): Surface['parts'] {
  const parts = new Map<string, { pieces: Set<string>; loops: number }>();
  for (const { id, copies } of shell)
    for (let copy = 0; copy < copies; copy++) {
      const root = pieceFind(`${id}/${copy}`);
      const part = parts.get(root) ?? { pieces: new Set<string>(), loops: 0 };
      part.pieces.add(id);
      parts.set(root, part);
    }
  const left = new Map([...open].map(([from, to]) => [from, [...to]]));
  for (const [start] of open) {
    while ((left.get(start)?.length ?? 0) > 0) {
      let at = start;
      do {
        const next = left.get(at)?.pop();
        if (next === undefined) throw new Error(`the boundary breaks off at ${at}`);
        at = next;
      } while (at !== start);
      parts.get(owner.get(start)!)!.loops++;
    }
  }
  return [...parts.values()];
}

/** Shares at which every edge is cut so that glued stretches match one to one; cuts of one layer are carried to the other until none is new. */
function cutPoints(shell: readonly Piece[], pieces: readonly Piece[], seams: ReadonlyArray<{ a: Span[]; b: Span[] }>): Map<string, Set<number>> {
  const cuts = new Map(allEdges(shell).map((of) => [of, new Set([0, 1])]));
  const add = (of: string, at: number): boolean => {
    const set = cuts.get(of)!;
    if ([...set].some((known) => Math.abs(known - at) < 1e-6)) return false;
    set.add(at);
    return true;
  };
  for (const { a, b } of seams)
    for (const { piece, copy, edge, from, to } of [...a, ...b]) [from, to].forEach((at) => add(key(piece, copy, edge), at));
  for (let changed = true, rounds = 0; changed && rounds < 40; rounds++) {
    changed = false;
    for (const { a, b } of seams)
      for (const [from, to] of [
        [a, b],
        [b, a],
      ] as const) {
        const shares = walk(pieces, from, cuts).flatMap(({ at }) => at);
        for (const share of shares) {
          const spot = spotAt(pieces, to, share);
          if (spot && add(spot.of, spot.at)) changed = true;
        }
      }
  }
  return cuts;
}

interface Walked {
  span: Span;
  of: string;
  /** Shares of the edge at which the stretch starts and ends, in sewing order. */
  start: number;
  end: number;
  /** The same as shares of the whole run. */
  at: [number, number];
}

const lengthOfSpan = (pieces: readonly Piece[], { piece, edge, from, to }: Span) =>
  sideOf(
    pieces.find(({ id }) => id === piece)!,
    edge,
  ).length *
  (to - from);

/** A run in sewing order, cut where its edges are cut. */
function walk(pieces: readonly Piece[], run: readonly Span[], cuts: Map<string, Set<number>>): Walked[] {
  const whole = run.reduce((sum, span) => sum + lengthOfSpan(pieces, span), 0);
  let before = 0;
  return run.flatMap((span) => {
    const of = key(span.piece, span.copy, span.edge);
    const inside = [...cuts.get(of)!].filter((at) => at > span.from - NEAR && at < span.to + NEAR).sort((x, y) => x - y);
    if (span.back) inside.reverse();
    const length = lengthOfSpan(pieces, span);
    const begin = span.back ? span.to : span.from;
    const shareOf = (at: number) => (before + (Math.abs(at - begin) / (span.to - span.from)) * length) / whole;
    const walked = inside.slice(1).map((end, i): Walked => ({ span, of, start: inside[i]!, end, at: [shareOf(inside[i]!), shareOf(end)] }));
    before += length;
    return walked;
  });
}

/** The place of a share of a run. */
function spotAt(pieces: readonly Piece[], run: readonly Span[], share: number): { of: string; at: number } | undefined {
  const whole = run.reduce((sum, span) => sum + lengthOfSpan(pieces, span), 0);
  let rest = share * whole;
  for (const span of run) {
    const length = lengthOfSpan(pieces, span);
    if (rest < length - whole * NEAR) {
      if (rest < whole * NEAR) return undefined;
      const along = rest / length;
      const at = span.back ? span.to - along * (span.to - span.from) : span.from + along * (span.to - span.from);
      return { of: key(span.piece, span.copy, span.edge), at };
    }
    rest -= length;
  }
  return undefined;
}
