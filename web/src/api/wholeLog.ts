import type { EventsAnswer } from '@wendaxis/contract';
import type { JobEvent } from '@wendaxis/core/job';

import { ask } from './client.ts';

/**
 * Everything in a job's log, however many pages the server gives it in.
 * @throws AnswerError, OutOfReachError
 */
export async function wholeLog(jobId: string): Promise<readonly JobEvent[]> {
  const events: JobEvent[] = [];
  for (let after = 0; ;) {
    const page = await ask<EventsAnswer<JobEvent>>(`/jobs/${jobId}/events?after=${after}`);
    events.push(...page.events);
    after = page.events.at(-1)?.seq ?? page.lastSeq;
    if (after >= page.lastSeq) return events;
  }
}
