import { HttpException } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';
import { isLoopback } from './loopback.ts';

/** The name in a Host header, without its port; undefined where it is none. */
export function nameOf(host: string | undefined): string | undefined {
  const found = /^(\[[0-9a-f:.]+\]|[a-z0-9._-]+)(?::\d{1,5})?$/i.exec(host ?? '');
  return found?.[1]?.toLowerCase().replace(/\.$/, '');
}

/**
 * Answers only to the names this server goes by. A page elsewhere can make its own name lead to this machine and would then pass for one
 * of ours; the Host header still tells its name. Loopback names are always known.
 */
export function knownHosts(names: readonly string[]) {
  const known = new Set(names.map((name) => name.toLowerCase()));
  return (request: Request, _response: Response, next: NextFunction): void => {
    const name = nameOf(request.headers.host);
    if (name !== undefined && (isLoopback(name) || known.has(name))) return next();
    next(new HttpException('Host: this server does not go by that name. List it in ARCUS_HOSTS if it should.', 421));
  };
}
