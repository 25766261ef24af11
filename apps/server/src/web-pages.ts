import { readFileSync } from 'node:fs';
import type { ServerResponse } from 'node:http';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { NextFunction, Request, Response } from 'express';
import staticCompressed from 'express-static-gzip';

/** What the build tells of a script: its file, and what it needs at once. */
interface Built {
  file: string;
  imports?: string[];
}

export const isApi = ({ path }: Pick<Request, 'path'>) => /^\/api(\/|$)/i.test(path);

/** The built pages; every address that is no file and not under /api is a place in the app. */
export function serveWeb(app: NestExpressApplication, web: string): void {
  app.use(
    staticCompressed(web, {
      enableBrotli: true,
      orderPreference: ['br'],
      serveStatic: {
        setHeaders: (response: ServerResponse, path: string) =>
          response.setHeader('Cache-Control', path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'),
      },
    }),
  );
  const manifest = readManifest(web);
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || isApi(request) || /\.[a-z0-9]+$/i.test(request.path)) return next();
    response.setHeader('Cache-Control', 'no-cache');
    const ahead = scriptsFor(request.path, manifest).map((file) => `</${file}>; rel=modulepreload`);
    if (ahead.length > 0) response.setHeader('Link', ahead.join(', '));
    response.sendFile(join(web, 'index.html'));
  });
}

function readManifest(web: string): Record<string, Built> {
  try {
    return JSON.parse(readFileSync(join(web, '.vite', 'manifest.json'), 'utf8')) as Record<string, Built>;
  } catch {
    // without it the page finds out itself, a little later
    return {};
  }
}

/** The scripts a make's address will want once its page runs: fetched beside the first ones instead of after them. */
export function scriptsFor(path: string, manifest: Readonly<Record<string, Built>>): string[] {
  const [, station] = /^\/makes\/[0-9a-f-]{36}(?:\/([a-z]+))?\/?$/.exec(path) ?? [];
  if (station === undefined) return [];
  const found = new Set<string>();
  const add = (name: string) => {
    const built = manifest[name];
    if (!built || found.has(built.file)) return;
    found.add(built.file);
    built.imports?.forEach(add);
  };
  add('src/make/make-page.tsx');
  add(`src/make/stations/${station}-station.tsx`);
  return [...found];
}
