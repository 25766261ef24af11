import { Injectable } from '@nestjs/common';
import { BadInput, type Lay } from '@arcus/core';
import { LAY_LIMITS, type LayPieceRequest, type LayPreviewRequest } from '@arcus/contract';
import { Engine } from '../engine/engine.ts';

/** Lays any shapes on a strip. Only what is told at a glance is told here; outlines are looked at in the thread that lays them. */
@Injectable()
export class LaysService {
  constructor(private readonly engine: Engine) {}

  preview(request: LayPreviewRequest, signal?: AbortSignal): Promise<Lay> {
    const { pieces } = request;
    assertDistinct(pieces);
    const copies = pieces.reduce((sum, piece) => sum + (piece.copies ?? 1), 0);
    if (copies > LAY_LIMITS.copies) throw new BadInput('pieces', `must be at most ${LAY_LIMITS.copies} copies in all, not ${copies}`);
    return this.engine.lay(request, signal);
  }
}

function assertDistinct(pieces: readonly LayPieceRequest[]): void {
  const seen = new Set<string>();
  pieces.forEach(({ id }, i) => {
    if (seen.has(id)) throw new BadInput(`pieces.${i}.id`, `“${id}” is used twice; give every piece an id of its own`);
    seen.add(id);
  });
}
