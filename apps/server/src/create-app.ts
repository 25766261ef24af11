import 'reflect-metadata';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ValidationPipe } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import compression from 'compression';
import type { NextFunction, Request, Response } from 'express';
import helmet from 'helmet';
import { AppModule } from './app.module.ts';
import { ErrorFilter } from './common/error-filter.ts';
import { sameOrigin } from './common/same-origin.ts';
import { Database } from './database/database.ts';

/** 500 pieces of 5000 corners would be larger still: such lays are refused as too large. */
const BODY_LIMIT = '4mb';

export interface AppOptions {
  /** Folder of the database. */
  data: string;
  /** Folder of the built web pages; none: API only. */
  web?: string;
  quiet?: boolean;
}

/** The whole server, not yet listening. Throws FolderInUse where another process serves the same data. */
export async function createApp({ data, web, quiet = false }: AppOptions): Promise<NestExpressApplication> {
  const database = await Database.open(data);
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(database), {
    bodyParser: false,
    logger: quiet ? false : ['error', 'warn'],
  });
  app.set('query parser', 'simple');
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          // Ant Design writes its styles into the page
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(compression());
  app.use(sameOrigin);
  app.useBodyParser('json', { limit: BODY_LIMIT });
  app.setGlobalPrefix('api');
  app.useGlobalPipes(new ValidationPipe({ whitelist: true, forbidNonWhitelisted: true, transform: true, stopAtFirstError: false }));
  app.useGlobalFilters(new ErrorFilter());
  app.enableShutdownHooks();
  const document = SwaggerModule.createDocument(
    app,
    new DocumentBuilder()
      .setTitle('Arcus')
      .setDescription('Garments from rectangles, triangles, circles and gores. Lengths are millimetres.')
      .setVersion('0.1.0')
      .build(),
  );
  SwaggerModule.setup('api/docs', app, document);
  if (web && existsSync(join(web, 'index.html'))) serveWeb(app, web);
  return app;
}

/** The built pages; every address that is no file and not under /api is a place in the app. */
function serveWeb(app: NestExpressApplication, web: string): void {
  app.useStaticAssets(web, {
    index: 'index.html',
    setHeaders: (response: Response, path: string) =>
      response.setHeader('Cache-Control', path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'),
  });
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.path.startsWith('/api') || /\.[a-z0-9]+$/i.test(request.path)) return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(web, 'index.html'));
  });
}
