import type { Envelope, JobEventData, JobEventType } from './events.ts';
import type { JobState } from './state.ts';

/** A reducer gives the new state, or a sentence that says why the event cannot be applied. */
export type Reducer<T extends JobEventType> = (
  state: JobState,
  event: Envelope<T, JobEventData[T]>,
) => JobState | string;

/** Reducers for some of the events. */
export type Reducers<T extends JobEventType> = { readonly [K in T]: Reducer<K> };
