import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';

import type { DeviceService } from './devices/deviceService.ts';
import { errorAnswer, ServerError, toServerError, tracesOf } from './errors.ts';
import { outageLog } from './outageLog.ts';
import { deviceRoutes } from './routes/deviceRoutes.ts';
import { liveRoutes } from './routes/liveRoutes.ts';
import { pageRoutes } from './routes/pageRoutes.ts';
import { readRoutes } from './routes/readRoutes.ts';
import { requireOwnHost } from './routes/requireOwnHost.ts';
import { appendRoutes, logRoutes } from './routes/streamRoutes.ts';
import type { JobService } from './services/jobService.ts';
import type { LiveConnections } from './services/liveConnections.ts';

/** What the application is wired from. */
export interface AppParts {
  readonly jobs: JobService;
  readonly connections: LiveConnections;
  readonly devices: DeviceService;
  readonly log: Logger;
  /** Folder of the built pages; null when they are served elsewhere. */
  readonly pages: string | null;
}

/** What a page may load: everything from here, nothing from elsewhere. */
const POLICY = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'"],
  // Radix and ECharts set styles of their own on what they place.
  styleSrc: ["'self'", "'unsafe-inline'"],
  fontSrc: ["'self'"],
  imgSrc: ["'self'", 'data:'],
  connectSrc: ["'self'"],
  workerSrc: ["'self'", 'blob:'],
  objectSrc: ["'none'"],
  baseUri: ["'self'"],
  formAction: ["'self'"],
  frameAncestors: ["'none'"],
};

/** The HTTP application. */
export function createApp({ jobs, connections, devices, log, pages }: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.disable('etag');
  const readJson = express.json({ limit: '1mb', strict: false });
  appendRoutes(app, jobs, [requireOwnHost, plainAnswers, requireJsonBody, readJson]);
  app.use(requireOwnHost);
  app.use('/api', plainAnswers, requireJsonBody, readJson);
  app.use('/api', logRoutes(jobs));
  app.use(compression());
  app.get('/api/health', (_request, response) => void response.json({ ok: true }));
  app.use('/api', readRoutes(jobs), deviceRoutes(devices), liveRoutes(connections));
  app.use('/api', () => {
    throw new ServerError('notFound');
  });
  app.use(
    helmet({ contentSecurityPolicy: { useDefaults: false, directives: POLICY }, hsts: false }),
  );
  if (pages !== null) app.use(pageRoutes(pages));
  app.use(answerErrors(log));
  return app;
}

/** Answers of the interface are data: never a page, never framed, never kept by the browser. */
const plainAnswers: express.RequestHandler = (_request, response, next) => {
  response.setHeader('x-content-type-options', 'nosniff');
  response.setHeader('content-security-policy', "default-src 'none'; frame-ancestors 'none'");
  response.setHeader('cache-control', 'no-store');
  next();
};

/** A form from another site cannot send JSON, so this keeps other sites' forms out as well. */
const requireJsonBody: express.RequestHandler = (request, _response, next) => {
  if (request.method === 'POST' && !request.is('application/json'))
    throw new ServerError('wrongType');
  next();
};

function answerErrors(log: Logger): ErrorRequestHandler {
  const outage = outageLog(log);
  return (thrown: unknown, _request, response, next) => {
    if (response.headersSent) return next(thrown);
    const error = toServerError(thrown);
    const { status, body } = errorAnswer(error);
    if (status === 503) outage(body.error.code, error);
    else if (status >= 500)
      log.error({ code: body.error.code, ...tracesOf(error) }, 'request failed');
    response.status(status).json(body);
  };
}
