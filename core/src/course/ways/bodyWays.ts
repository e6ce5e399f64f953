import type { Station } from '../../unit/index.ts';
import {
  bodyEvent,
  boltsEvent,
  joinEvent,
  lies,
  YIELDS,
  type Body,
  type Direction,
  type EventKey,
  type Model,
} from '../model/index.ts';
import { capsOf } from './capsOf.ts';
import { pairsOf } from './pairs.ts';
import { carrierOf, groupOf, isThere, joinsBetween, standsOn, type Place } from './place.ts';
import { wayOut, type Obstacle, type Way } from './way.ts';

/** A body as it stands now. */
interface Standing {
  readonly model: Model;
  readonly place: Place;
  readonly body: Body;
  /** The part that carries it; null while it is in or on something on the bench. */
  readonly home: string | null;
  /** Bolts and bodies that hold it whichever way it goes. */
  readonly held: readonly Obstacle[];
}

/** The ways of a body out, as a unit stands; none where its own part shuts it in every way. */
export function bodyWays(model: Model, body: Body, place: Place): readonly Way[] {
  const home = carrierOf(model, body, place);
  const standing: Standing = { model, place, body, home, held: heldBy(model, body, place) };
  return (
    outOfJoint(standing) ??
    fromUnderCaps(standing) ??
    outOfGroove({ ...standing, held: [...standing.held, ...pressedIn(standing)] }) ??
    alongAxis({ ...standing, held: [...standing.held, ...pressedIn(standing)] })
  );
}

/** What caps keep besides what lies under them. */
const KEPT_BY_CAPS: ReadonlySet<Station['kind']> = new Set(['adjuster', 'shimSite']);

function heldBy(model: Model, body: Body, place: Place): readonly Obstacle[] {
  const bolts = model.holds
    .filter(
      ({ over, isOfCaps, axisId }) =>
        over.includes(body.id) ||
        (isOfCaps && axisId === body.axisId && KEPT_BY_CAPS.has(body.station.kind)),
    )
    .map(({ boltsId }) => boltsEvent(boltsId));
  return [...bolts, ...cupOver(model, body)]
    .filter((event) => place.in.has(event))
    .map((event) => [event]);
}

/** The cup that comes out on its cone from under caps: a hand takes it off before the cone is pulled. */
function cupOver({ bodies, shafts }: Model, { piece, station, axisId }: Body): readonly EventKey[] {
  const isAcross = shafts.some(({ across, axes }) => across !== null && axes.includes(axisId));
  if (piece !== 'cone' || !isAcross) return [];
  return bodies
    .filter((one) => one.station === station && one.piece === 'cup')
    .map(({ id }) => bodyEvent(id));
}

/** What is pressed into a body is pressed on the bench; a seal on a hub is not. */
function pressedIn({ model, place, body }: Standing): readonly Obstacle[] {
  const event = bodyEvent(body.host);
  return model.bodyOf.has(body.host) &&
    place.in.has(event) &&
    body.fit === 'tight' &&
    body.station.kind !== 'seal'
    ? [[event]]
    : [];
}

/** Out of the joint it lies in, once that is open; null where it lies in none. */
function outOfJoint({ model, place, body: { under }, held }: Standing): readonly Way[] | null {
  if (under === null) return null;
  const joint = model.jointOf.get(under) ?? model.joints[0];
  const event = joint === undefined ? null : joinEvent(joint.part);
  const open = event !== null && place.in.has(event) ? [[event]] : [];
  return [wayOut('across', [...held, ...open])];
}

const PAST_CAPS: ReadonlySet<Station['kind']> = new Set(['adjuster', 'snapRing', 'seal', 'nut']);
const HALVES: ReadonlySet<Station['kind']> = new Set(['plainBearing', 'taperedRoller']);

/** Out across where the shaft lies under caps: half washers once those are off, shells and cups once the shaft is out. */
function fromUnderCaps({ model, place, body, held }: Standing): readonly Way[] | null {
  const shaft = model.shafts.find(
    ({ across, axes }) => across !== null && axes.includes(body.axisId),
  );
  if (shaft === undefined) return null;
  const { kind } = body.station;
  if (kind === 'thrustWasher' && !model.metal.shafts.has(body.host))
    return [wayOut('across', [...held, ...capsOf(shaft, place)])];
  const event = joinEvent(shaft.part);
  const goesWithIt = body.host === shaft.part || HALVES.has(kind);
  return !PAST_CAPS.has(kind) && goesWithIt && body.piece !== 'cone' && place.in.has(event)
    ? [wayOut('across', [...held, [event]])]
    : null;
}

/** Something that could stand in the way of a body: it is in, on its axis, and not carried by it. */
const mates = ({ model, place, body }: Standing): readonly Body[] =>
  pairsOf(model)
    .onAxis(body.axisId)
    .filter((one) => one !== body && one.host !== body.id && isThere(model, one, place));

/** The joins that part one part from another, as far as it is another. */
const partedFrom = ({ model, place, home }: Standing, partId: string) =>
  home === null || partId === home ? [] : joinsBetween(model, home, partId, place);

/** How much narrower a wall may be than what it is thought to cover, mm. A rule of this program. */
const COVERS = 1;

/** Out of its groove across, where nothing lies over it; null for what has an outline. */
function outOfGroove(standing: Standing): readonly Way[] | null {
  const { model, place, body, home, held } = standing;
  if (body.rings.length > 0) return null;
  const { station, axisId } = body;
  const over = mates(standing).filter(
    (one) => one.station.kind !== 'oRing' && one.rings.some((ring) => lies(ring, station)),
  );
  const bodiesOver = over.map((one) => [
    bodyEvent(one.id),
    ...partedFrom(standing, carrierOf(model, one, place)!),
  ]);
  const isOnBody = model.bodyOf.has(body.host);
  if (home === null || isOnBody)
    return [
      wayOut(
        'across',
        isOnBody && !place.in.has(bodyEvent(body.host)) ? held : [...held, ...bodiesOver],
      ),
    ];
  const walls = [...groupOf(model, home, place)]
    .filter((part) => part !== home)
    .filter((part) =>
      model.metal
        .solid(part, axisId)
        .some((ring) => lies(ring, station) && ring.inner >= station.inside - COVERS),
    )
    .map((part) => joinsBetween(model, home, part, place))
    .filter((joins) => joins.length > 0);
  return [wayOut('across', [...held, ...bodiesOver, ...walls])];
}

/** Along its axis, as described or either way; with its shaft or by hand where that leads nowhere. */
function alongAxis(standing: Standing): readonly Way[] {
  const { model, place, body, home, held } = standing;
  if (home === null) return [wayOut('across', held)];
  const onShaft = model.metal.shafts.has(body.host);
  const isLying = place.lies.has(body.id);
  const ways = directionsOf(body, onShaft).flatMap((direction) => {
    const obstacles = inTheWay(standing, home, direction);
    return obstacles === null ? [] : [wayOut(direction, obstacles)];
  });
  const shaft = joinEvent(body.host);
  const isShut = ways.every(({ obstacles }) => obstacles.length > 0);
  // What does not come off its shaft as it stands comes off when that is out.
  if (onShaft && !isLying && place.in.has(shaft) && body.piece !== null && isShut)
    return [...ways, wayOut('across', [...held, [shaft]])];
  if (ways.length > 0) return ways;
  // What is tight does not come out by hand: a way against its own shoulder is none.
  return body.fit === 'tight' && !isLying ? [] : [byHand(standing, home, isLying)];
}

function directionsOf({ way, guess, station }: Body, onShaft: boolean): readonly Direction[] {
  const out = (direction: Direction): Direction => (direction > 0 ? -1 : 1);
  if (way !== null) return [out(way)];
  // An O-ring on a shaft has no outline to hold it: it goes to the open end alone.
  return onShaft && station.kind === 'oRing' ? [out(guess)] : [out(guess), guess];
}

/** What a body meets in a direction; null where metal of its own part, or of one that never parts from it, holds it for good. */
function inTheWay(
  standing: Standing,
  home: string,
  direction: Direction,
): readonly Obstacle[] | null {
  const { model, place, body, held } = standing;
  const { meet, hit } = pairsOf(model);
  const { solid, shafts } = model.metal;
  if (!YIELDS.has(body.station.kind) && meet(body.rings, solid(home, body.axisId), direction))
    return null;
  const group = groupOf(model, home, place);
  const obstacles: Obstacle[] = [...held];
  for (const part of group) {
    if (part === home || !meet(body.rings, solid(part, body.axisId), direction)) continue;
    const joins = joinsBetween(model, home, part, place);
    if (joins.length === 0) return null;
    obstacles.push(joins);
  }
  const others = mates(standing);
  for (const one of others) {
    const carrier = carrierOf(model, one, place)!;
    if (group.has(carrier) && one.id !== body.host && hit(body, one, direction))
      obstacles.push([bodyEvent(one.id), ...partedFrom(standing, carrier)]);
  }
  obstacles.push(...closedOver(standing, home, group, direction));
  // A nut clamps what lies inside it on its shaft, whatever its diameter.
  if (shafts.has(body.host) && !place.lies.has(body.id) && body.station.kind !== 'seal')
    for (const nut of others)
      if (
        nut.station.kind === 'nut' &&
        nut.host === body.host &&
        body.station.at < nut.station.at === direction > 0
      )
        obstacles.push([bodyEvent(nut.id)]);
  return obstacles;
}

/** Joints that close over a body in a direction. */
function closedOver(
  { model, place, body }: Standing,
  home: string,
  group: ReadonlySet<string>,
  direction: Direction,
): readonly Obstacle[] {
  return model.joints
    .filter(({ part }) => place.in.has(joinEvent(part)) && group.has(part))
    .filter(({ part, to, side, halves }) => {
      if (side === 0) return body.host === part || model.shaftOf.get(body.host)?.to === part;
      const isBetween =
        (home === part && direction === -side) || (home === to && direction === side);
      return isBetween && (halves || standsOn(model, part, body.axisId));
    })
    .map(({ part }) => [joinEvent(part)]);
}

/** Walled in by its part, or lying in it: a hand lifts it out once no shaft goes through it and what covers it is off. */
function byHand({ model, place, body, held }: Standing, home: string, isLying: boolean): Way {
  const group = groupOf(model, home, place);
  const through = model.shafts
    .filter(({ part, axes }) => axes.includes(body.axisId) && (body.host !== part || !isLying))
    .map(({ part }) => joinEvent(part));
  const over = model.joints
    .filter(({ part, halves }) => group.has(part) && (halves || standsOn(model, part, body.axisId)))
    .map(({ part }) => joinEvent(part));
  const shut = [...through, ...over].filter((event) => place.in.has(event));
  return wayOut('across', [...held, ...shut.map((event) => [event])]);
}
