import type { Station } from '../../unit/index.ts';
import {
  bodyEvent,
  boltsEvent,
  joinEvent,
  type Direction,
  type Joint,
  type Model,
  type Shaft,
} from '../model/index.ts';
import { capsOf } from './capsOf.ts';
import { meetingOf } from './parting.ts';
import { standsOn, type Place } from './place.ts';
import { wayOut, type Obstacle, type Way } from './way.ts';

const SIDES: readonly Direction[] = [-1, 1];

/** What is still joined, as obstacles. */
const joined = (place: Place, parts: readonly string[]): readonly Obstacle[] =>
  parts
    .map(joinEvent)
    .filter((event) => place.in.has(event))
    .map((event) => [event]);

/** What holds a shaft under caps besides these. */
const BESIDE_CAPS: ReadonlySet<Station['kind']> = new Set(['adjuster', 'seal', 'thrustWasher']);

/** The ways of a shaft out: along its axis with all that is on it, else leaving behind what would clash; or across. */
export function shaftWays(model: Model, shaft: Shaft, place: Place): readonly Way[] {
  if (shaft.across !== null) return [outOfCaps(model, shaft, place)];
  const closed = model.joints
    .filter(
      ({ part, halves }) =>
        shaft.to === part || (halves && shaft.axes.some((axis) => standsOn(model, part, axis))),
    )
    .map(({ part }) => part);
  const held = joined(place, closed);
  const ways = [false, true].flatMap((mayLeave) =>
    SIDES.flatMap((direction): readonly Way[] => {
      const { part: from, to } = shaft;
      const event = joinEvent(from);
      const meeting = meetingOf(model, place, { event, from, to, direction, mayLeave });
      if (meeting === null || (mayLeave && meeting.left.length === 0)) return [];
      return [
        {
          direction,
          obstacles: [...held, ...meeting.obstacles],
          left: meeting.left.map(({ id }) => id),
        },
      ];
    }),
  );
  return ways.length > 0 ? ways : [outOfOpenCase(model, shaft, place, held)];
}

function outOfCaps(model: Model, shaft: Shaft, place: Place): Way {
  const beside = model.bodies
    .filter(
      ({ axisId, station, host }) =>
        shaft.axes.includes(axisId) &&
        BESIDE_CAPS.has(station.kind) &&
        !model.metal.shafts.has(host),
    )
    .map(({ id }) => bodyEvent(id))
    .filter((event) => place.in.has(event))
    .map((event) => [event]);
  const over = model.joints
    .filter(({ part }) => shaft.axes.some((axis) => model.metal.solid(part, axis).length > 0))
    .map(({ part }) => part);
  const inCase = model.joints.filter(({ part }) => part === shaft.to).map(({ part }) => part);
  return wayOut('across', [
    ...joined(place, inCase),
    ...capsOf(shaft, place),
    ...beside,
    ...joined(place, over),
  ]);
}

/** A shaft that leads nowhere along its axis is lifted out of the open case, once no other goes through it. */
function outOfOpenCase(model: Model, shaft: Shaft, place: Place, held: readonly Obstacle[]): Way {
  const over = model.joints
    .filter(({ part }) => shaft.axes.some((axis) => standsOn(model, part, axis)))
    .map(({ part }) => part);
  const through = model.shafts
    .filter((one) => one !== shaft && goesThrough(model, one, shaft))
    .map(({ part }) => part);
  return wayOut('across', [...held, ...joined(place, [...over, ...through])]);
}

/** Whether one shaft stands within the bore of another. */
const goesThrough = ({ metal }: Model, inner: Shaft, around: Shaft): boolean =>
  around.axes.some(
    (axis) =>
      inner.axes.includes(axis) &&
      metal
        .solid(inner.part, axis)
        .some((ring) =>
          metal
            .solid(around.part, axis)
            .some((one) => ring.from < one.to && one.from < ring.to && ring.outer <= one.inner),
        ),
  );

/** The ways of a part off the one it is bolted to. */
export function jointWays(model: Model, joint: Joint, place: Place): readonly Way[] {
  const bolts = joint.bolts
    .map(boltsEvent)
    .filter((event) => place.in.has(event))
    .map((event) => [event]);
  const directions = joint.side === 0 ? SIDES : [joint.side];
  return directions.flatMap((direction) => {
    const meeting = meetingOf(model, place, {
      event: joinEvent(joint.part),
      from: joint.part,
      to: joint.to,
      direction,
      mayLeave: false,
    });
    return meeting === null ? [] : [wayOut(direction, [...bolts, ...meeting.obstacles])];
  });
}
