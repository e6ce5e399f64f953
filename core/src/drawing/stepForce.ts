import { opposite, type Side, type Station } from '../unit/index.ts';
import type { Point } from './geometry.ts';
import { ends, type Lift, type StationToDraw } from './lift.ts';

/** A stroke from one place to another. mm; y is up. */
export interface Stroke {
  readonly from: Point;
  readonly to: Point;
}

/** Where the force goes, from which side, and what is said of it and of what it is held against. */
export interface ForceToDraw {
  readonly stationId: string;
  readonly ring: 'outer' | 'inner' | 'whole';
  readonly side: Side;
  /** Pulled out rather than pushed in. */
  readonly pulls: boolean;
  readonly words: string;
  readonly support: string;
}

/**
 * Arrows onto the ring that takes the force, and the edge of what it is held against: beyond the ring where it is pushed, on the side
 * of the pull where it is pulled.
 */
export function forceOn(
  { stationId, ring, side, pulls, words, support }: ForceToDraw,
  stations: readonly StationToDraw[],
  lift: Lift,
  unit: number,
) {
  const one = stations.find(({ station }) => station.id === stationId);
  if (one === undefined) return null;
  const { station } = one;
  const out = side === 'right' ? 1 : -1;
  const share = { outer: 0.86, inner: 0.14, whole: 0.5 }[ring];
  const y = (station.inside + share * (station.outside - station.inside)) / 2;
  const face = (side === 'right' ? station.at + station.width : station.at) + lift(one);
  const near = { x: face + 0.3 * out * unit, y };
  const far = { x: face + 6 * out * unit, y };
  const stroke = pulls ? { from: near, to: far } : { from: far, to: near };
  const heldAt = pulls ? side : opposite(side);
  const held = heldEdge(one, stations, ring, heldAt, unit);
  return {
    forces: mirroredStrokes(stroke),
    supports: held === null ? [] : mirroredStrokes(held),
    notes: [
      { words, at: far, side },
      ...(held === null ? [] : [{ words: support, at: held.from, side: heldAt }]),
    ],
  };
}

/** What is one with its part. */
const SOLID: ReadonlySet<Station['kind']> = new Set(['housing', 'cover', 'shaftStep']);

/** The end, to a side, of what something sits in or on: there it is held. */
function heldEdge(
  { station }: StationToDraw,
  stations: readonly StationToDraw[],
  ring: 'outer' | 'inner' | 'whole',
  side: Side,
  unit: number,
): Stroke | null {
  const solid = stations
    .filter(({ there, station: { kind } }) => there.length > 0 && SOLID.has(kind))
    .map((one) => one.station);
  const seat = solid.find(
    (one) =>
      one.at < station.at + station.width &&
      station.at < one.at + one.width &&
      (ring === 'inner' ? one.outside < station.outside : one.outside > station.outside),
  );
  const part = solid.filter(({ partId }) => partId === seat?.partId);
  const [left, right] = ends(part);
  const end = part.find((one) =>
    side === 'left' ? one.at === left : one.at + one.width === right,
  );
  if (end === undefined) return null;
  const x = side === 'left' ? left - 0.7 * unit : right + 0.7 * unit;
  const low = Math.max(end.inside / 2, 0.3 * end.outside);
  return { from: { x, y: end.outside / 2 }, to: { x, y: low } };
}

const mirroredStrokes = ({ from, to }: Stroke): readonly Stroke[] => [
  { from, to },
  { from: { x: from.x, y: -from.y }, to: { x: to.x, y: -to.y } },
];
