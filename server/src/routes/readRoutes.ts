import { Router } from 'express';

import type { JobService } from '../services/jobService.ts';

/** What is folded from the logs on the server: the list of jobs, the workshop, stock and instruments. */
export function readRoutes(jobs: JobService): Router {
  const router = Router();
  router.get('/jobs', async (_request, response) => void response.json(await jobs.jobs()));
  router.get('/workshop', async (_request, response) => void response.json(await jobs.workshop()));
  router.get('/stock', async (_request, response) => {
    const { sizes, usedByJob } = await jobs.workshop();
    response.json({ sizes, usedByJob });
  });
  router.get('/instruments', async (_request, response) => {
    response.json(await jobs.instruments());
  });
  return router;
}
