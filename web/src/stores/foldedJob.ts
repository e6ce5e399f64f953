import type { JobEvent } from '@wendaxis/core/job';
import { readJob, type JobReading } from '@wendaxis/core/plan';

/** Jobs whose last reading is held: those whose pages were open last. */
const MOST_HELD = 4;

interface Held {
  readonly events: readonly JobEvent[];
  readonly reading: JobReading;
}

const held = new Map<string, Held>();

/**
 * Read a job from its log, folding only what came since it was last read: a log only grows at its end, but for entries
 * of others that come in before what still waits here.
 */
export function foldedJob(jobId: string, events: readonly JobEvent[]): JobReading {
  const known = held.get(jobId);
  const goesOn = known !== undefined && begins(events, known.events);
  if (goesOn && events.length === known.events.length) return known.reading;
  const before =
    goesOn && known.reading.unreadable === null
      ? { count: known.events.length, state: known.reading.state }
      : null;
  const reading = readJob(events, before);
  held.delete(jobId);
  held.set(jobId, { events, reading });
  const [oldest] = held.keys();
  if (held.size > MOST_HELD && oldest !== undefined) held.delete(oldest);
  return reading;
}

/** Whether a log begins with all of another. */
function begins(events: readonly JobEvent[], first: readonly JobEvent[]): boolean {
  return first.length <= events.length && first.every(({ id }, at) => events[at]!.id === id);
}
