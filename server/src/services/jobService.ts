import type { AppendAnswer, JobsAnswer, NewEvent, StockUse, StreamKind } from '@wendaxis/contract';
import {
  foldWorkshop,
  type JobState,
  type WorkshopEvent,
  type WorkshopState,
} from '@wendaxis/core/job';

import { ServerError } from '../errors.ts';
import type { EventRepository } from '../repositories/eventRepository.ts';
import type { JobListRepository, JobsQuestion } from '../repositories/jobListRepository.ts';
import type { JobListKeeper } from './jobListKeeper.ts';
import type { JobReader } from './jobReader.ts';
import type { LiveUpdates } from './liveUpdates.ts';

/** The one stream of the workshop. */
export const WORKSHOP_STREAM = 'workshop';

/** What the service is wired from. */
export interface JobParts {
  readonly events: EventRepository;
  readonly list: JobListRepository;
  readonly reader: JobReader;
  readonly keeper: JobListKeeper;
  readonly live: LiveUpdates;
}

/** Reads and writes of logs, and what is folded from them. */
export class JobService {
  readonly #parts: JobParts;
  #workshop: { readonly seq: number; readonly state: WorkshopState } | null = null;

  constructor(parts: JobParts) {
    this.#parts = parts;
  }

  /** Store events; whoever listens is told, and the list follows. */
  async append(
    kind: StreamKind,
    streamId: string,
    batch: readonly NewEvent[],
  ): Promise<AppendAnswer> {
    const { events, keeper, live } = this.#parts;
    const answer = await events.append(kind, streamId, batch);
    live.grown({ streamId, lastSeq: answer.lastSeq });
    if (kind === 'job') keeper.grown(streamId);
    return answer;
  }

  /**
   * Events of a stream after a place, one page of them: an `EventsAnswer` as JSON.
   * @throws ServerError `noSuchStream`
   */
  async page(streamId: string, after: number): Promise<string> {
    const lastSeq = await this.#parts.events.lastSeq(streamId);
    if (lastSeq === null) throw new ServerError('noSuchStream', 'streamId', streamId);
    const events = after >= lastSeq ? '[]' : await this.#parts.events.pageAsJson(streamId, after);
    return `{"events":${events},"lastSeq":${lastSeq}}`;
  }

  /** A job as it stands. */
  async job(jobId: string): Promise<JobState> {
    return (await this.#parts.reader.read(jobId)).state;
  }

  /** One page of the list of jobs. Rows that are still being brought up to date are counted, and say so. */
  async jobs(question: JobsQuestion): Promise<JobsAnswer & { readonly waiting: number }> {
    const { keeper, list } = this.#parts;
    await keeper.settled();
    return { ...(await list.page(question)), waiting: keeper.waiting };
  }

  /** Pieces of each size that other jobs hold; those of practice jobs only where a practice job asks. */
  async stockUse(jobId: string | null): Promise<StockUse> {
    const { keeper, list } = this.#parts;
    await keeper.settled();
    const practice = jobId !== null && (await this.job(jobId)).sheet.practice;
    return { used: await list.pieces(jobId, practice) };
  }

  /** The workshop as it stands. */
  async workshop(): Promise<WorkshopState> {
    const lastSeq = (await this.#parts.events.lastSeq(WORKSHOP_STREAM)) ?? 0;
    if (this.#workshop === null || this.#workshop.seq !== lastSeq) {
      const events = await this.#parts.events.after(WORKSHOP_STREAM, 0);
      const state = foldWorkshop(events as unknown as readonly WorkshopEvent[]);
      this.#workshop = { seq: events.at(-1)?.seq ?? 0, state };
    }
    return this.#workshop.state;
  }
}
