import { describeError } from '../faults/index.ts';
import type { Envelope } from './envelope.ts';
import type { EventRows } from './eventRow.ts';
import { growing } from './growing.ts';
import { isInstant } from './instants.ts';
import { liftEvent } from './lift.ts';

/** Stands for the time of an event that came before any readable time. */
const UNKNOWN_INSTANT = '1970-01-01T00:00:00.000Z';

/** How a kind of log is folded. */
export interface Folding<State> {
  /** How many events stand before these. */
  readonly order: number;
  /** When the last event before these happened; null before the first. */
  readonly lastAt: string | null;
  /** Why an event cannot be applied whatever it carries; null where it can. */
  readonly closed?: (state: State, type: string) => string | null;
  /** The state with an event that could not be applied, and why. */
  readonly refused: (state: State, event: Envelope<string, unknown>, reason: string) => State;
}

/**
 * The state after some more events. Total: whatever goes wrong with an event is told as the reason why it is refused. An
 * event whose time cannot be read takes the time of the one before it.
 * @param events those that stand, in order of their stream
 */
export function foldEvents<State>(
  rows: EventRows<State>,
  before: State,
  events: readonly Envelope<string, unknown>[],
  { order: first, lastAt: from, closed, refused }: Folding<State>,
): { readonly state: State; readonly lastAt: string | null } {
  return growing(() => {
    let lastAt = from;
    const state = events.reduce((now, stored, index) => {
      const at = isInstant(stored.at) ? stored.at : (lastAt ?? UNKNOWN_INSTANT);
      const result =
        closed?.(now, stored.type) ?? reduced(rows, now, stored, at, first + index + 1);
      if (typeof result === 'string') return refused(now, stored, result);
      lastAt = at;
      return result;
    }, before);
    return { state, lastAt };
  });
}

function reduced<State>(
  rows: EventRows<State>,
  state: State,
  stored: Envelope<string, unknown>,
  at: string,
  order: number,
): State | string {
  if (!Object.hasOwn(rows, stored.type)) return `no event ${stored.type} is known`;
  const row = rows[stored.type]!;
  try {
    const data = liftEvent(row, stored);
    const event = data === stored.data && at === stored.at ? stored : { ...stored, data, at };
    return row.reduce(state, event as never, order);
  } catch (error) {
    return describeError(error);
  }
}
