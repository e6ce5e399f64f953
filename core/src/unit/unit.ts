import type { Arrangement, ShimPlace } from '../arrangement/index.ts';

/** What a part of the unit is. */
export type PartKind = 'case' | 'cover' | 'shaft';

/** A case half, cover or shaft. */
export interface Part {
  readonly id: string;
  readonly name: string;
  readonly kind: PartKind;
  /** Material in words, as booked in. */
  readonly material: string;
}

/** What stands on an axis. */
export type StationKind =
  | 'taperedRoller'
  | 'ballBearing'
  | 'seal'
  | 'gear'
  | 'housing'
  | 'cover'
  | 'shimSite'
  | 'shaftStep';

/** Every kind of station, in the order they are listed to a reader. */
export const STATION_KINDS = [
  'taperedRoller', 'ballBearing', 'seal', 'gear', 'housing', 'cover', 'shimSite', 'shaftStep',
] as const satisfies readonly StationKind[]; // prettier-ignore

/** Direction along the axis, as drawn. */
export type Side = 'left' | 'right';

/**
 * One station on an axis: a ring of rectangular outline, from `at` to `at + width` along the axis and from
 * diameter `inside` to `outside`. Lengths in mm.
 */
export interface Station {
  readonly id: string;
  readonly kind: StationKind;
  readonly name: string;
  readonly at: number;
  readonly width: number;
  readonly inside: number;
  readonly outside: number;
  /** Part that holds it (case, cover) or that it is (shaft). */
  readonly partId: string;
  /** Bearings: the way the shaft may push it; null for stations that hold no thrust or both ways. */
  readonly thrust: Side | null;
  /** Shim sites: where the thickness sits in the arrangement. */
  readonly place: ShimPlace | null;
  readonly designation: string | null;
}

/** A shaft line with its stations in order from left to right. */
export interface Axis {
  readonly id: string;
  readonly name: string;
  readonly arrangement: Arrangement;
  readonly stations: readonly Station[];
}

/** What is on the bench. */
export interface Unit {
  readonly id: string;
  readonly name: string;
  readonly description: string;
  readonly parts: readonly Part[];
  readonly axes: readonly Axis[];
}
