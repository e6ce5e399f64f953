import { writeLine } from '@wendaxis/core/devices';
import { touchedTemperature } from '@wendaxis/core/simulate';

import type { JobService } from '../services/jobService.ts';
import type { LineSource } from './lineSource.ts';
import { RepeatingSource } from './repeatingSource.ts';

/** How often the stand-in sends its reading (ms). */
const SEND_EVERY = 1000;

/** What the stand-in touches. */
export interface Touched {
  readonly deviceId: string;
  readonly jobId: string;
  /** Part, or station of a ring. */
  readonly partId: string;
  /** How far the clock of the browser that holds it is ahead of this one, ms: the job's clocks run by that. */
  readonly ahead: number;
}

/** A simulated contact thermometer on a part of a job: it follows the oven clocks of the log. */
export function simulatedThermometer(
  jobs: JobService,
  { deviceId, jobId, partId, ahead }: Touched,
): LineSource {
  const started = Date.now();
  return new RepeatingSource(SEND_EVERY, () => ({
    hello: writeLine({ kind: 'hello', device: deviceId, simulated: true }),
    next: async () => {
      const now = new Date(Date.now() + ahead).toISOString();
      const value = touchedTemperature(await jobs.job(jobId), partId, now);
      return writeLine({
        kind: 'temperature',
        elapsed: Date.now() - started,
        value,
        simulated: true,
      });
    },
  }));
}
