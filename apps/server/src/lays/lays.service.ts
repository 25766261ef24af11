import { Injectable } from '@nestjs/common';
import { BadInput, boundsOfPoints, ringArea, ringFault, Unmakeable, type Lay, type LayPiece, type Point } from '@arcus/core';
import { LAY_LIMITS, type LayPieceRequest, type LayPreviewRequest } from '@arcus/contract';
import { Engine } from '../engine/engine.ts';

/** No piece of cloth reaches further than this, mm. */
const FURTHEST = 1_000_000;
/** Nothing thinner can be cut, mm. */
const THREAD = 0.1;

/** Lays any shapes on a strip. */
@Injectable()
export class LaysService {
  constructor(private readonly engine: Engine) {}

  preview({ width, pieces, effort, seconds, seed }: LayPreviewRequest, signal?: AbortSignal): Promise<Lay> {
    const shapes = pieces.map(toLayPiece);
    assertDistinct(shapes);
    const copies = shapes.reduce((sum, piece) => sum + piece.copies, 0);
    if (copies > LAY_LIMITS.copies) throw new BadInput('pieces', `must be at most ${LAY_LIMITS.copies} copies in all, not ${copies}`);
    return this.engine.lay({ width, pieces: shapes, effort: effort ?? 'quick', seconds: seconds ?? undefined, seed: seed ?? undefined }, signal);
  }
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

function assertDistinct(pieces: readonly LayPiece[]): void {
  const seen = new Set<string>();
  pieces.forEach(({ id }, i) => {
    if (seen.has(id)) throw new BadInput(`pieces.${i}.id`, `“${id}” is used twice; give every piece an id of its own`);
    seen.add(id);
  });
}
