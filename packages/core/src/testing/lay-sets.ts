import { ringArea } from '../geometry/area.ts';
import type { Point } from '../geometry/point.ts';
import type { LayPiece } from '../lay/lay-request.ts';
import { randomFrom } from '../lay/random.ts';

/** Sets of pieces made from a seed, most of them cut from a known rectangle so that the best lay is known. */

const moved = (ring: readonly Point[], flip: boolean): Point[] => {
  const turned = ring.map(([x, y]): Point => (flip ? [-x, -y] : [x, y]));
  const [minX, minY] = [Math.min(...turned.map(([x]) => x)), Math.min(...turned.map(([, y]) => y))];
  return turned.map(([x, y]): Point => [x - minX, y - minY]);
};
const piece = (id: string, outline: readonly Point[], copies = 1, turns: readonly number[] = [0, 180]): LayPiece => ({ id, outline, copies, turns });
export const box = (width: number, height: number): Point[] => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
];

/** A rectangle cut up by random straight cuts across one part at a time; each piece up to `short` mm short of fitting. */
export function cutRectangles(count: number, width: number, length: number, seed: number, short = 0): LayPiece[] {
  const random = randomFrom(seed);
  const parts: Array<[number, number]> = [[width, length]];
  while (parts.length < count) {
    parts.sort((a, b) => b[0] * b[1] - a[0] * a[1]);
    const [w, h] = parts.splice(Math.floor(random() * Math.min(3, parts.length)), 1)[0]!;
    const at = 0.25 + 0.5 * random();
    if (w > h ? random() < 0.8 : random() < 0.2) parts.push([w * at, h], [w * (1 - at), h]);
    else parts.push([w, h * at], [w, h * (1 - at)]);
  }
  return parts.map(([w, h], i) => piece(`r${i}`, box(w - short * random(), h - short * random())));
}

/** A rectangle cut into convex pieces by random straight cuts, each piece turned or not. */
export function dissection(count: number, width: number, length: number, seed: number): LayPiece[] {
  const random = randomFrom(seed);
  const parts: Point[][] = [box(width, length)];
  while (parts.length < count) {
    parts.sort((a, b) => ringArea(b) - ringArea(a));
    const part = parts.shift()!;
    const middle = part.reduce(([x, y], [px, py]): Point => [x + px / part.length, y + py / part.length], [0, 0] as Point);
    const angle = random() * 2 * Math.PI;
    const [a, b] = [cutAlong(part, middle, angle), cutAlong(part, middle, angle + Math.PI)];
    if (Math.min(ringArea(a), ringArea(b)) < (width * length) / count / 6) parts.push(part);
    else parts.push(a, b);
  }
  return parts.map((ring, i) => piece(`d${i}`, moved(ring, random() < 0.5)));
}

function cutAlong(ring: readonly Point[], [px, py]: Point, angle: number): Point[] {
  const [nx, ny] = [Math.cos(angle), Math.sin(angle)];
  const side = ([x, y]: Point) => (x - px) * nx + (y - py) * ny;
  return ring.flatMap((from, i) => {
    const to = ring[(i + 1) % ring.length]!;
    const [a, b] = [side(from), side(to)];
    const kept: Point[] = a <= 0 ? [from] : [];
    if (a < 0 !== b < 0 && a !== 0 && b !== 0) kept.push([from[0] + ((to[0] - from[0]) * a) / (a - b), from[1] + ((to[1] - from[1]) * a) / (a - b)]);
    return kept;
  });
}

/** Gores of a straight or trumpet skirt. */
export function gores(copies: number, seed: number, trumpet = false): LayPiece {
  const random = randomFrom(seed);
  const [waist, hip, knee, hem, long] = [80 + 30 * random(), 120 + 20 * random(), 96, 220 + 120 * random(), 620 + 250 * random()];
  const right: Point[] = trumpet
    ? [
        [hem / 2, 0],
        [knee / 2, 280],
        [hip / 2, long - 190],
        [waist / 2, long],
      ]
    : [
        [hem / 2, 0],
        [hip / 2, long - 190],
        [waist / 2, long],
      ];
  return piece('gore', [...right, ...right.map(([x, y]): Point => [-x, y]).reverse()], copies);
}

/** Ring sectors of `angle` degrees with arcs as chords every two degrees. */
export function sectors(copies: number, inner: number, outer: number, angle: number): LayPiece {
  const steps = Math.ceil(angle / 2);
  const arc = (radius: number) =>
    Array.from({ length: steps + 1 }, (_, i): Point => {
      const at = ((-90 - angle / 2 + (angle * i) / steps) * Math.PI) / 180;
      return [radius * Math.cos(at), radius * Math.sin(at)];
    });
  return piece('sector', [...arc(outer), ...arc(inner).reverse()], copies, [0, 90, 180, 270]);
}
