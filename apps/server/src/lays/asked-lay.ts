import { BadInput, boundsOfPoints, ringArea, ringFault, Unmakeable, type LayPiece, type LayRequest, type Point } from '@arcus/core';
import type { LayPieceRequest, LayPreviewRequest } from '@arcus/contract';

/** No piece of cloth reaches further than this, mm. */
const FURTHEST = 1_000_000;
/** Nothing thinner can be cut, mm. */
const THREAD = 0.1;

/** What was asked of POST /api/lays/preview, as the engine takes it. Throws BadInput or Unmakeable naming the piece that can't be cut. */
export function askedLay({ width, pieces, effort, seconds, seed }: LayPreviewRequest): LayRequest {
  return { width, pieces: pieces.map(toLayPiece), effort: effort ?? 'quick', seconds: seconds ?? undefined, seed: seed ?? undefined };
}

function toLayPiece({ id, outline, copies, turns, mirror }: LayPieceRequest, index: number): LayPiece {
  const field = `pieces.${index}.outline`;
  outline.forEach((corner, i) => {
    const good =
      Array.isArray(corner) && corner.length === 2 && corner.every((n) => typeof n === 'number' && Number.isFinite(n) && Math.abs(n) <= FURTHEST);
    if (!good) throw new BadInput(`${field}.${i}`, 'must be a corner [x, y] in millimetres');
  });
  const ring = withoutRepeats(outline);
  const fault = ringFault(ring);
  if (fault) throw new Unmakeable(field, `The outline of “${id}” ${fault}; it must be a simple closed ring.`);
  const { width, height } = boundsOfPoints(ring);
  if (Math.abs(ringArea(ring)) / Math.max(width, height) < THREAD)
    throw new Unmakeable(field, `“${id}” is thinner than a thread; nothing can be cut so.`);
  const counterClockwise = ringArea(ring) > 0 ? ring : [...ring].reverse();
  return { id, outline: counterClockwise, copies: copies ?? 1, turns: turns ?? [0], ...(mirror ? { mirror } : {}) };
}

function withoutRepeats(outline: ReadonlyArray<Point>): Point[] {
  return outline.filter(([x, y], i) => {
    const [px, py] = outline[(i + outline.length - 1) % outline.length]!;
    return x !== px || y !== py;
  });
}
