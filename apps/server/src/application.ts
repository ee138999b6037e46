import { randomUUID } from 'node:crypto';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { INestApplication } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import compression from 'compression';
import cookieParser from 'cookie-parser';
import express, { type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { pinoHttp } from 'pino-http';
import { keepCrowdOut } from './http/crowd.ts';
import { withSchemas } from './http/describe.ts';
import { AppModule } from './app.module.ts';
import { readableBody } from './http/readableBody.middleware.ts';
import { log, nestLogger } from './http/logger.ts';
import { outsideOf, reachedBy } from './http/outside.ts';
import { sameOrigin } from './http/sameOrigin.middleware.ts';
import { edgeValidation } from './http/validation.ts';
import { JOB_LIMIT_BYTES } from './transfer/jobImport.ts';
import { PHOTO_LIMIT_BYTES } from './walkround/photos.ts';

const BODY_LIMIT = '256kb';
const WEB = join(import.meta.dirname, '../../web/dist');

/**
 * Scripts from us alone. The API's own documentation page needs inline styles, and the worker that proves rounds compiles
 * its solver; nothing else does.
 */
const policy = ({ inlineStyles = false, compiles = false } = {}) =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: compiles ? ["'self'", "'wasm-unsafe-eval'"] : ["'self'"],
        styleSrc: inlineStyles ? ["'self'", "'unsafe-inline'"] : ["'self'"],
        imgSrc: ["'self'", 'data:'],
        fontSrc: ["'self'", 'data:'],
        connectSrc: ["'self'"],
        workerSrc: ["'self'"],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    strictTransportSecurity: false,
  });

const isApi = ({ path }: Pick<Request, 'path'>) => path === '/api' || path.startsWith('/api/');
const isFeed = (request: Pick<Request, 'path'>) => request.path === '/api/events';

/** Puts the application together: policy, logs, sessions, the API, and the pages. */
export async function makeApplication(): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule, { logger: nestLogger, bodyParser: false });
  const page = policy();
  const docs = policy({ inlineStyles: true });
  const solver = policy({ compiles: true });
  const policyOf = (path: string) =>
    path.startsWith('/api/docs') ? docs : path.startsWith('/assets/rounds.worker') ? solver : page;
  app.use((request: Request, response: Response, next: NextFunction) =>
    policyOf(request.path)(request, response, next),
  );
  app.use(
    pinoHttp({
      logger: log,
      genReqId: () => randomUUID(),
      quietReqLogger: true,
      autoLogging: { ignore: (request) => !request.url?.startsWith('/api') },
    }),
  );
  // Signal is poor on site. The feed of what happens goes as it is: packed, it would wait for more.
  app.use(compression({ filter: (request, response) => !isFeed(request) && compression.filter(request, response) }));
  // Phones set themselves right by this header: it says the time that the record is written with.
  app.use((_request: Request, response: Response, next: NextFunction) => {
    response.setHeader('Date', new Date().toUTCString());
    next();
  });
  reachedBy(app, outsideOf(process.env));
  // What is somebody's own is kept by nobody on the way, but where a handler says for how long.
  app.use('/api', (_request: Request, response: Response, next: NextFunction) => {
    response.setHeader('Cache-Control', 'private, no-store');
    next();
  });
  app.use(cookieParser());
  app.use(sameOrigin);
  // A photo, a firm's picture and a whole job come as they are; everything else is JSON.
  app.use(/^\/api\/jobs\/[^/]+\/photos$/, express.raw({ type: () => true, limit: PHOTO_LIMIT_BYTES }));
  app.use('/api/firm/logo', express.raw({ type: () => true, limit: PHOTO_LIMIT_BYTES }));
  app.use('/api/job-imports', express.raw({ type: () => true, limit: JOB_LIMIT_BYTES }));
  app.use(express.json({ limit: BODY_LIMIT, strict: true }));
  app.use(readableBody);
  // Only what has been read whole is counted: whoever sends slowly keeps nobody out.
  keepCrowdOut(app);
  app.useGlobalPipes(edgeValidation());
  app.enableShutdownHooks();
  // Put together when somebody reads it: a start does not wait for it.
  SwaggerModule.setup('api/docs', app, () => descriptionOf(app));
  if (existsSync(WEB)) servePages(app);
  return app;
}

/** The description of the API of an application that is not started: no database is asked. */
export async function describeApi(): Promise<OpenAPIObject> {
  const app = await NestFactory.create(AppModule, { preview: true, logger: false, abortOnError: false });
  return descriptionOf(app);
}

/** The description of the API, whole: bodies, answers and refusals with everything that has a name. */
const descriptionOf = (app: INestApplication): OpenAPIObject =>
  withSchemas(
    SwaggerModule.createDocument(
      app,
      new DocumentBuilder().setTitle('Rustic Ledger').setVersion('0.1').setOpenAPIVersion('3.1.0').build(),
    ),
  );

function servePages(app: NestExpressApplication): void {
  app.use('/assets', express.static(join(WEB, 'assets'), { immutable: true, maxAge: '1y', index: false }));
  const pages = express.static(WEB, { index: false });
  // Nothing of the API lies among the files: it is not looked for there.
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (isApi(request)) next();
    else pages(request, response, next);
  });
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || isApi(request)) {
      next();
      return;
    }
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(WEB, 'index.html'));
  });
}
