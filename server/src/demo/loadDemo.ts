import { parseEvents } from '@wendaxis/contract';

import { WORKSHOP_STREAM, type JobService } from '../services/jobService.ts';
import { alderLog } from './alder.ts';
import { mothLog } from './moth.ts';
import { sillLog } from './sill.ts';
import { tarnLog } from './tarn.ts';
import { workshopLog } from './workshop.ts';

/** Load the demo world into an empty database; does nothing when a workshop is there already. */
export async function loadDemo(jobs: JobService): Promise<void> {
  const { name } = await jobs.workshop();
  if (name !== '') return;
  for (const log of [alderLog(), sillLog(), tarnLog(), mothLog()])
    await jobs.append('job', log.streamId, parseEvents('job', { events: log.events }));
  // The workshop comes last: its name says that the demo is complete.
  const { events } = workshopLog();
  await jobs.append('workshop', WORKSHOP_STREAM, parseEvents('workshop', { events }));
}
