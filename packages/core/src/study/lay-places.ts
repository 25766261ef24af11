import type { Cloth } from '../cloth/cloth.ts';
import { boundsOfPoints } from '../geometry/bounds.ts';
import { flatten } from '../geometry/flatten.ts';
import { turned, type Point } from '../geometry/point.ts';
import type { PlanLay } from '../plan/plan-lay.ts';
import type { Piece } from '../shapes/piece.ts';

/** Where one piece lies, as one finds the place with a tape: mm from the cut end and from the near selvedge to its nearest points. */
export interface LayPlace {
  /** Counted along the cloth, from 1. */
  number: number;
  piece: Piece;
  copy: number;
  turn: number;
  fromEnd: number;
  fromSelvedge: number;
  /** How much of the cloth it takes up, mm. */
  long: number;
  wide: number;
  /** Its cut line as it lies: x along the cloth from the end, y across it from the inside of the near selvedge. */
  cut: Point[][];
  seam: Point[][];
}

/** How much of a washed cloth lies outside what can be cut, at each side, mm. */
export function selvedgeOf({ width, prewashed, shrinkAcross }: Pick<Cloth, 'width' | 'prewashed' | 'shrinkAcross'>, usableWidth: number): number {
  return (width * (prewashed ? 1 : 1 - shrinkAcross) - usableWidth) / 2;
}

/** Every piece of a lay in the order one meets it from the cut end. `selvedge`, mm, is added to what is measured across. */
export function layPlaces(pieces: readonly Piece[], lay: Pick<PlanLay, 'placements'>, selvedge = 0): LayPlace[] {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const found = lay.placements.map(({ piece: id, copy, turn, x, y }) => {
    const piece = byId.get(id)!;
    const place = (ring: readonly Point[]) =>
      ring.map((point): Point => {
        const [px, py] = turned(point, turn);
        return [py + y, px + x];
      });
    const cut = [piece.cut, ...piece.cutHoles].map((outline) => place(flatten(outline)));
    const seam = [piece.seam, ...piece.seamHoles].map((outline) => place(flatten(outline)));
    const { minX, minY, width, height } = boundsOfPoints(cut[0]!);
    return { piece, copy, turn, fromEnd: minX, fromSelvedge: minY + selvedge, long: width, wide: height, cut, seam };
  });
  return found
    .sort((a, b) => Math.round(a.fromEnd) - Math.round(b.fromEnd) || a.fromSelvedge - b.fromSelvedge)
    .map((place, i) => ({ number: i + 1, ...place }));
}
