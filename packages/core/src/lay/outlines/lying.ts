import { turned, type Point } from '../../geometry/point.ts';

/** An outline as it lies on the cloth, mirrored left to right where it is cut from the back, then turned; still counter-clockwise. */
export function lying(outline: readonly Point[], turn: number, mirrored = false): Point[] {
  const faced = mirrored ? outline.map(([x, y]): Point => [-x, y]).reverse() : outline;
  return faced.map((point) => turned(point, turn));
}
