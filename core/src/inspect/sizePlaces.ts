import { STATION_KIND_TABLE, type StationKind } from '../unit/index.ts';

/** What is measured on a station. */
export const SIZE_FEATURES = ['bore', 'journal', 'length'] as const;
export type SizeFeature = (typeof SIZE_FEATURES)[number];

/** Three angles at two depths, the usual way to find a bore out of round or tapered. Degrees. */
export const ANGLES = [0, 60, 120] as const;
export const PLANES = ['outer', 'inner'] as const;
export type Plane = (typeof PLANES)[number];

/** One place at which a size is taken: a plane and an angle, or the number of a bolt. */
export interface SizePlace {
  readonly id: string;
  readonly words: string;
  readonly plane: Plane | null;
}

const ROUND: readonly SizePlace[] = PLANES.flatMap((plane) =>
  ANGLES.map((angle) => ({ id: `${plane}-${angle}`, words: `${plane} end, ${angle}°`, plane })),
);

/** What can be measured on a kind of station. */
export function featuresOf(kind: StationKind): readonly SizeFeature[] {
  if (STATION_KIND_TABLE[kind].bearing !== null) return ['bore', 'journal'];
  return kind === 'bolts' ? ['length'] : kind === 'looseRollers' ? ['journal', 'bore'] : [];
}

/** Where a feature is measured; `count` is how many bolts there are. */
export function placesFor(feature: SizeFeature, count = 1): readonly SizePlace[] {
  if (feature !== 'length') return ROUND;
  return Array.from({ length: count }, (_, at) => ({
    id: `bolt-${at + 1}`,
    words: `bolt ${at + 1}`,
    plane: null,
  }));
}
