import { writeLine } from '@wendaxis/core/devices';
import { virtualRolling } from '@wendaxis/core/simulate';

import type { JobService } from '../services/jobService.ts';
import { findAxis } from './findAxis.ts';
import type { LineSource } from './lineSource.ts';
import { RepeatingSource } from './repeatingSource.ts';

/** How often the stand-in sends its reading (ms): about one turn of the shaft. */
const SEND_EVERY = 400;

/** What the stand-in turns. */
export interface TurnedShaft {
  readonly deviceId: string;
  readonly jobId: string;
  readonly axisId: string;
  /** Angle of the nut; null where the log says it. */
  readonly angle: number | null;
  readonly graduation: number;
  readonly seed: number;
  /** Seed of the plays of the same assembly. */
  readonly playSeed: number;
}

/** A simulated torque wrench on a shaft of a job: the breakaway peak first, then steady turning. */
export function simulatedWrench(jobs: JobService, shaft: TurnedShaft): LineSource {
  const { deviceId, jobId, axisId, angle, graduation, seed, playSeed } = shaft;
  const started = Date.now();
  return new RepeatingSource(SEND_EVERY, () => {
    let turn = 0;
    return {
      hello: writeLine({ kind: 'hello', device: deviceId, simulated: true }),
      next: async () => {
        const state = await jobs.job(jobId);
        const turned = { axis: findAxis(state, axisId), angle, seed, playSeed };
        const value = virtualRolling(state, turned, turn, graduation);
        turn += 1;
        return writeLine({ kind: 'torque', elapsed: Date.now() - started, value, simulated: true });
      },
    };
  });
}
