import { useEffect, useMemo } from 'react';
import { useParams } from 'react-router';

import { foldJob, nextToRedo, nextToUndo, type JobEvent, type JobState } from '@wendaxis/core/job';
import {
  compilePlan,
  nextAction,
  stageOf,
  type NextAction,
  type Plan,
  type Stage,
} from '@wendaxis/core/plan';

import { useJobLogs, type JobLog } from './jobLogStore.ts';
import { openJob } from './jobSync.ts';

/** A job as its pages see it: everything folded from the log. */
export interface OpenJob {
  readonly jobId: string;
  readonly status: JobLog['status'];
  readonly events: readonly JobEvent[];
  readonly waiting: number;
  readonly state: JobState;
  readonly plan: Plan;
  readonly next: NextAction;
  readonly stage: Stage;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

const NO_EVENTS: readonly JobEvent[] = [];

/** The job of the page's address. */
export function useJob(): OpenJob {
  const { jobId = '' } = useParams();
  const log = useJobLogs(({ logs }) => logs[jobId]);
  useEffect(() => openJob(jobId), [jobId]);
  const events = useMemo(
    () => (log === undefined ? NO_EVENTS : [...log.confirmed, ...log.waiting]),
    [log],
  );
  return useMemo(() => {
    const state = foldJob(events);
    const plan = compilePlan(state);
    const next = nextAction(state, plan);
    return {
      jobId,
      status: log?.status ?? 'loading',
      events,
      waiting: log?.waiting.length ?? 0,
      state,
      plan,
      next,
      stage: stageOf(state, next),
      canUndo: nextToUndo(events) !== null,
      canRedo: nextToRedo(events) !== null,
    };
  }, [jobId, log, events]);
}
