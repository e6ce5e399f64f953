import { partTemperature, writeLine } from '@wendaxis/core/simulate';

import type { JobService } from '../services/jobService.ts';
import type { LineSource } from './lineSource.ts';

/** How often the stand-in sends its reading (ms). */
const SEND_EVERY = 1000;

/** What the stand-in touches. */
export interface Touched {
  readonly deviceId: string;
  readonly jobId: string;
  readonly partId: string;
}

/** A simulated contact thermometer on a part of a job: it follows the oven clocks of the log. */
export class SimulatedThermometer implements LineSource {
  readonly #jobs: JobService;
  readonly #touched: Touched;
  readonly #started = Date.now();
  #timers: NodeJS.Timeout[] = [];

  constructor(jobs: JobService, touched: Touched) {
    this.#jobs = jobs;
    this.#touched = touched;
  }

  subscribe(listener: (line: string) => void): () => void {
    listener(writeLine({ kind: 'hello', device: this.#touched.deviceId }));
    const send = async (): Promise<void> => {
      const { jobId, partId } = this.#touched;
      const value = partTemperature(await this.#jobs.job(jobId), partId, new Date().toISOString());
      listener(writeLine({ kind: 'temperature', elapsed: Date.now() - this.#started, value }));
    };
    // A reading that cannot be had (the database is away) is left out; the next comes in a second.
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
