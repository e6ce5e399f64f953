import { describeError } from '../faults/index.ts';
import { EMPTY_JOB, foldJob, foldRest, type JobEvent, type JobState } from '../job/index.ts';
import { compilePlan, NO_PLAN, type Plan } from './compilePlan.ts';
import { nextAction, stageOf, type NextAction } from './nextAction.ts';
import type { Stage } from './stages.ts';

/** A job as everything shows it: folded, planned, and what comes next. */
export interface JobReading {
  readonly state: JobState;
  readonly plan: Plan;
  readonly next: NextAction;
  readonly stage: Stage;
  /** Why the job cannot be read; null as a rule. What was recorded can still be taken back and exported. */
  readonly unreadable: Unreadable | null;
}

/** Why a job cannot be read: by a program that is too old for it, or by a fault of this one. */
export type Unreadable =
  | { readonly code: 'newerVersion'; readonly version: number }
  | { readonly code: 'failed'; readonly fault: string };

/**
 * Read a job from its log. Total: whatever was recorded, it returns.
 *
 * @param events in order of their stream
 * @param before what was read of the first so many of these events, so that only the rest is folded
 */
export function readJob(
  events: readonly JobEvent[],
  before: { readonly count: number; readonly state: JobState } | null = null,
): JobReading {
  try {
    const rest = before === null ? null : foldRest(before.state, events.slice(before.count));
    return readState(rest ?? foldJob(events));
  } catch (error) {
    return nothing({ code: 'failed', fault: describeError(error) });
  }
}

/** As {@link readJob}, from a state that is folded already. */
export function readState(state: JobState): JobReading {
  try {
    if (state.log.newerVersion !== null)
      return nothing({ code: 'newerVersion', version: state.log.newerVersion });
    const plan = compilePlan(state);
    const next = nextAction(state, plan);
    return { state, plan, next, stage: stageOf(state, next), unreadable: null };
  } catch (error) {
    return nothing({ code: 'failed', fault: describeError(error) });
  }
}

function nothing(unreadable: Unreadable): JobReading {
  return {
    state: EMPTY_JOB,
    plan: NO_PLAN,
    next: { kind: 'openJob' },
    stage: 'describe',
    unreadable,
  };
}
