import { create } from 'zustand';

import type { AnswerError } from '../api/client.ts';
import type { JobEvent, JobEventData, JobEventType } from '@wendaxis/core/job';
import type { InputFault } from '@wendaxis/core/faults';

/** How this browser stands with the server. */
export type Reach = 'connecting' | 'online' | 'offline';

/** One job's log as this browser has it: confirmed by the server, then what waits to be sent. */
export interface JobLog {
  readonly confirmed: readonly JobEvent[];
  readonly waiting: readonly JobEvent[];
  /** `missing`: the server has no such job. */
  readonly status: 'loading' | 'ready' | 'missing' | 'unreachable';
}

/** An event the server would not take. It changed nothing. */
export interface RefusedEvent {
  readonly event: JobEvent;
  readonly message: string;
  readonly faults: readonly InputFault[];
}

interface JobLogs {
  readonly logs: Readonly<Record<string, JobLog>>;
  readonly reach: Reach;
  /** Events on screen that are not yet in the browser's own store. */
  readonly unsaved: number;
  readonly refused: readonly RefusedEvent[];
  readonly dismissRefused: () => void;
}

const NO_LOG: JobLog = { confirmed: [], waiting: [], status: 'loading' };

export const useJobLogs = create<JobLogs>()((set) => ({
  logs: {},
  reach: 'connecting',
  unsaved: 0,
  refused: [],
  dismissRefused: () => set({ refused: [] }),
}));

/** The log of a job as it is held now. */
export function heldLog(jobId: string): JobLog {
  return useJobLogs.getState().logs[jobId] ?? NO_LOG;
}

/** Change one job's log. */
export function changeLog(jobId: string, change: (log: JobLog) => Partial<JobLog>): void {
  useJobLogs.setState(({ logs }) => {
    const log = logs[jobId] ?? NO_LOG;
    return { logs: { ...logs, [jobId]: { ...log, ...change(log) } } };
  });
}

export function setReach(reach: Reach): void {
  if (useJobLogs.getState().reach !== reach) useJobLogs.setState({ reach });
}

/** Count events that go into the browser's own store (+1) or have arrived there (−1). */
export function countUnsaved(change: 1 | -1): void {
  useJobLogs.setState(({ unsaved }) => ({ unsaved: unsaved + change }));
}

/** Take confirmed events in: each once, in order; those that were waiting wait no longer. */
export function confirm(jobId: string, events: readonly JobEvent[]): void {
  changeLog(jobId, ({ confirmed, waiting }) => {
    const known = new Set(confirmed.map(({ id }) => id));
    const fresh = events.filter(({ id }) => !known.has(id));
    const ids = new Set([...known, ...fresh.map(({ id }) => id)]);
    return {
      confirmed: fresh.length === 0 ? confirmed : [...confirmed, ...fresh],
      waiting: waiting.filter(({ id }) => !ids.has(id)),
    };
  });
}

/** Take events out that the server refused, and say so. */
export function refuse(
  jobId: string,
  refusedEvents: readonly JobEvent[],
  error: AnswerError,
): void {
  const ids = new Set(refusedEvents.map(({ id }) => id));
  changeLog(jobId, ({ waiting }) => ({ waiting: waiting.filter(({ id }) => !ids.has(id)) }));
  const rows = refusedEvents.map((event) => ({
    event,
    message: error.message,
    faults: error.faults,
  }));
  useJobLogs.setState(({ refused }) => ({ refused: [...refused, ...rows] }));
}

/** Data of an event by its type, for callers that record one. */
export type DataOf<Type extends JobEventType> = JobEventData[Type];
