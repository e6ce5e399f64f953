import { oncePerObject } from '../../memo/index.ts';
import {
  bodyEvent,
  joinEvent,
  subjectOf,
  type Body,
  type EventKey,
  type Model,
} from '../model/index.ts';

/** What is together, and which bodies lie in a part while the shaft they stand on is out. */
export interface Place {
  readonly in: ReadonlySet<EventKey>;
  readonly lies: ReadonlyMap<string, string>;
}

/** A unit as it runs: all of it together. */
export const wholePlace = oncePerObject((model: Model): Place => ({
  in: new Set(model.events),
  lies: new Map(),
}));

/** Two parts, and what joins them. */
interface Link {
  readonly one: string;
  readonly other: string;
  readonly event: EventKey;
}

const linksOf = oncePerObject(({ joints, shafts }: Model): readonly Link[] =>
  [...joints, ...shafts].map(({ part, to }) => ({
    one: part,
    other: to,
    event: joinEvent(part),
  })),
);

/** The part that carries a body now; null where it is in or on a body that lies on the bench. */
export function carrierOf(model: Model, body: Body, place: Place): string | null {
  const lying = place.lies.get(body.id);
  if (lying !== undefined) return lying;
  const host = model.bodyOf.get(body.host);
  if (host === undefined) return body.host;
  return place.in.has(bodyEvent(host.id)) ? carrierOf(model, host, place) : null;
}

/** Whether a body is in, and what carries it is no body on the bench. */
export const isThere = (model: Model, body: Body, place: Place): boolean =>
  place.in.has(bodyEvent(body.id)) && carrierOf(model, body, place) !== null;

/** The parts that hang together with one. @param cut a join that is taken as parted */
export function groupOf(
  model: Model,
  start: string,
  place: Place,
  cut: EventKey | null = null,
): ReadonlySet<string> {
  const found = new Set([start]);
  // A set is walked through to what is added to it on the way.
  for (const part of found)
    for (const { one, other, event } of linksOf(model)) {
      if (event === cut || !place.in.has(event)) continue;
      if (one === part) found.add(other);
      if (other === part) found.add(one);
    }
  return found;
}

/** The joins between two parts, as they hang together; none where they do not. */
export function joinsBetween(
  model: Model,
  from: string,
  to: string,
  place: Place,
): readonly EventKey[] {
  const before = new Map<string, { readonly part: string; readonly event: EventKey } | null>([
    [from, null],
  ]);
  for (const part of before.keys())
    for (const { one, other, event } of linksOf(model)) {
      if (!place.in.has(event)) continue;
      const next = one === part ? other : other === part ? one : null;
      if (next !== null && !before.has(next)) before.set(next, { part, event });
    }
  const joins: EventKey[] = [];
  for (let step = before.get(to); step; step = before.get(step.part)) joins.push(step.event);
  return joins;
}

/** Whether a part has metal along an axis, or carries something there. */
export const standsOn = (model: Model, partId: string, axisId: string): boolean =>
  model.metal.solid(partId, axisId).length > 0 ||
  model.bodies.some((body) => body.host === partId && body.axisId === axisId);

/** A move: an event comes apart, or together. */
export interface Move {
  readonly event: EventKey;
  readonly direction: -1 | 1 | 'across';
  /** Bodies of a shaft that stay where they are while it is drawn off, or are taken up again by it. */
  readonly left: readonly string[];
  /** The part in which a body lies while its shaft is out. */
  readonly lay: string | null;
}

/** The place after a move out. */
export function afterOut(
  model: Model,
  place: Place,
  { event, left }: Pick<Move, 'event' | 'left'>,
): Place {
  const together = new Set(place.in);
  together.delete(event);
  const id = subjectOf(event);
  const lay = place.lies.has(id) && model.bodyOf.has(id);
  if (left.length === 0 && !lay) return { in: together, lies: place.lies };
  const lies = new Map(place.lies);
  if (lay) lies.delete(id);
  const to = model.shaftOf.get(id)?.to;
  if (to !== undefined) for (const one of left) lies.set(one, to);
  return { in: together, lies };
}

/** The place after a move in: of a way out read backwards. */
export function afterIn(place: Place, { event, left, lay }: Move): Place {
  const together = new Set(place.in).add(event);
  if (left.length === 0 && lay === null) return { in: together, lies: place.lies };
  const lies = new Map(place.lies);
  for (const one of left) lies.delete(one);
  if (lay !== null) lies.set(subjectOf(event), lay);
  return { in: together, lies };
}
