import { randomUUID } from 'node:crypto';

import type { Page } from '@playwright/test';

import { foldJob, foldRest, type JobEvent, type JobState } from '@wendaxis/core/job';
import { compilePlan, type Step } from '@wendaxis/core/plan';
import { answerStep, type WorkHabits } from '@wendaxis/core/simulate';

import type { Unit } from '@wendaxis/core/unit';

import { expect, goTo } from './workshopTest.ts';

/** The job of a name, and the address of its pages. */
export async function jobOf(page: Page, address: string, name: string): Promise<string> {
  const { jobs } = (await (await page.request.get(`${address}api/jobs`)).json()) as {
    jobs: { jobId: string; name: string }[];
  };
  return jobs.find((job) => job.name === name)!.jobId;
}

/** A job as the server has it. */
export async function jobAt(page: Page, address: string, jobId: string): Promise<JobState> {
  return foldJob(await eventsOf(page, address, jobId));
}

/** Between two requests the work is worked out: the server may have closed a connection that was kept. */
const ONCE = { connection: 'close' };

async function eventsOf(page: Page, address: string, jobId: string): Promise<readonly JobEvent[]> {
  const answer = await page.request.get(`${address}api/jobs/${jobId}/events`, {
    headers: ONCE,
  });
  return ((await answer.json()) as { events: JobEvent[] }).events;
}

/**
 * Let an imagined mechanic work a job until a step comes, and record all of it through the server together; returns the job as the
 * server has it then.
 */
export async function workTo(
  page: Page,
  address: string,
  jobId: string,
  { habits, until }: { readonly habits: WorkHabits; readonly until: (step: Step) => boolean },
): Promise<JobState> {
  const log = [...(await eventsOf(page, address, jobId))];
  const recorded: NewEvent[] = [];
  let state = foldJob(log);
  for (let turn = 0; turn < 400; turn += 1) {
    const { next } = compilePlan(state);
    if (next === null || until(next)) {
      if (recorded.length > 0) await post(page, address, jobId, recorded);
      return jobAt(page, address, jobId);
    }
    const events = answerStep(state, next, habits, () => randomUUID()).map(asEvent);
    recorded.push(...events);
    const rest = events.map((event, at) => ({ ...event, seq: log.length + at + 1 }) as JobEvent);
    log.push(...rest);
    state = foldRest(state, rest) ?? foldJob(log);
  }
  throw new Error('never came to the step');
}

/** Once a pack is chosen: what it lies under comes off by another hand, and its page is open. */
export async function openForPack(
  page: Page,
  address: string,
  jobId: string,
  habits: WorkHabits,
): Promise<void> {
  await expect(page.getByText('All sent')).toBeVisible();
  await workTo(page, address, jobId, { habits, until: ({ rule }) => rule === 'fitPack' });
  await goTo(page, `${address}jobs/${jobId}/pack`);
}

/** Something to record, as another bench would send it. */
interface NewEvent {
  readonly id: string;
  readonly type: string;
  readonly data: object;
  readonly version: number;
  readonly at: string;
  readonly by: string;
}

const asEvent = ({ type, data }: Pick<NewEvent, 'type' | 'data'>): NewEvent => ({
  type,
  data,
  id: randomUUID(),
  version: 1,
  at: new Date().toISOString(),
  by: 'runa',
});

async function post(
  page: Page,
  address: string,
  jobId: string,
  events: readonly NewEvent[],
): Promise<void> {
  const answer = await page.request.post(`${address}api/jobs/${jobId}/events`, {
    data: { events },
    headers: ONCE,
  });
  expect(answer.status(), await answer.text()).toBe(201);
}

/** Record things of a job through the server, together, as another bench would. */
export async function postAll(
  page: Page,
  address: string,
  jobId: string,
  recorded: readonly { readonly type: string; readonly data: object }[],
): Promise<void> {
  await post(page, address, jobId, recorded.map(asEvent));
}

/** Record one event of a job through the server. */
export const recordIn = (
  page: Page,
  address: string,
  jobId: string,
  type: string,
  data: object,
): Promise<void> => postAll(page, address, jobId, [{ type, data }]);

/** Book a unit in through the server, for practice: its instruments are stand-ins. Returns the job's id. */
export async function bookIn(
  page: Page,
  address: string,
  unit: Unit,
  scope: 'overhaul' | 'setPlay' = 'overhaul',
): Promise<string> {
  const jobId = randomUUID();
  await recordIn(page, address, jobId, 'JobOpened', { unit, reason: 'New bearings', scope });
  await recordIn(page, address, jobId, 'PracticeMarked', { reason: '' });
  return jobId;
}
