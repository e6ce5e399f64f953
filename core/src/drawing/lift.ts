import type { Side, Station } from '../unit/index.ts';

/** A ring of a bearing that parts, or all of a station. */
export type Piece = 'cup' | 'cone' | 'whole';

/** A station to be drawn: which rings of it stand in their place, and which are lifted out. */
export interface StationToDraw {
  readonly station: Station;
  readonly there: readonly Piece[];
  readonly moving: readonly Piece[];
  /** The side to which what moves of it is lifted; null where it stays in its place, marked. */
  readonly side: Side | null;
  readonly marked: boolean;
}

/** What moves is lifted clear of everything by this share of the length of what is drawn. */
const CLEAR = 0.08;

/** How far a station is lifted along the axis, mm; negative to the left. */
export type Lift = (one: StationToDraw) => number;

/** How far each is lifted, so that what moves lies clear of all that is there. */
export function liftOf(stations: readonly StationToDraw[]): Lift {
  const shifts = { left: shiftOf(stations, 'left'), right: shiftOf(stations, 'right') };
  return ({ side, moving }) => (side === null || moving.length === 0 ? 0 : shifts[side]);
}

/** Left and right end of some stations; of none a stretch of nothing. */
export function ends(stations: readonly Station[]): readonly [number, number] {
  if (stations.length === 0) return [0, 1];
  return [
    Math.min(...stations.map(({ at }) => at)),
    Math.max(...stations.map(({ at, width }) => at + width)),
  ];
}

/** How far what moves to a side is lifted, so that it lies clear of what is there; negative to the left. */
function shiftOf(stations: readonly StationToDraw[], side: Side): number {
  const moving = stations.filter((one) => one.moving.length > 0 && one.side === side);
  const there = stations.filter((one) => one.there.length > 0).map(({ station }) => station);
  if (there.length === 0 || moving.length === 0) return 0;
  const [left, right] = ends(there);
  const [from, to] = ends(moving.map(({ station }) => station));
  const gap = CLEAR * (right - left);
  return side === 'right' ? right + gap - from : left - gap - to;
}
