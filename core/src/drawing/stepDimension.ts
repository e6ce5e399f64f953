import type { Side, Station } from '../unit/index.ts';
import type { Point } from './geometry.ts';
import type { StationToDraw } from './lift.ts';
import type { Stroke } from './stepForce.ts';
import { LETTER } from './stepNotes.ts';

/** How deep a station lies below the face that it went in from. */
export interface DimensionToDraw {
  readonly stationId: string;
  /** The side of that face. */
  readonly side: Side;
  /** mm; more than 0. */
  readonly value: number;
  readonly words: string;
}

/** A dimension below the section: two lines down from what is measured, and an arrowed line between them. mm; y is up. */
export interface PlacedDimension {
  readonly extensions: readonly Stroke[];
  /** Each ends in an arrow head: from each other, or towards each other where there is no room between. */
  readonly arrows: readonly Stroke[];
  readonly words: string;
  /** The left end of the words, on their base line. */
  readonly text: Point;
}

/** What a dimension takes below the section, in units. */
export const DIMENSION_ROOM = 4.6;
/** With less between its lines, in units, the arrows come from outside. */
const LEAST_BETWEEN = 6;
const ARROW = 4;

/**
 * The depth of a station in its place, whether it is there yet or not; null of one that is not in the picture.
 * @param radius of the section, mm
 * @param from left end of the picture, and `to` its right one: the words stay within
 */
export function dimensionOf(
  { stationId, side, value, words }: DimensionToDraw,
  stations: readonly StationToDraw[],
  { radius, unit, from, to }: { radius: number; unit: number; from: number; to: number },
): PlacedDimension | null {
  const station = stations.find((one) => one.station.id === stationId)?.station;
  if (station === undefined) return null;
  const [near, far] = placesOf(station, side, value);
  const y = -radius - 1.8 * unit;
  const down = (x: number): Stroke => ({
    from: { x, y: -0.5 * station.outside },
    to: { x, y: y - 0.8 * unit },
  });
  const [left, right] = near < far ? [near, far] : [far, near];
  const inside = right - left >= LEAST_BETWEEN * unit;
  const reach = inside ? 0 : ARROW * unit;
  const at = (x: number): Point => ({ x, y });
  const middle = (left + right) / 2;
  const width = words.length * LETTER * unit;
  const beside = side === 'right' ? right + reach + unit : left - reach - unit - width;
  return {
    extensions: [down(near), down(far)],
    arrows: inside
      ? [
          { from: at(middle), to: at(left) },
          { from: at(middle), to: at(right) },
        ]
      : [
          { from: at(left - reach), to: at(left) },
          { from: at(right + reach), to: at(right) },
        ],
    words,
    text: { x: Math.max(from + unit, Math.min(beside, to - unit - width)), y: y - unit },
  };
}

/** Where its own face stands, and the face that it lies below. */
function placesOf({ at, width }: Station, side: Side, value: number): readonly [number, number] {
  return side === 'right' ? [at + width, at + width + value] : [at, at - value];
}
