import { v5 as uuidV5 } from 'uuid';

import { parseEvents } from '@wendaxis/contract';
import { EVENT_VERSION } from '@wendaxis/core/job';

import { WORKSHOP_STREAM, type JobService } from '../services/jobService.ts';
import { alderLog } from './alder.ts';
import { NAMESPACE, streamIdOf, type DemoLog } from './demoLog.ts';
import { mothLog } from './moth.ts';
import { sillLog } from './sill.ts';
import { tarnLog } from './tarn.ts';
import { DEMO_WORKSHOP, workshopLog } from './workshop.ts';

/** The jobs of the demo by the names that their ids come from, each written out when it is wanted. */
const DEMO_JOBS = { alder: alderLog, sill: sillLog, tarn: tarnLog, moth: mothLog } as const;

/**
 * Load the demo world into an empty database; does nothing when a workshop is there already. Every job of the demo is
 * marked practice: its instruments are simulated.
 */
export async function loadDemo(jobs: JobService): Promise<void> {
  const { name } = await jobs.workshop();
  if (name !== '' && name !== DEMO_WORKSHOP) return;
  for (const [jobName, written] of Object.entries(DEMO_JOBS)) {
    // A demo of before the mark gets it now; one that has it is not written out again, which takes its time.
    if (name !== '' && (await jobs.job(streamIdOf(jobName))).sheet.practice) continue;
    const log = written();
    const events = name === '' ? [...log.events, markOf(log)] : [markOf(log)];
    await jobs.append('job', log.streamId, parseEvents('job', { events }));
  }
  if (name !== '') return;
  // The workshop comes last: its name says that the demo is complete.
  const { events } = workshopLog();
  await jobs.append('workshop', WORKSHOP_STREAM, parseEvents('workshop', { events }));
}

function markOf({ streamId, events }: Pick<DemoLog<object>, 'streamId' | 'events'>) {
  const { at, by } = events.at(-1)!;
  const id = uuidV5(`${streamId} practice`, NAMESPACE);
  const data = { reason: 'Demo: its instruments are simulated' };
  return { id, type: 'PracticeMarked', version: EVENT_VERSION, at, by, data };
}
