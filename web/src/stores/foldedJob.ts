import { foldingJob, foldingRest, type JobEvent, type JobState } from '@wendaxis/core/job';
import { readJob, readState, type JobReading } from '@wendaxis/core/plan';

import { LONG_LOG } from './longLog.ts';

/** Jobs whose last reading is held: those whose pages were open last. */
const MOST_HELD = 4;
/** So many events are folded at once, and for so long in all (ms), before the browser is let do something else. */
const PIECE = 500;
const BUSY = 30;

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
  hold(jobId, { events, reading });
  return reading;
}

/**
 * Read a job that has much more in its log than was read of it, a piece at a time, before a page asks for it: the page
 * stays ready for keys meanwhile.
 *
 * @param rest lets the browser do what it has to, between two pieces
 */
export async function readAhead(
  jobId: string,
  events: readonly JobEvent[],
  rest: () => Promise<void>,
): Promise<void> {
  const known = held.get(jobId);
  const count = known?.events.length ?? 0;
  if (events.length - count < LONG_LOG) return;
  try {
    const goesOn = known?.reading.unreadable === null && begins(events, known.events);
    const pieces = goesOn ? foldingRest(known.reading.state, events.slice(count), PIECE) : null;
    let whole: JobState | null = null;
    let since = performance.now();
    for (const state of pieces ?? foldingJob(events, PIECE)) {
      whole = state;
      if (performance.now() - since < BUSY) continue;
      await rest();
      since = performance.now();
    }
    if (whole !== null) hold(jobId, { events, reading: readState(whole) });
  } catch {
    // What cannot be folded is told by whoever asks for the reading.
  }
}

function hold(jobId: string, one: Held): void {
  held.delete(jobId);
  held.set(jobId, one);
  const [oldest] = held.keys();
  if (held.size > MOST_HELD && oldest !== undefined) held.delete(oldest);
}

/** Whether a log begins with all of another. */
function begins(events: readonly JobEvent[], first: readonly JobEvent[]): boolean {
  return first.length <= events.length && first.every(({ id }, at) => events[at]!.id === id);
}
