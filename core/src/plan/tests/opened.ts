import { foldJob, type JobEvent, type JobEventData, type JobState } from '../../job/index.ts';
import type { Unit } from '../../unit/index.ts';

/** A job that was just booked in: all of a running unit, where nothing else is said. */
export function opened(
  unit: Unit,
  data: Partial<Omit<JobEventData['JobOpened'], 'unit'>> = {},
): JobState {
  const event = {
    id: 'o',
    seq: 1,
    type: 'JobOpened',
    version: 1,
    at: '',
    by: 'ann',
    data: { unit, reason: '', scope: 'overhaul', ...data },
  } as const satisfies JobEvent;
  return foldJob([event]);
}
