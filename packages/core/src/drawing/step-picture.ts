import { edgeLength } from '../geometry/edge.ts';
import { boundsOfPoints, type Bounds } from '../geometry/bounds.ts';
import { flatten } from '../geometry/flatten.ts';
import type { Point } from '../geometry/point.ts';
import { sideOf, type Piece } from '../shapes/piece.ts';
import { pointOnSide } from '../shapes/sides.ts';
import type { Join, Span } from '../sheet/join.ts';
import type { Step } from '../make/step.ts';
import type { Plan } from '../plan/plan.ts';
import type { Drawing, DrawnLine, DrawnText } from './drawing.ts';

/** How coarsely arcs are drawn, mm. */
const CHORD = 1;
/** Room between two pieces that lie side by side, as a share of the larger one. */
const APART = 0.09;

/** A piece as it lies in the picture. */
interface Lying {
  piece: Piece;
  by: Point;
}

/**
 * The picture of a step from the garment's own pieces: those whose edges meet, each with the edge that is sewn, its snips, where to
 * begin and which way to go. One seam stands for all alike. Undefined where a step has nothing to show.
 */
export function stepPicture(plan: Pick<Plan, 'pieces' | 'joins'>, step: Step): Drawing | undefined {
  const join = mainJoin(plan.joins, step);
  if (!join) return undefined;
  const runs = join.layers.filter((run) => run.length > 0).slice(0, 2);
  const shown = runs.map((run) => longest(plan.pieces, run));
  const pieceOf = (id: string) => plan.pieces.find((piece) => piece.id === id)!;
  const [one, other] = shown;
  if (!one) return join.onto ? ontoPicture(pieceOf(join.onto)) : undefined;
  // a piece closed on itself, or folded, is drawn once
  const itself = other !== undefined && one.piece === other.piece && one.copy === other.copy;
  // an edge sewn onto the middle of a piece: that piece lies beside it
  const beside = !other && join.onto && join.onto !== one.piece ? [pieceOf(join.onto)] : [];
  const pieces = [...(itself ? [one] : shown).map(({ piece }) => pieceOf(piece)), ...beside];
  // what is level with the top of the piece it lies on is drawn there, upon it
  const upon = beside.length > 0 && one.edge === 'top';
  const lying = upon ? layUpon(pieces[0]!, pieces[1]!) : layOut(pieces, one.edge);
  const lines: DrawnLine[] = [];
  const texts: DrawnText[] = [];
  if (upon) lines.push(...outlineOf(lying[1]!.piece, lying[1]!.by));
  lying.forEach(({ piece, by }, i) => {
    if (!upon || i === 0) lines.push(...outlineOf(piece, by));
    const span = shown[i];
    if (itself) lines.push({ role: 'edge', points: alongSpan(piece, other).map((point) => moved(point, by)) }, ...notchLines(piece, other, join, by));
    const box = boxOf(piece, by);
    texts.push({ at: [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2], says: nameOf(piece, span), anchor: 'middle' });
    if (!span) return;
    const points = alongSpan(piece, span).map((point) => moved(point, by));
    lines.push({ role: 'edge', points });
    lines.push(...notchLines(piece, span, join, by));
    if (i === 0)
      lines.push({
        role: 'direction',
        points: points.length > 2 ? points.slice(0, Math.ceil(points.length / 2) + 1) : [points[0]!, between(points[0]!, points[1]!, 0.5)],
      });
  });
  return { lines, texts, words: wordsOf(plan, step, join, shown) };
}

/** The join a picture stands for: the longest of those sewn, or of those it prepares. */
function mainJoin(joins: readonly Join[], step: Step): Join | undefined {
  const named = [...(step.joins ?? []), ...(step.shows ?? [])];
  const own = joins.filter(({ id }) => named.includes(id));
  const telling = own.filter(({ how }) => how !== 'raw');
  return (telling.length > 0 ? telling : own).reduce<Join | undefined>(
    (best, join) => (!best || weight(join) > weight(best) ? join : best),
    undefined,
  );
}

const weight = (join: Join) => join.layers.length * 1000 + (join.how === 'band' ? 1e6 : 0) + join.length.value / 1000;

const longest = (pieces: readonly Piece[], run: readonly Span[]): Span => {
  const lengthOf = ({ piece, edge, from, to }: Span) =>
    sideOf(
      pieces.find(({ id }) => id === piece)!,
      edge,
    ).length *
    (to - from);
  return run.reduce((a, b) => (lengthOf(b) > lengthOf(a) + 1 ? b : a));
};

/** Side by side where side edges meet, one above the other where tops and hems do. */
function layOut(pieces: readonly Piece[], edge: string): Lying[] {
  const [first, second] = pieces;
  if (!second) return [{ piece: first!, by: [0, 0] }];
  const [a, b] = [boxOf(first!, [0, 0]), boxOf(second, [0, 0])];
  const gap = APART * Math.max(a.width, a.height, b.width, b.height);
  if (edge.startsWith('side')) {
    const left = edge === 'side-left';
    return [
      { piece: first!, by: [0, 0] },
      { piece: second, by: [left ? a.minX - gap - b.maxX : a.maxX + gap - b.minX, a.maxY - b.maxY] },
    ];
  }
  const below = edge === 'bottom' || edge === 'hem';
  return [
    { piece: first!, by: [0, 0] },
    { piece: second, by: [(a.minX + a.maxX) / 2 - (b.minX + b.maxX) / 2, below ? a.minY - gap - b.maxY : a.maxY + gap - b.minY] },
  ];
}

/** One piece upon another, in its middle, tops level. */
function layUpon(above: Piece, under: Piece): Lying[] {
  const [a, u] = [boxOf(above, [0, 0]), boxOf(under, [0, 0])];
  const middle = (u.minX + u.maxX) / 2;
  const top = flatten(under.cut, CHORD)
    .filter(([, y]) => y > (u.minY + u.maxY) / 2)
    .reduce((near, point) => (Math.abs(point[0] - middle) < Math.abs(near[0] - middle) ? point : near))[1];
  return [
    { piece: above, by: [middle - (a.minX + a.maxX) / 2, top - a.maxY] },
    { piece: under, by: [0, 0] },
  ];
}

const moved = ([x, y]: Point, [dx, dy]: Point): Point => [x + dx, y + dy];
const between = (a: Point, b: Point, share: number): Point => [a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share];
const boxOf = (piece: Piece, by: Point): Bounds => boundsOfPoints(flatten(piece.cut, CHORD).map((point) => moved(point, by)));

function outlineOf(piece: Piece, by: Point): DrawnLine[] {
  const ring = (role: 'cut' | 'seam', outline: Piece['cut']): DrawnLine => ({
    role,
    points: flatten(outline, CHORD).map((point) => moved(point, by)),
    closed: true,
  });
  return [
    ring('cut', piece.cut),
    ...piece.cutHoles.map((hole) => ring('cut', hole)),
    ring('seam', piece.seam),
    ...piece.seamHoles.map((hole) => ring('seam', hole)),
  ];
}

/** The points of a span in sewing order, on the seam line. */
function alongSpan(piece: Piece, { edge, from, to, back }: Span): Point[] {
  const side = sideOf(piece, edge);
  const steps = side.edges.some(({ arc }) => arc) ? 32 : 1;
  const shares = Array.from({ length: steps + 1 }, (_, i) => from + ((to - from) * i) / steps);
  const corners = cornersOf(piece, edge).filter((share) => share > from && share < to);
  const points = [...new Set([...shares, ...corners])].sort((a, b) => a - b).map((share) => pointOnSide(side, share).at);
  return back ? points.reverse() : points;
}

function cornersOf(piece: Piece, edge: string): number[] {
  const side = sideOf(piece, edge);
  let reached = 0;
  return side.edges.slice(0, -1).map((each) => (reached += edgeLength(each)) / side.length);
}

/** Snips across the allowance: one in front, two behind. */
function notchLines(piece: Piece, span: Span, join: Join, by: Point): DrawnLine[] {
  const { allowance } = sideOf(piece, span.edge);
  const long = Math.max(allowance, 6);
  return (join.notches ?? []).flatMap(({ share, double }) => {
    const along = span.back ? span.to - share * (span.to - span.from) : span.from + share * (span.to - span.from);
    return (double ? [-1, 1] : [0]).map((side): DrawnLine => {
      const { at, out } = pointOnSide(sideOf(piece, span.edge), along);
      const beside: Point = [at[0] - out[1] * side * 4, at[1] + out[0] * side * 4];
      return { role: 'notch', points: [moved(beside, by), moved([beside[0] + out[0] * long, beside[1] + out[1] * long], by)] };
    });
  });
}

/** Something sewn onto the middle of a piece, without an edge of its own: the piece alone. */
const ontoPicture = (piece: Piece): Drawing => {
  const box = boxOf(piece, [0, 0]);
  return {
    lines: [...outlineOf(piece, [0, 0]), ...piece.lines.map(({ from, to }): DrawnLine => ({ role: 'edge', points: [from, to] }))],
    texts: [{ at: [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2], says: piece.name, anchor: 'middle' }],
    words: `What this step works on: the ${piece.name.toLowerCase()}. Where on it, the words below say.`,
  };
};

const nameOf = (piece: Piece, span: Span | undefined) => {
  const name = piece.name.replace(/, \d+ parts joined$/, '');
  return span && piece.copies > 1 ? `${name}, no. ${span.copy + 1}` : name;
};

const SIDE_WORDS: Record<string, string> = {
  'side-left': 'left edge',
  'side-right': 'right edge',
  bottom: 'lower edge',
  top: 'top edge',
  hem: 'hem edge',
  waist: 'waist edge',
  neck: 'neck edge',
  wrist: 'wrist edge',
  front: 'front edge',
  armhole: 'armhole edge',
  'armhole-left': 'left armhole',
  'armhole-right': 'right armhole',
  'shoulder-left': 'left shoulder',
  'shoulder-right': 'right shoulder',
  'corner-left': 'left armhole corner',
  'corner-right': 'right armhole corner',
};

function wordsOf(plan: Pick<Plan, 'pieces' | 'joins'>, step: Step, join: Join, shown: readonly Span[]): string {
  const edge = (span: Span) => {
    const piece = plan.pieces.find(({ id }) => id === span.piece)!;
    return `the ${SIDE_WORDS[span.edge] ?? span.edge} of ${nameOf(piece, span).toLowerCase()}`;
  };
  const others = plan.joins.filter(({ id, step: sewn }) => sewn === step.id && id !== join.id);
  const alike = others.length > 0 && others.every(({ how }) => how === join.how) ? ' The other seams of this step are sewn the same way.' : '';
  const snips = join.notches?.length ? ' Snips lie on snips.' : '';
  const [one, other] = shown;
  if (join.step !== step.id) return `What this step works on: ${[one!, ...(other ? [other] : [])].map(edge).join(', and ')}.`;
  if (one && other && one.piece === other.piece && one.copy === other.copy)
    return one.edge === other.edge
      ? `${capital(edge(one))} is folded right sides together and sewn onto itself.${alike}`
      : `${capital(edge(one))} meets its own ${SIDE_WORDS[other.edge] ?? other.edge}, right sides together: it becomes a ring.${snips}${alike}`;
  if (one && other && join.how === 'zip') return `${capital(edge(one))} and ${edge(other)} come together over the zip.`;
  if (one && other) return `${capital(edge(one))} meets ${edge(other)}, right sides together.${snips}${alike}`;
  return `${capital(edge(one!))} is what this step works on.${snips}${alike}`;
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
