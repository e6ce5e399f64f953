import { v4 as uuid } from 'uuid';

import {
  EVENT_VERSION,
  nextToRedo,
  nextToUndo,
  type JobEvent,
  type JobEventData,
  type JobEventType,
} from '@wendaxis/core/job';

import { signature } from './settingsStore.ts';
import { browserStreams, useStreams } from './stream/index.ts';

/**
 * Record something that happened on a job. It is on screen and in the browser's own store at once, and goes up to the
 * server when it can be reached.
 */
export function record<Type extends JobEventType>(
  jobId: string,
  type: Type,
  data: JobEventData[Type],
): void {
  const at = new Date().toISOString();
  const event = { id: uuid(), seq: null, type, version: EVENT_VERSION, at, by: signature(), data };
  browserStreams().client.record(jobId, event as unknown as JobEvent);
}

/** Take back the last thing that stands. Returns what was taken back. */
export function undo(jobId: string): JobEvent | null {
  const target = nextToUndo(allEvents(jobId));
  if (target !== null) record(jobId, 'Undone', { eventId: target.id });
  return target;
}

/** Bring back what the last undo took. */
export function redo(jobId: string): void {
  const target = nextToRedo(allEvents(jobId));
  if (target !== null) record(jobId, 'Undone', { eventId: target.id });
}

function allEvents(jobId: string): readonly JobEvent[] {
  const log = useStreams.getState().logs[jobId];
  return log === undefined ? [] : ([...log.confirmed, ...log.waiting] as readonly JobEvent[]);
}
