import { foldJob, foldRest, type JobEvent, type JobState } from '@wendaxis/core/job';

import { ServerError } from '../errors.ts';
import type { EventRepository } from '../repositories/eventRepository.ts';

/** Jobs whose folded state is held: those that were asked for last. */
const MOST_HELD = 64;

/** A job folded up to a place of its log. */
export interface FoldedJob {
  readonly state: JobState;
  readonly seq: number;
  /** First and last event that stands in it; null before the first. */
  readonly openedAt: string | null;
  readonly updatedAt: string | null;
}

const NOTHING_FOLDED = { seq: 0, openedAt: null, updatedAt: null } as const;

/** Folds jobs, and holds what it folded: asked again, only what came since is read. */
export class JobReader {
  readonly #events: EventRepository;
  readonly #held = new Map<string, FoldedJob>();

  constructor(events: EventRepository) {
    this.#events = events;
  }

  /**
   * A job as it stands.
   * @throws ServerError `noSuchStream`
   */
  async read(jobId: string): Promise<FoldedJob> {
    const held = this.#held.get(jobId);
    const rest = (await this.#events.after(jobId, held?.seq ?? 0)) as unknown as JobEvent[];
    if (held === undefined && rest.length === 0)
      throw new ServerError('noSuchStream', 'streamId', jobId);
    const state = held === undefined ? foldJob(rest) : foldRest(held.state, rest);
    if (state === null) return this.#readWhole(jobId);
    return this.#hold(jobId, folded(state, rest, held ?? NOTHING_FOLDED));
  }

  async #readWhole(jobId: string): Promise<FoldedJob> {
    const events = (await this.#events.after(jobId, 0)) as unknown as JobEvent[];
    return this.#hold(jobId, folded(foldJob(events), events, NOTHING_FOLDED));
  }

  #hold(jobId: string, job: FoldedJob): FoldedJob {
    this.#held.delete(jobId);
    this.#held.set(jobId, job);
    const oldest = this.#held.keys().next();
    if (this.#held.size > MOST_HELD && !oldest.done) this.#held.delete(oldest.value);
    return job;
  }
}

function folded(
  state: JobState,
  rest: readonly JobEvent[],
  before: Omit<FoldedJob, 'state'>,
): FoldedJob {
  return {
    state,
    seq: rest.at(-1)?.seq ?? before.seq,
    openedAt: before.openedAt ?? rest[0]?.at ?? null,
    updatedAt: rest.at(-1)?.at ?? before.updatedAt,
  };
}
