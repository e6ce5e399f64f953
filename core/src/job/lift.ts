import { refuse } from '../faults/index.ts';
import { EVENT_VERSION, type JobEvent, type WorkshopEvent } from './events.ts';

/** Changes to lift an event from version n to n + 1, by n. Version 1 is the first. */
const LIFTS: readonly ((event: Record<string, unknown>) => Record<string, unknown>)[] = [];

/**
 * Lift a stored event to today's version.
 * @throws InputError `outOfRange` for a version newer than this program knows
 */
export function liftEvent<E extends JobEvent | WorkshopEvent>(event: E): E {
  if (event.version > EVENT_VERSION)
    refuse('outOfRange', 'version', event.version, `at most ${EVENT_VERSION}: update the program`);
  let lifted = event as unknown as Record<string, unknown>;
  for (const lift of LIFTS.slice(event.version - 1)) lifted = lift(lifted);
  return lifted as unknown as E;
}
