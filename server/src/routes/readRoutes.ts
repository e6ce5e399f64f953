import { Router } from 'express';

import { JOB_FILTERS } from '@wendaxis/contract';
import { requireInteger, requireOneOf } from '@wendaxis/core/faults';

import type { JobsQuestion } from '../repositories/jobListRepository.ts';
import type { JobService } from '../services/jobService.ts';
import { requireJobId } from './requireJobId.ts';

/** Most words that one search looks for, and signs that it may have. */
const MOST_WORDS = 8;
const LONGEST_SEARCH = 200;
const MOST_PAGES = 100_000;

/** What is folded from the logs on the server: the list of jobs, the workshop, what jobs hold of the stock. */
export function readRoutes(jobs: JobService): Router {
  const router = Router();
  router.get('/jobs', async (request, response) => {
    response.json(await jobs.jobs(questionOf(request.query)));
  });
  router.get('/workshop', async (_request, response) => void response.json(await jobs.workshop()));
  router.get('/stock', async (request, response) => {
    const { except } = request.query;
    response.json(await jobs.stockUse(except === undefined ? null : requireJobId(except)));
  });
  return router;
}

/** @throws InputError naming `filter` or `page` */
function questionOf({ filter, search, page }: Readonly<Record<string, unknown>>): JobsQuestion {
  const number = typeof page === 'string' && /^\d{1,6}$/u.test(page) ? Number(page) : (page ?? 0);
  const text = typeof search === 'string' ? search.slice(0, LONGEST_SEARCH).toLowerCase() : '';
  return {
    filter: requireOneOf('filter', filter ?? 'all', JOB_FILTERS),
    words: text.replaceAll('\0', '').split(/\s+/u).filter(Boolean).slice(0, MOST_WORDS),
    page: requireInteger('page', number, { min: 0, max: MOST_PAGES }),
  };
}
