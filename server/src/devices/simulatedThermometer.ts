import { writeLine } from '@wendaxis/core/devices';
import { partTemperature } from '@wendaxis/core/simulate';

import type { JobService } from '../services/jobService.ts';
import type { LineSource } from './lineSource.ts';
import { RepeatingSource } from './repeatingSource.ts';

/** How often the stand-in sends its reading (ms). */
const SEND_EVERY = 1000;

/** What the stand-in touches. */
export interface Touched {
  readonly deviceId: string;
  readonly jobId: string;
  readonly partId: string;
}

/** A simulated contact thermometer on a part of a job: it follows the oven clocks of the log. */
export function simulatedThermometer(
  jobs: JobService,
  { deviceId, jobId, partId }: Touched,
): LineSource {
  const started = Date.now();
  return new RepeatingSource(SEND_EVERY, () => ({
    hello: writeLine({ kind: 'hello', device: deviceId, simulated: true }),
    next: async () => {
      const value = partTemperature(await jobs.job(jobId), partId, new Date().toISOString());
      return writeLine({
        kind: 'temperature',
        elapsed: Date.now() - started,
        value,
        simulated: true,
      });
    },
  }));
}
