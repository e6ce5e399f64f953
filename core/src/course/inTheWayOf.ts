import type { Draft } from './draft.ts';
import type { EventKey, Model } from './model/index.ts';
import { clear, type Place } from './ways/index.ts';

/** All that has to come apart for some events, with them. */
export const inTheWayOf = (
  { model, place }: Draft,
  goals: readonly EventKey[],
): ReadonlySet<EventKey> => inTheWayFrom(model, place, goals);

/** As {@link inTheWayOf}, from a place. What has no way is among them by itself. */
export function inTheWayFrom(
  model: Model,
  from: Place,
  goals: readonly EventKey[],
): ReadonlySet<EventKey> {
  const found = new Set<EventKey>();
  let place = from;
  for (const goal of goals) {
    if (!place.in.has(goal)) continue;
    const cleared = clear(model, goal, place);
    if (cleared === null) found.add(goal);
    else {
      for (const { event } of cleared.moves) found.add(event);
      place = cleared.place;
    }
  }
  return found;
}
