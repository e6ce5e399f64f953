import type {
  AppendAnswer,
  EventsAnswer,
  JobRow,
  NewEvent,
  StreamKind,
  WorkshopAnswer,
} from '@wendaxis/contract';
import {
  foldJob,
  foldWorkshop,
  piecesBySize,
  type JobEvent,
  type JobState,
  type WorkshopEvent,
  type WorkshopInstrument,
  type WorkshopTorqueTool,
  type WorkshopState,
} from '@wendaxis/core/job';
import { compilePlan, nextAction, stageOf } from '@wendaxis/core/plan';

import { ServerError } from '../errors.ts';
import type { EventRepository } from '../repositories/eventRepository.ts';
import type { JobListRepository } from '../repositories/jobListRepository.ts';

/** The one stream of the workshop. */
export const WORKSHOP_STREAM = 'workshop';
/** Most events in one answer; the reader asks again for the rest. */
const READ_LIMIT = 20_000;
/** Most missing data named in the list of jobs. */
const MISSING_SHOWN = 3;

/** Reads and writes of logs, and what is folded from them. */
export class JobService {
  readonly #events: EventRepository;
  readonly #list: JobListRepository;

  constructor(events: EventRepository, list: JobListRepository) {
    this.#events = events;
    this.#list = list;
  }

  async append(
    kind: StreamKind,
    streamId: string,
    batch: readonly NewEvent[],
  ): Promise<AppendAnswer> {
    return this.#events.append(kind, streamId, batch);
  }

  /**
   * Events of a stream after a place.
   * @throws ServerError `noSuchStream`
   */
  async read<E>(streamId: string, after: number): Promise<EventsAnswer<E>> {
    const lastSeq = await this.#events.lastSeq(streamId);
    if (lastSeq === null) throw new ServerError('noSuchStream', 'streamId', streamId);
    const events = (await this.#events.read(streamId, after, READ_LIMIT)) as readonly E[];
    return { events, lastSeq };
  }

  /** A job as it stands. */
  async job(jobId: string): Promise<JobState> {
    return foldJob((await this.read<JobEvent>(jobId, 0)).events);
  }

  /** The list of jobs, brought up to date with their logs first. */
  async jobs(): Promise<readonly JobRow[]> {
    for (const { jobId } of await this.#list.stale()) {
      const { events, lastSeq } = await this.read<JobEvent>(jobId, 0);
      await this.#list.write(listRow(jobId, events), lastSeq);
    }
    return this.#list.all();
  }

  /** The torque tools on the workshop's list. */
  async torqueTools(): Promise<readonly WorkshopTorqueTool[]> {
    return (await this.#workshopState()).torqueTools;
  }

  /** The instruments on the workshop's list. */
  async instruments(): Promise<readonly WorkshopInstrument[]> {
    return (await this.#workshopState()).instruments;
  }

  async #workshopState(): Promise<WorkshopState> {
    const events = await this.#events.read(WORKSHOP_STREAM, 0, READ_LIMIT);
    return foldWorkshop(events as unknown as readonly WorkshopEvent[]);
  }

  /** The workshop as it stands, with what the jobs have taken from the box. */
  async workshop(): Promise<WorkshopAnswer> {
    const [state, jobs] = await Promise.all([this.#workshopState(), this.jobs()]);
    return {
      ...state,
      usedByJob: Object.fromEntries(jobs.map(({ jobId, pieces }) => [jobId, pieces])),
    };
  }
}

function listRow(jobId: string, events: readonly JobEvent[]): JobRow {
  const state = foldJob(events);
  const plan = compilePlan(state);
  const next = nextAction(state, plan);
  const openedAt = state.openedAt ?? events[0]!.at;
  return {
    jobId,
    name: state.unit?.name ?? '',
    reason: state.reason,
    stage: stageOf(state, next),
    scope: state.scope,
    next: next.kind,
    step: 'step' in next ? { title: next.step.title, reason: next.step.reason } : null,
    behind: plan.behind,
    steps: plan.steps.length,
    missing: plan.missing
      .filter(({ on }) => on !== 'step')
      .slice(0, MISSING_SHOWN)
      .map(({ words }) => words),
    finished: state.finished !== null,
    openedAt,
    updatedAt: events.at(-1)?.at ?? openedAt,
    pieces: piecesBySize(Object.values(state.packs)),
  };
}
