import { requireNumber } from '../faults/index.ts';
import { STATION_KIND_TABLE, type StationKind } from '../unit/index.ts';

/** What is measured on a station: its seats, a bolt, the ring itself, and how deep it lies. */
export const SIZE_FEATURES = [
  'bore',
  'journal',
  'length',
  'ringOutside',
  'ringBore',
  'ringWidth',
  'shoulderDepth',
  'seatedDepth',
  'fittedBore',
  'endGap',
] as const;
export type SizeFeature = (typeof SIZE_FEATURES)[number];

/** What a size is called, and how far from nominal it may be before it is a slip of the unit or the point. Share of nominal. */
export const SIZE_FEATURE_TABLE: Readonly<
  Record<SizeFeature, { readonly words: string; readonly far: number }>
> = {
  bore: { words: 'Bore', far: 0.05 },
  journal: { words: 'Journal', far: 0.05 },
  length: { words: 'Length under the head', far: 0.5 },
  ringOutside: { words: 'Outside of the ring', far: 0.05 },
  ringBore: { words: 'Bore of the ring', far: 0.05 },
  ringWidth: { words: 'Width of the ring', far: 0.1 },
  shoulderDepth: { words: 'Depth from the face to the shoulder', far: 0.5 },
  seatedDepth: { words: 'Depth from the face to the ring', far: 0.5 },
  fittedBore: { words: 'Bore once fitted', far: 0.05 },
  endGap: { words: 'Gap between its ends', far: 5 },
};

/** Whether a size as typed is so far from nominal that its unit or its point is most likely wrong. mm. */
export function isFarFrom(feature: SizeFeature, value: number, nominal: number): boolean {
  return Math.abs(value - nominal) > SIZE_FEATURE_TABLE[feature].far * nominal;
}

/** Features measured from a face: a ring that is flush lies at 0, one that stands out below it. */
const DEPTHS: readonly SizeFeature[] = ['shoulderDepth', 'seatedDepth'];

/**
 * Check a size as measured, mm.
 * @throws InputError naming `value`
 */
export function requireSize(feature: SizeFeature, value: number): number {
  if (feature === 'endGap') return requireNumber('value', value, { min: 0, max: 20, unit: 'mm' });
  return DEPTHS.includes(feature)
    ? requireNumber('value', value, { min: -100, max: 2000, unit: 'mm' })
    : requireNumber('value', value, { min: 0.1, max: 2000, unit: 'mm' });
}

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

/** A ring of its own roundness, or a depth: three places round it. */
const ROUND_ONE_PLANE = ROUND.filter(({ plane }) => plane === 'outer').map((place) => ({
  ...place,
  words: place.words.replace('outer end, ', 'at '),
}));

const OF_RINGS: readonly SizeFeature[] = ['ringOutside', 'ringBore', 'ringWidth', 'shoulderDepth'];

/** What can be measured on a kind of station. */
export function featuresOf(kind: StationKind): readonly SizeFeature[] {
  const { bearing } = STATION_KIND_TABLE[kind];
  if (kind === 'drawnCup') return ['seatedDepth', 'fittedBore'];
  if (bearing === 'rolling') return ['bore', 'journal', ...OF_RINGS, 'seatedDepth'];
  if (bearing === 'plain') return ['bore', 'journal', 'seatedDepth', 'fittedBore'];
  if (kind === 'ringSeal') return ['endGap'];
  return kind === 'bolts' ? ['length'] : kind === 'looseRollers' ? ['journal', 'bore'] : [];
}

/** Where a feature is measured; `count` is how many bolts there are. */
export function placesFor(feature: SizeFeature, count = 1): readonly SizePlace[] {
  if (feature === 'bore' || feature === 'journal' || feature === 'fittedBore') return ROUND;
  if (feature === 'endGap') return [{ id: 'gap', words: 'in its bore', plane: null }];
  if (feature !== 'length') return ROUND_ONE_PLANE;
  return Array.from({ length: count }, (_, at) => ({
    id: `bolt-${at + 1}`,
    words: `bolt ${at + 1}`,
    plane: null,
  }));
}
