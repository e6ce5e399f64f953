import type { JobEvent } from './events.ts';

/**
 * Runs that were closed when another was begun, as the log stood at that moment. Where their closing or a reading of theirs
 * is taken back later, they are open again and yet left: they do not hold up what was measured after them.
 *
 * @param told all that was recorded, in order
 * @returns ids of the runs that were left
 */
export function leftRuns(told: readonly JobEvent[]): readonly string[] {
  const runOf = new Map<string, string>();
  const closed = new Set<string>();
  const left = new Set<string>();
  for (const { id, type, data } of told)
    if (type === 'ReadingTaken') runOf.set(id, data.runId);
    else if (type === 'RunClosed') {
      runOf.set(id, data.runId);
      closed.add(data.runId);
    } else if (type === 'Undone') closed.delete(runOf.get(data.eventId) ?? '');
    else if (type === 'RunOpened' || type === 'PlayWorkedOut') {
      for (const runId of closed) left.add(runId);
      // Once left they stay so; a log of many runs is gone through once.
      closed.clear();
    }
  return [...left];
}
