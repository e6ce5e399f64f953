import { refuse } from '../faults/index.ts';
import { EVENT_VERSION, type Envelope } from './envelope.ts';
import type { AnyEventRow } from './eventRow.ts';

/**
 * The data of a stored event in today's shape.
 * @throws InputError `outOfRange` for a version newer than this program knows
 */
export function liftEvent(
  { lifts = {} }: Pick<AnyEventRow<unknown>, 'lifts'>,
  { version, data }: Envelope<string, unknown>,
): unknown {
  if (version > EVENT_VERSION)
    refuse('outOfRange', 'version', version, { id: 'programVersion', version: EVENT_VERSION });
  let lifted = data;
  for (let from = version; from < EVENT_VERSION; from += 1)
    lifted = lifts[from]?.(lifted as object) ?? lifted;
  return lifted;
}
