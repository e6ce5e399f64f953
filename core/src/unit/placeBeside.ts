import { opposite, type Side } from './side.ts';
import { isDrawn } from './sizes.ts';
import { STATION_KIND_TABLE } from './stationKinds.ts';
import { SIZE_NAMES, type Axis, type Station } from './unit.ts';

/** Bodies that touch do not overlap: sums of lengths come out this near, mm. */
const TOUCHING = 1e-6;

/**
 * Put a body on an axis so that it touches another. What is only drawn there and would be in its way is pushed along, as on
 * a shaft; what stands at a known place stays, and a body of the case or the shaft is nowhere in the way.
 * @param body as it is to be; where it begins is not minded
 * @param side of the other body at which it goes
 * @returns the body and all that was pushed, where they now stand
 */
export function placeBeside(
  { stations }: Pick<Axis, 'stations'>,
  body: Station,
  besideId: string,
  side: Side,
): readonly Station[] {
  const beside = stations.find(({ id }) => id === besideId);
  const at =
    beside === undefined
      ? body.at
      : side === 'right'
        ? beside.at + beside.width
        : beside.at - body.width;
  const isKnown =
    beside !== undefined &&
    !isDrawn(beside, 'at', 'width') &&
    (side === 'right' || !isDrawn(body, 'width'));
  const placed = withPlaceSaid({ ...body, at }, isKnown);
  return pushed(
    placed,
    stations.filter(({ id }) => id !== body.id && id !== besideId),
    side,
  );
}

/** Where it begins follows from its neighbour, or is only drawn. */
function withPlaceSaid({ drawn = [], ...station }: Station, isKnown: boolean): Station {
  const names = SIZE_NAMES.filter((name) => (name === 'at' ? !isKnown : drawn.includes(name)));
  return names.length === 0 ? station : { ...station, drawn: names };
}

/** The first, and what it pushes along to a side, one after the other. */
function pushed(first: Station, others: readonly Station[], side: Side): readonly Station[] {
  const moved = [first];
  const rings = others
    .filter(({ kind }) => STATION_KIND_TABLE[kind].form === 'ring')
    .toSorted((a, b) => (side === 'right' ? a.at - b.at : b.at + b.width - (a.at + a.width)));
  for (const ring of rings) {
    if (!isDrawn(ring, 'at') || isBehind(ring, first, side)) continue;
    const pusher = moved.findLast((one) => overlaps(one, ring));
    if (pusher === undefined) continue;
    const at = side === 'right' ? pusher.at + pusher.width : pusher.at - ring.width;
    moved.push({ ...ring, at });
  }
  return moved;
}

/** Whether a ring has its middle on the side that the push comes from. */
function isBehind(ring: Station, first: Station, side: Side): boolean {
  const middle = ring.at + ring.width / 2;
  const from = opposite(side) === 'left' ? first.at : first.at + first.width;
  return side === 'right' ? middle < from : middle > from;
}

const overlaps = (a: Station, b: Station): boolean =>
  reach(a.at, a.at + a.width, b.at, b.at + b.width) > TOUCHING &&
  reach(a.inside, a.outside, b.inside, b.outside) > TOUCHING;

const reach = (from: number, to: number, otherFrom: number, otherTo: number): number =>
  Math.min(to, otherTo) - Math.max(from, otherFrom);
