import type { JobListRepository } from '../repositories/jobListRepository.ts';
import type { JobReader } from './jobReader.ts';
import { listRow } from './listRow.ts';

/** A job that grows all the time is listed anew at most this often (ms); who reads the list does not wait for it. */
const APART = 3000;
/** Longest that a reader of the list waits for rows that are being written (ms). */
const PATIENCE = 400;
/** How often a row that could not be written is tried, and how long after the last try (ms). */
const TRIES = 5;
const TRY_AFTER = 2000;

/**
 * Keeps the list of jobs up to date with their logs: a job that has grown is listed anew soon after, and what an earlier
 * run or other rules have left behind is caught up in the background, one job after the other. A row that cannot be
 * written is told and tried again later; it holds up no other.
 */
export class JobListKeeper {
  readonly #reader: JobReader;
  readonly #list: JobListRepository;
  readonly #warn: (error: unknown, jobId: string) => void;
  /** Jobs that have grown, and not before when they are listed (ms). */
  readonly #grown = new Map<string, number>();
  /** Jobs that were left behind. */
  readonly #backlog = new Set<string>();
  readonly #tries = new Map<string, number>();
  readonly #writtenAt = new Map<string, number>();
  #work: Promise<void> | null = null;
  #wake: () => void = () => undefined;
  #hurried = false;
  #stopped = false;

  constructor(
    reader: JobReader,
    list: JobListRepository,
    warn: (error: unknown, jobId: string) => void,
  ) {
    this.#reader = reader;
    this.#list = list;
    this.#warn = warn;
  }

  /** Rows that are still to be written. */
  get waiting(): number {
    return this.#grown.size + this.#backlog.size;
  }

  /** Catch up with everything that is behind. */
  async catchUp(): Promise<void> {
    for (const jobId of await this.#list.behind()) this.#backlog.add(jobId);
    this.#go();
  }

  /** A job has grown: it goes before what only waits to be caught up. */
  grown(jobId: string): void {
    this.#backlog.delete(jobId);
    if (!this.#grown.has(jobId))
      this.#grown.set(jobId, (this.#writtenAt.get(jobId) ?? -APART) + APART);
    this.#go();
  }

  /** Write what has grown, for somebody who reads the list; at most as long as one would wait. */
  async settled(): Promise<void> {
    if (this.#grown.size === 0 && this.#backlog.size === 0) return;
    this.#hurried = true;
    this.#go();
    const patience = new Promise<void>((resolve) => setTimeout(resolve, PATIENCE));
    await Promise.race([this.#work, patience]);
  }

  async stop(): Promise<void> {
    this.#stopped = true;
    this.#wake();
    await this.#work;
  }

  #go(): void {
    this.#wake();
    if (this.#work !== null || this.#stopped) return;
    this.#work = this.#writeAll().finally(() => (this.#work = null));
  }

  async #writeAll(): Promise<void> {
    while (!this.#stopped && this.waiting > 0) {
      const jobId = this.#next();
      if (jobId === null) await this.#sleep();
      else await this.#write(jobId);
    }
    this.#hurried = false;
  }

  #next(): string | null {
    const now = Date.now();
    for (const [jobId, notBefore] of this.#grown)
      if (this.#hurried || notBefore <= now) return jobId;
    this.#hurried = false;
    const [first] = this.#backlog;
    return first ?? null;
  }

  async #write(jobId: string): Promise<void> {
    this.#grown.delete(jobId);
    this.#backlog.delete(jobId);
    this.#remember(jobId);
    try {
      const job = await this.#reader.read(jobId);
      await this.#list.write(listRow(jobId, job), job.seq);
      this.#tries.delete(jobId);
    } catch (error) {
      this.#warn(error, jobId);
      this.#tryLater(jobId);
    }
    // Requests that came meanwhile go first.
    await new Promise((resolve) => setImmediate(resolve));
  }

  #remember(jobId: string): void {
    if (this.#writtenAt.size > 1000) this.#writtenAt.clear();
    this.#writtenAt.set(jobId, Date.now());
  }

  #tryLater(jobId: string): void {
    const tries = (this.#tries.get(jobId) ?? 0) + 1;
    this.#tries.set(jobId, tries);
    if (tries < TRIES && !this.#grown.has(jobId)) this.#grown.set(jobId, Date.now() + TRY_AFTER);
  }

  /** Until the soonest of the grown may be listed, or something wakes it. */
  #sleep(): Promise<void> {
    const soonest = Math.min(...this.#grown.values());
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, Math.max(1, soonest - Date.now()));
      this.#wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }
}
