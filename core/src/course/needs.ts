import { inTheWayFrom } from './inTheWayOf.ts';
import { goesInHot, isCrushed, RENEWED } from './kinds.ts';
import {
  bodyEvent,
  joinEvent,
  subjectOf,
  type Body,
  type EventKey,
  type Model,
} from './model/index.ts';
import type { Goal, Standing } from './standing.ts';
import type { Place } from './ways/index.ts';

/** The bodies that have to be changed: what the job is for, less what is new; what is bad; and what that spoils where it stands. */
export function needsOf(model: Model, goal: Goal, standing: Standing): ReadonlySet<EventKey> {
  const { fresh, bad, place } = standing;
  const needs = new Set(
    model.bodies
      .filter(
        (body) =>
          (isWanted(body, goal, standing) && !fresh.has(body.id)) ||
          bad.has(body.id) ||
          (standing.chosen.has(body.id) && place.in.has(bodyEvent(body.id))),
      )
      .map(({ id }) => bodyEvent(id)),
  );
  // An overhaul that begins takes everything apart: what is in the way of each need not be asked.
  if (goal.scope === 'overhaul' && !standing.isBegun)
    return new Set([
      ...needs,
      ...spoiledBy(model, place.in).filter((event) => place.in.has(event)),
    ]);
  return withSpoiled(model, place, [...needs, ...leftSpoiled(model, standing)]);
}

/** What stays where it is spoiled by what is apart already, and is not new. */
function leftSpoiled(model: Model, { place, fresh }: Standing): readonly EventKey[] {
  const apart = new Set(model.events.filter((event) => !place.in.has(event)));
  return spoiledBy(model, apart).filter(
    (event) => place.in.has(event) && !fresh.has(subjectOf(event)),
  );
}

/** Some events, with what is spoiled where it stands by all that has to come apart for them. */
export function withSpoiled(
  model: Model,
  place: Place,
  events: Iterable<EventKey>,
): ReadonlySet<EventKey> {
  const all = new Set(events);
  for (let before = -1; before < all.size;) {
    before = all.size;
    const wanted = [...all].filter((event) => place.in.has(event));
    const apart = inTheWayFrom(model, place, wanted);
    for (const event of spoiledBy(model, new Set([...apart, ...wanted])))
      if (place.in.has(event)) all.add(event);
  }
  return all;
}

function isWanted({ id, station }: Body, goal: Goal, { settled }: Standing): boolean {
  if (goal.scope === 'renew') return goal.renew.includes(station.id);
  if (goal.scope !== 'overhaul') return false;
  return RENEWED.has(station.kind) && !(station.kind === 'shimSite' && settled.has(id));
}

/** What is spoiled where it stands by what comes apart: a sleeve under a nut that is undone, rubber in a part that is heated, the O-ring of a joint that is opened. */
export function spoiledBy(model: Model, apart: ReadonlySet<EventKey>): readonly EventKey[] {
  const gone = model.bodies.filter(({ id }) => apart.has(bodyEvent(id)));
  const undone = gone.filter(({ station }) => station.kind === 'nut');
  const hot = new Set(gone.filter((body) => goesInHot(model, body)).map(({ host }) => host));
  return model.bodies
    .filter((body) => {
      if (isCrushed(body))
        return undone.some(({ host, axisId }) => host === body.host && axisId === body.axisId);
      if (body.station.kind === 'oRing')
        return body.under !== null && apart.has(joinEvent(body.under));
      return body.station.kind === 'seal' && hot.has(body.host);
    })
    .map(({ id }) => bodyEvent(id));
}
