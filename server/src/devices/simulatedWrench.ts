import { virtualRolling, writeLine } from '@wendaxis/core/simulate';

import type { JobService } from '../services/jobService.ts';
import { findAxis } from './findAxis.ts';
import type { LineSource } from './lineSource.ts';

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
}

/** A simulated torque wrench on a shaft of a job: the breakaway peak first, then steady turning. */
export class SimulatedWrench implements LineSource {
  readonly #jobs: JobService;
  readonly #shaft: TurnedShaft;
  readonly #started = Date.now();
  #timers: NodeJS.Timeout[] = [];

  constructor(jobs: JobService, shaft: TurnedShaft) {
    this.#jobs = jobs;
    this.#shaft = shaft;
  }

  subscribe(listener: (line: string) => void): () => void {
    const { deviceId, jobId, axisId, angle, graduation, seed } = this.#shaft;
    listener(writeLine({ kind: 'hello', device: deviceId }));
    let turn = 0;
    const send = async (): Promise<void> => {
      const state = await this.#jobs.job(jobId);
      const turned = { axis: findAxis(state, axisId), angle, seed };
      const value = virtualRolling(state, turned, turn, graduation);
      turn += 1;
      listener(writeLine({ kind: 'torque', elapsed: Date.now() - this.#started, value }));
    };
    // A reading that cannot be had (the database is away) is left out; the next comes with the next turn.
    const tick = (): void => void send().catch(() => undefined);
    tick();
    const timer = setInterval(tick, SEND_EVERY);
    this.#timers.push(timer);
    return () => clearInterval(timer);
  }

  close(): void {
    for (const timer of this.#timers) clearInterval(timer);
    this.#timers = [];
  }
}
