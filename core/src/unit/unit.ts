import type { Arrangement } from '../arrangement/index.ts';
import type { MaterialChoice } from '../materials/index.ts';
import type { FigureKind } from '../figures/index.ts';
import type { Mesh } from './meshRow.ts';
import type { StationDetails } from './stationDetails.ts';

/** What a part of the unit is. */
export const PART_KINDS = ['case', 'caseHalf', 'cover', 'carrier', 'shaft'] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** A case, case half, cover, carrier or shaft. What is not known is null. */
export interface Part {
  readonly id: string;
  readonly name: string;
  readonly kind: PartKind;
  readonly material: MaterialChoice | null;
  /** kg. */
  readonly mass: number | null;
  /** Surface that takes heat, m². */
  readonly area: number | null;
  /** Usual wall, mm. */
  readonly wall: number | null;
}

/** What stands on an axis. */
export const STATION_KINDS = [
  'taperedRoller',
  'ballBearing',
  'cylindricalRoller',
  'drawnCup',
  'needleThrust',
  'looseRollers',
  'plainBearing',
  'bush',
  'thrustWasher',
  'seal',
  'oRing',
  'shimSite',
  'spacer',
  'adjuster',
  'gear',
  'key',
  'dowel',
  'stud',
  'ringSeal',
  'piston',
  'pistonSeal',
  'snapRing',
  'retainer',
  'nut',
  'bolts',
  'housing',
  'cover',
  'shaftStep',
] as const;
export type StationKind = (typeof STATION_KINDS)[number];

/** The sizes by which every station is drawn. */
export const SIZE_NAMES = ['at', 'width', 'inside', 'outside'] as const;
export type SizeName = (typeof SIZE_NAMES)[number];

/**
 * One station on an axis: a ring of rectangular outline, from `at` to `at + width` along the axis and from
 * diameter `inside` to `outside`. Lengths in mm. What only some kinds have is in {@link StationDetails}.
 */
export interface Station extends StationDetails {
  readonly id: string;
  readonly kind: StationKind;
  readonly name: string;
  readonly at: number;
  readonly width: number;
  readonly inside: number;
  readonly outside: number;
  /** Sizes that nobody has said: they are drawn in proportion, and no number is taken from them. Absent: all are known. */
  readonly drawn?: readonly SizeName[];
  /** Part that holds it (case, cover) or that it is (shaft). */
  readonly partId: string;
}

/** A shaft line with its stations in order from left to right. */
export interface Axis {
  readonly id: string;
  readonly name: string;
  readonly arrangement: Arrangement;
  /** What is set on this axis, each against a band. */
  readonly sets: readonly FigureKind[];
  readonly stations: readonly Station[];
}

/** A step that no rule of the plan knows: its maker's, or the workshop's own. It stands by a step of the plan, each time that comes. */
export interface OwnStep {
  readonly id: string;
  /** The step of the plan, without how often. */
  readonly by: string;
  readonly side: 'before' | 'after';
  readonly source: 'maker' | 'workshop';
  readonly title: string;
  /** What is done; empty where the title says it. */
  readonly how: string;
  /** What can hurt or ruin; empty where nothing was said. */
  readonly caution: string;
}

/** What is on the bench. */
export interface Unit {
  readonly id: string;
  readonly name: string;
  readonly description: string;
  readonly parts: readonly Part[];
  readonly axes: readonly Axis[];
  /** Gears in mesh; absent where none are described. */
  readonly meshes?: readonly Mesh[];
  /** Steps of one's own; absent where there are none. */
  readonly ownSteps?: readonly OwnStep[];
}
