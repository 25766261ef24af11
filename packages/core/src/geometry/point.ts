/** A place on the cloth, mm: x across, y along the grain. */
export type Point = readonly [x: number, y: number];

export const plus = (a: Point, b: Point): Point => [a[0] + b[0], a[1] + b[1]];
export const minus = (a: Point, b: Point): Point => [a[0] - b[0], a[1] - b[1]];
export const scaled = (a: Point, by: number): Point => [a[0] * by, a[1] * by];
export const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

/** The point at `radius` (mm) from `centre` in direction `angle` (radians, counter-clockwise from the x axis). */
export const polar = (centre: Point, radius: number, angle: number): Point => [
  centre[0] + radius * Math.cos(angle),
  centre[1] + radius * Math.sin(angle),
];

/** `point` turned counter-clockwise about the origin; quarter turns are exact. */
export function turned(point: Point, angleDeg: number): Point {
  const [x, y] = point;
  switch (((angleDeg % 360) + 360) % 360) {
    case 0:
      return [x, y];
    case 90:
      return [-y, x];
    case 180:
      return [-x, -y];
    case 270:
      return [y, -x];
    default: {
      const a = (angleDeg * Math.PI) / 180;
      return [x * Math.cos(a) - y * Math.sin(a), x * Math.sin(a) + y * Math.cos(a)];
    }
  }
}
