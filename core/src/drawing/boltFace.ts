import { panPlaces, type Pattern } from '../fasteners/index.ts';
import type { Point } from './geometry.ts';

/** Bolts as they lie, seen from outside: each with its number as it lies and its turn. The face is 2 wide and 2 high about 0, 0; y is up. */
export interface BoltFace {
  readonly bolts: readonly (Point & { readonly number: number; readonly turn: number })[];
  /** How large a bolt may be drawn: half the way to its neighbour at most. */
  readonly radius: number;
}

/** Largest bolt on the face. */
const LARGEST = 0.24;

/**
 * The face of a bolt circle, pan or row: bolt 1 at the top and clockwise on a circle, clockwise from the upper left round a pan,
 * from left to right in a row.
 * @param order the bolts by their numbers as they are tightened
 */
export function boltFace(count: number, pattern: Pattern, order: readonly number[]): BoltFace {
  const places = PLACES[pattern](count);
  const bolts = places.map((place, at) => ({
    ...place,
    number: at + 1,
    turn: order.indexOf(at + 1) + 1,
  }));
  const gaps = bolts.flatMap((one, at) =>
    bolts.slice(at + 1).map((other) => Math.hypot(one.x - other.x, one.y - other.y)),
  );
  return { bolts, radius: Math.min(LARGEST, 0.42 * Math.min(...gaps, 1)) };
}

const REACH = 0.75;

const PLACES: Readonly<Record<Pattern, (count: number) => readonly Point[]>> = {
  circle: (count) =>
    Array.from({ length: count }, (_, at) => {
      const angle = (2 * Math.PI * at) / count;
      return { x: REACH * Math.sin(angle), y: REACH * Math.cos(angle) };
    }),
  pan: panPlaces,
  row: (count) =>
    Array.from({ length: count }, (_, at) => ({
      x: count === 1 ? 0 : REACH * ((2 * at) / (count - 1) - 1),
      y: 0,
    })),
};
