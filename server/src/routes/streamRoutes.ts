import compression from 'compression';
import { Router } from 'express';

import { parseEvents, type StreamKind } from '@wendaxis/contract';
import { requireInteger } from '@wendaxis/core/faults';

import { WORKSHOP_STREAM, type JobService } from '../services/jobService.ts';
import { requireJobId } from './requireJobId.ts';

/** A log is worth compressing, lightly: somebody waits for it. The answer to an entry is not. */
const compressed = compression({ level: 1 });

/** Logs: append and read. */
export function streamRoutes(jobs: JobService): Router {
  const router = Router();
  const kinds: readonly { kind: StreamKind; path: string }[] = [
    { kind: 'job', path: '/jobs/:jobId' },
    { kind: 'workshop', path: '/workshop' },
  ];
  for (const { kind, path } of kinds) {
    const idOf = (params: { jobId?: string }) =>
      kind === 'workshop' ? WORKSHOP_STREAM : requireJobId(params.jobId);

    router.post(`${path}/events`, async (request, response) => {
      const streamId = idOf(request.params);
      const batch = parseEvents(kind, request.body);
      response.status(201).json(await jobs.append(kind, streamId, batch));
    });

    router.get(`${path}/events`, compressed, async (request, response) => {
      const after = request.query['after'] ?? '0';
      const place = typeof after === 'string' && /^\d{1,9}$/.test(after) ? Number(after) : after;
      response.json(
        await jobs.page(idOf(request.params), requireInteger('after', place, { min: 0 })),
      );
    });
  }
  return router;
}
