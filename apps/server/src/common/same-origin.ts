import type { NextFunction, Request, Response } from 'express';
import { ForbiddenException } from '@nestjs/common';

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Refuses writes that a page of another origin sends. Scripts without an Origin header pass: they are no browser. */
export function sameOrigin(request: Request, _response: Response, next: NextFunction): void {
  const { origin, host } = request.headers;
  if (READS.has(request.method) || origin === undefined) return next();
  let from: string | undefined;
  try {
    from = new URL(origin).host;
  } catch {
    from = undefined;
  }
  if (from !== host) return next(new ForbiddenException('Origin: writes are only taken from pages of this server'));
  next();
}
