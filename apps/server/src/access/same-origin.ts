import type { NextFunction, Request, Response } from 'express';
import { ForbiddenException } from '@nestjs/common';

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Refuses writes that a page of another origin sends: the Origin's scheme, name and port have to be this server's, and where the browser
 * says whence a request comes (Sec-Fetch-Site) it has to be from here. Scripts send neither: they are no browser.
 */
export function sameOrigin(request: Request, _response: Response, next: NextFunction): void {
  const { origin, host } = request.headers;
  const site = request.headers['sec-fetch-site'];
  if (READS.has(request.method)) return next();
  const elsewhere = (origin !== undefined && origin !== `http://${host}`) || (site !== undefined && site !== 'same-origin' && site !== 'none');
  next(elsewhere ? new ForbiddenException('Origin: writes are only taken from pages of this server') : undefined);
}
