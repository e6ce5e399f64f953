import { Router } from 'express';

import { checkShape, WatchesDto } from '@wendaxis/contract';
import { InputError } from '@wendaxis/core/faults';

import type { LiveConnections } from '../services/liveConnections.ts';

/** The live connection of a browser, and what it watches. */
export function liveRoutes(connections: LiveConnections): Router {
  const router = Router();
  router.get('/live', (request, response) => connections.open(request, response));
  router.post('/live/:connectionId/watches', (request, response) => {
    const faults = checkShape(WatchesDto, request.body, '');
    if (faults.length > 0) throw new InputError(faults);
    const { watches } = request.body as WatchesDto;
    const lower = watches.map((watch) => ({ ...watch, jobId: watch.jobId.toLowerCase() }));
    connections.watch(request.params.connectionId, lower);
    response.json({ watching: watches.length });
  });
  return router;
}
