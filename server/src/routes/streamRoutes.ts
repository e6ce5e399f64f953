import { constants } from 'node:zlib';

import compression from 'compression';
import { Router, type IRouter, type RequestHandler } from 'express';

import { parseEvents, type StreamKind } from '@wendaxis/contract';
import { requireInteger } from '@wendaxis/core/faults';

import { WORKSHOP_STREAM, type JobService } from '../services/jobService.ts';
import { requireJobId } from './requireJobId.ts';

/** A log is worth compressing, lightly: somebody waits for it. The answer to an entry is not. */
const compressed = compression({
  level: 1,
  brotli: { params: { [constants.BROTLI_PARAM_QUALITY]: 1 } },
});

/** Where the logs are. */
const LOGS = [
  { kind: 'job', path: '/jobs/:jobId/events' },
  { kind: 'workshop', path: '/workshop/events' },
] as const satisfies readonly { kind: StreamKind; path: string }[];

const idOf = (kind: StreamKind, { jobId }: { readonly jobId?: string }) =>
  kind === 'workshop' ? WORKSHOP_STREAM : requireJobId(jobId);

/**
 * Append to a log. What is recorded comes first and oftenest: no layer between, and an answer that is written at once.
 * @param router of the whole application
 * @param before what looks at a request first
 */
export function appendRoutes(
  router: IRouter,
  jobs: JobService,
  before: readonly RequestHandler[],
): void {
  for (const { kind, path } of LOGS)
    router.post(`/api${path}`, ...before, async (request, response) => {
      const streamId = idOf(kind, request.params);
      const answer = await jobs.append(kind, streamId, parseEvents(kind, request.body));
      const body = JSON.stringify(answer);
      response.writeHead(201, {
        'content-type': 'application/json; charset=utf-8',
        'content-length': Buffer.byteLength(body),
      });
      response.end(body);
    });
}

/** Read the logs. */
export function logRoutes(jobs: JobService): Router {
  const router = Router();
  for (const { kind, path } of LOGS)
    router.get(path, compressed, async (request, response) => {
      const after = request.query['after'] ?? '0';
      const place = typeof after === 'string' && /^\d{1,9}$/.test(after) ? Number(after) : after;
      const page = await jobs.page(
        idOf(kind, request.params),
        requireInteger('after', place, { min: 0 }),
      );
      response.type('json').send(page);
    });
  return router;
}
