import express, { type ErrorRequestHandler, type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';

import type { DeviceService } from './devices/deviceService.ts';
import { errorAnswer, ServerError, toServerError } from './errors.ts';
import { deviceRoutes } from './routes/deviceRoutes.ts';
import { readRoutes } from './routes/readRoutes.ts';
import { streamRoutes } from './routes/streamRoutes.ts';
import type { JobService } from './services/jobService.ts';
import type { LiveUpdates } from './services/liveUpdates.ts';

/** What the application is wired from. */
export interface AppParts {
  readonly jobs: JobService;
  readonly live: LiveUpdates;
  readonly devices: DeviceService;
  readonly log: Logger;
  /** Folder of the built pages; null when they are served elsewhere. */
  readonly pages: string | null;
}

/** The HTTP application. */
export function createApp({ jobs, live, devices, log, pages }: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger: log, autoLogging: false }));
  app.use(
    helmet({
      contentSecurityPolicy: { directives: { upgradeInsecureRequests: null } },
      hsts: false,
    }),
  );
  app.use('/api', requireJsonBody, express.json({ limit: '1mb', strict: false }));
  app.get('/api/health', (_request, response) => void response.json({ ok: true }));
  app.use('/api', readRoutes(jobs), streamRoutes(jobs, live), deviceRoutes(devices));
  app.use('/api', () => {
    throw new ServerError('notFound');
  });
  if (pages !== null) {
    app.use(express.static(pages, { index: false, maxAge: '1h' }));
    app.get('/{*path}', (_request, response) => response.sendFile('index.html', { root: pages }));
  }
  app.use(answerErrors(log));
  return app;
}

/** A form from another site cannot send JSON, so this keeps other sites' forms out as well. */
const requireJsonBody: express.RequestHandler = (request, _response, next) => {
  if (request.method === 'POST' && !request.is('application/json'))
    throw new ServerError('wrongType');
  next();
};

function answerErrors(log: Logger): ErrorRequestHandler {
  return (thrown: unknown, _request, response, next) => {
    if (response.headersSent) return next(thrown);
    const error = toServerError(thrown);
    const { status, body } = errorAnswer(error);
    if (status >= 500)
      log.error(
        { code: body.error.code, stack: error.stack, cause: String(error.cause) },
        'request failed',
      );
    response.status(status).json(body);
  };
}
