import { randomUUID } from 'node:crypto';

import type { Page } from '@playwright/test';

import { foldJob, type JobEvent, type JobState } from '@wendaxis/core/job';
import { compilePlan, type Step } from '@wendaxis/core/plan';
import { answerStep, type WorkHabits } from '@wendaxis/core/simulate';

import type { Unit } from '@wendaxis/core/unit';

import { expect } from './workshopTest.ts';

/** The job of a name, and the address of its pages. */
export async function jobOf(page: Page, address: string, name: string): Promise<string> {
  const { jobs } = (await (await page.request.get(`${address}api/jobs`)).json()) as {
    jobs: { jobId: string; name: string }[];
  };
  return jobs.find((job) => job.name === name)!.jobId;
}

/** A job as the server has it. */
export async function jobAt(page: Page, address: string, jobId: string): Promise<JobState> {
  const answer = await page.request.get(`${address}api/jobs/${jobId}/events`);
  const { events } = (await answer.json()) as { events: JobEvent[] };
  return foldJob(events);
}

/** Let an imagined mechanic work a job through the server until a step comes; returns the job as it stands then. */
export async function workTo(
  page: Page,
  address: string,
  jobId: string,
  { habits, until }: { readonly habits: WorkHabits; readonly until: (step: Step) => boolean },
): Promise<JobState> {
  for (let turn = 0; turn < 150; turn += 1) {
    const state = await jobAt(page, address, jobId);
    const { next } = compilePlan(state);
    if (next === null || until(next)) return state;
    await postAll(
      page,
      address,
      jobId,
      answerStep(state, next, habits, () => randomUUID()),
    );
  }
  throw new Error('never came to the step');
}

/** Record things of a job through the server, together, as another bench would. */
export async function postAll(
  page: Page,
  address: string,
  jobId: string,
  recorded: readonly { readonly type: string; readonly data: object }[],
): Promise<void> {
  const at = new Date().toISOString();
  const events = recorded.map((one) => ({ ...one, id: randomUUID(), version: 1, at, by: 'runa' }));
  const answer = await page.request.post(`${address}api/jobs/${jobId}/events`, {
    data: { events },
  });
  expect(answer.status(), await answer.text()).toBe(201);
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
