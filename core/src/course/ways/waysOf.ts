import { isBody, isBolts, subjectOf, type EventKey, type Model } from '../model/index.ts';
import { bodyWays } from './bodyWays.ts';
import { jointWays, shaftWays } from './partWays.ts';
import type { Place } from './place.ts';
import { wayOut, type Way } from './way.ts';

/** Bolts are reached across. */
const BOLTS: readonly Way[] = [wayOut('across', [])];

/** The ways of an event apart as a unit stands, each with what stands in it; none where it has no way at all. */
export function waysOf(model: Model, event: EventKey, place: Place): readonly Way[] {
  if (isBolts(event)) return BOLTS;
  const id = subjectOf(event);
  if (isBody(event)) return bodyWays(model, model.bodyOf.get(id)!, place);
  const shaft = model.shaftOf.get(id);
  return shaft === undefined
    ? jointWays(model, model.jointOf.get(id)!, place)
    : shaftWays(model, shaft, place);
}
