import {
  bodyEvent,
  isFree,
  joinEvent,
  subjectOf,
  waysOf,
  type EventKey,
  type Model,
  type Place,
} from '../course/index.ts';

/**
 * The part in which something lies until its shaft comes through it; null where it is on the shaft. On a shaft that is out nothing
 * goes on that shuts out what still has to.
 * @param place before it goes in
 */
export function laidIn(model: Model, place: Place, event: EventKey): string | null {
  const body = model.bodyOf.get(subjectOf(event));
  const shaft = body?.fit === 'slide' ? model.shaftOf.get(body.host) : undefined;
  if (shaft === undefined || place.in.has(joinEvent(shaft.part))) return null;
  const { in: without, lies } = place;
  const isShut = (one: EventKey, there: ReadonlySet<EventKey>) =>
    !waysOf(model, one, { in: new Set(there).add(one), lies }).some(isFree);
  const shutsOut = model.bodies
    .filter(({ id, host }) => host === shaft.part && !without.has(bodyEvent(id)))
    .map(({ id }) => bodyEvent(id))
    .some(
      (one) => one !== event && isShut(one, new Set(without).add(event)) && !isShut(one, without),
    );
  return shutsOut ? shaft.to : null;
}
