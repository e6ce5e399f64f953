import {
  bodyEvent,
  YIELDS,
  type Body,
  type Direction,
  type EventKey,
  type Model,
} from '../model/index.ts';
import { pairsOf, type Pairs } from './pairs.ts';
import { carrierOf, groupOf, isThere, joinsBetween, type Place } from './place.ts';
import type { Obstacle } from './way.ts';

/** Some parts with all that is on them that part from the others to a side. */
export interface Parting {
  readonly event: EventKey;
  readonly from: string;
  readonly to: string;
  readonly direction: Direction;
  /** Whether what would meet something may stay where it is, where the part that is drawn off passes through it. */
  readonly mayLeave: boolean;
}

/** What meets in a parting; null where metal of two parts that never come apart holds them. */
export interface Meeting {
  readonly obstacles: readonly Obstacle[];
  readonly left: readonly Body[];
}

/** Who moves and who stands in a parting. */
interface Sides {
  readonly model: Model;
  readonly place: Place;
  readonly parting: Parting;
  readonly pairs: Pairs;
  readonly moving: ReadonlySet<string>;
  readonly rest: readonly string[];
  readonly movers: readonly Body[];
  readonly standers: ReadonlyMap<string, readonly Body[]>;
}

/** What meets when some parts with what is on them part from the others. */
export function meetingOf(model: Model, place: Place, parting: Parting): Meeting | null {
  const sides = sidesOf(model, place, parting);
  const metal = metalMeets(sides);
  if (metal === null) return null;
  const left = staysBehind(sides);
  const stays = new Set(left);
  const going = sides.movers.filter((body) => !stays.has(body));
  const pulled = going.flatMap((body) => [
    ...clashes(sides, body),
    ...left
      .filter((one) => sides.pairs.hit(body, one, parting.direction))
      .map((one) => [bodyEvent(body.id), bodyEvent(one.id)]),
  ]);
  return { obstacles: [...metal, ...throughStanders(sides), ...pulled], left };
}

function sidesOf(model: Model, place: Place, parting: Parting): Sides {
  const { event, from, to } = parting;
  const moving = groupOf(model, from, place, event);
  const rest = [...groupOf(model, to, place, event)].filter((part) => !moving.has(part));
  const axes = model.shaftOf.get(from)?.axes;
  const standing = new Set(rest);
  const movers: Body[] = [];
  const standers = new Map<string, Body[]>();
  for (const body of model.bodies) {
    if (axes !== undefined && !axes.includes(body.axisId)) continue;
    if (!isThere(model, body, place)) continue;
    const carrier = carrierOf(model, body, place)!;
    if (moving.has(carrier)) movers.push(body);
    else if (standing.has(carrier))
      standers.set(body.axisId, [...(standers.get(body.axisId) ?? []), body]);
  }
  return { model, place, parting, pairs: pairsOf(model), moving, rest, movers, standers };
}

/** The other joins that part one of those that move from where it hangs, and one of those that stand. */
const otherJoins = (
  { model, place, parting: { from, to, event } }: Sides,
  mover: string,
  stander: string,
): readonly EventKey[] =>
  [...joinsBetween(model, from, mover, place), ...joinsBetween(model, to, stander, place)].filter(
    (join) => join !== event,
  );

/** Metal that meets metal. */
function metalMeets(sides: Sides): readonly Obstacle[] | null {
  const { model, moving, rest, pairs, parting } = sides;
  const { solid, axesOf } = model.metal;
  const obstacles: Obstacle[] = [];
  for (const mover of moving)
    for (const stander of rest) {
      const met = axesOf(mover).some(
        (axis) =>
          axesOf(stander).includes(axis) &&
          pairs.meet(solid(mover, axis), solid(stander, axis), parting.direction),
      );
      if (!met) continue;
      const joins = otherJoins(sides, mover, stander);
      if (joins.length === 0) return null;
      obstacles.push(joins);
    }
  return obstacles;
}

/** Bodies of those that stand, in the way of the metal of those that move. */
function throughStanders(sides: Sides): readonly Obstacle[] {
  const { model, place, moving, standers, pairs, parting } = sides;
  return [...standers.values()]
    .flat()
    .flatMap((body) =>
      [...moving]
        .filter((part) =>
          pairs.meet(model.metal.solid(part, body.axisId), body.rings, parting.direction),
        )
        .map((part) => [
          bodyEvent(body.id),
          ...otherJoins(sides, part, carrierOf(model, body, place)!),
        ]),
    );
}

/** What a body that moves meets on those that stand: it comes off, or they do, or what they hang on is parted. */
function clashes(sides: Sides, body: Body): readonly Obstacle[] {
  const { model, place, rest, standers, pairs, parting } = sides;
  const { direction, to, event } = parting;
  const hangsBy = (part: string) =>
    joinsBetween(model, to, part, place).filter((join) => join !== event);
  return [
    ...rest
      .filter((part) => pairs.meet(body.rings, model.metal.solid(part, body.axisId), direction))
      .map((part) => [bodyEvent(body.id), ...hangsBy(part)]),
    ...(standers.get(body.axisId) ?? [])
      .filter((one) => pairs.hit(body, one, direction))
      .map((one) => [
        bodyEvent(body.id),
        bodyEvent(one.id),
        ...hangsBy(carrierOf(model, one, place)!),
      ]),
  ];
}

/** What stays where it is: it would meet something, or what stays would; and what is drawn off passes through it. */
function staysBehind(sides: Sides): readonly Body[] {
  const { movers, pairs, parting } = sides;
  const left: Body[] = [];
  for (let grew = parting.mayLeave; grew;) {
    grew = false;
    for (const body of movers) {
      if (left.includes(body) || !canStay(sides, body)) continue;
      const stopped =
        clashes(sides, body).length > 0 ||
        left.some((one) => pairs.hit(body, one, parting.direction));
      if (!stopped) continue;
      left.push(body);
      grew = true;
    }
  }
  return left;
}

/** Whether the shaft can be drawn out of something: what slides on it, or a ring of a bearing. */
function canStay({ model, pairs, parting }: Sides, body: Body): boolean {
  const { from, direction } = parting;
  return (
    body.host === from &&
    !body.isInBody &&
    (body.fit === 'slide' || body.piece !== null) &&
    !YIELDS.has(body.station.kind) &&
    !pairs.meet(model.metal.solid(from, body.axisId), body.rings, direction)
  );
}
