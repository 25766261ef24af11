import 'reflect-metadata';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { NotFoundException, ValidationPipe } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import compression from 'compression';
import type { NextFunction, Request, Response } from 'express';
import helmet from 'helmet';
import { knownHosts } from './access/known-hosts.ts';
import { isLoopback } from './access/loopback.ts';
import type { Passphrase } from './access/passphrase.ts';
import { sameOrigin } from './access/same-origin.ts';
import { Gate } from './access/sign-in.ts';
import { AppModule } from './app.module.ts';
import { newToken } from './backup/running-server.ts';
import { bodyLimits } from './common/body-limits.ts';
import { ErrorFilter } from './common/error-filter.ts';
import { Database } from './database/database.ts';
import { isApi, serveWeb } from './web-pages.ts';

/** 500 pieces of 5000 corners would be larger still: such lays are refused as too large. */
const BODY_LIMIT = '4mb';

export interface AppOptions {
  /** Folder of the database. */
  data: string;
  /** Folder of the built web pages; none: API only. */
  web?: string;
  quiet?: boolean;
  /** Names beside loopback this server goes by. */
  hosts?: readonly string[];
  /** Needed to be let in; none: everybody who reaches it. */
  passphrase?: Passphrase;
  /** What the command line shows to be let in. */
  token?: string;
}

/** The whole server, not yet listening. Throws StartupProblem where the data can't be opened or another process serves it. */
export async function createApp({
  data,
  web,
  quiet = false,
  hosts = [],
  passphrase,
  token = newToken(),
}: AppOptions): Promise<NestExpressApplication> {
  const database = await Database.open(data);
  const gate = new Gate(passphrase, token);
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(database, gate), {
    bodyParser: false,
    logger: quiet ? false : ['error', 'warn'],
    // what is under way at the end is told so; nobody waits for connections that are only kept
    forceCloseConnections: true,
  });
  const errors = new ErrorFilter();
  app.set('query parser', 'simple');
  // answers of the API are stored nowhere: a mark to compare them by is work for nothing
  app.set('etag', false);
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
  app.use(knownHosts(hosts));
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (isApi(request)) response.setHeader('Cache-Control', 'no-store');
    next();
  });
  app.use(compression({ filter: (request, response) => !isNearby(request) && compression.filter(request, response) }));
  app.use(sameOrigin);
  app.use(gate.guard);
  app.useBodyParser('json', { limit: BODY_LIMIT });
  app.use(bodyLimits);
  app.setGlobalPrefix('api');
  app.useGlobalPipes(new ValidationPipe({ whitelist: true, forbidNonWhitelisted: true, transform: true, stopAtFirstError: false }));
  app.useGlobalFilters(errors);
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
  await app.init();
  // after every route: what is left is nowhere, and what failed outside the handlers is told in the same shape
  app.use((request: Request, _response: Response, next: NextFunction) => next(new NotFoundException(`There is nothing at ${request.path}.`)));
  app.use((error: unknown, request: Request, response: Response, _next: NextFunction) => errors.answer(error, request, response));
  return app;
}

/** On the same machine compressing an answer of the API takes longer than sending it. */
const isNearby = (request: Request) => isApi(request) && isLoopback((request.socket.remoteAddress ?? '').replace('::ffff:', ''));
