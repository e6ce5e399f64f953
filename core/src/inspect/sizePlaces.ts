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
  'plugPasses',
  'endGap',
  'housingBore',
  'holeOffset',
  'foundDepth',
  'markNear',
  'markFar',
  'markDatum',
  'webGap',
  'webGapAfter',
] as const;
export type SizeFeature = (typeof SIZE_FEATURES)[number];

/** Where a size is taken: at three angles in two planes, at three angles, once, or on each bolt. */
type Taken = 'round' | 'ring' | 'once' | 'bolts';

/** What a size is called, how it is bounded, where it is taken. */
export interface SizeFeatureRow {
  readonly words: string;
  /** How far from nominal it may be before it is a slip of the unit or the point. Share of nominal. */
  readonly far: number;
  /** mm. What is measured from a face lies at 0 where it is flush, below it where it stands out. */
  readonly least: number;
  readonly most: number;
  readonly taken: Taken;
  /** What it is a size of: the thing itself, what it stands in, what it runs on; or what is known whatever comes in its place. */
  readonly of: SizeOf;
}

export type SizeOf = 'thing' | 'housing' | 'shaft' | 'found';

const row = (
  words: string,
  of: SizeOf,
  taken: Taken,
  far: number,
  [least, most]: readonly [number, number],
): SizeFeatureRow => ({ words, far, least, most, taken, of });
const SIZE = [0.1, 2000] as const;
const DEPTH = [-100, 2000] as const;

/** Every feature, once. */
export const SIZE_FEATURE_TABLE: Readonly<Record<SizeFeature, SizeFeatureRow>> = {
  bore: row('Bore', 'housing', 'round', 0.05, SIZE),
  journal: row('Journal', 'shaft', 'round', 0.05, SIZE),
  length: row('Length under the head', 'found', 'bolts', 0.5, SIZE),
  ringOutside: row('Outside of the ring', 'thing', 'ring', 0.05, SIZE),
  ringBore: row('Bore of the ring', 'thing', 'ring', 0.05, SIZE),
  ringWidth: row('Width of the ring', 'thing', 'ring', 0.1, SIZE),
  shoulderDepth: row('Depth from the face to the shoulder', 'housing', 'ring', 0.5, DEPTH),
  seatedDepth: row('Depth from the face to the ring', 'thing', 'ring', 0.5, DEPTH),
  fittedBore: row('Bore once fitted', 'thing', 'round', 0.05, SIZE),
  plugPasses: row('Largest plug that passes once fitted', 'thing', 'once', 0.05, SIZE),
  endGap: row('Gap between its ends', 'thing', 'once', 5, [0, 20]),
  housingBore: row('Bore of its housing', 'housing', 'round', 0.05, SIZE),
  holeOffset: row('Oil hole and feed, centres apart', 'thing', 'once', 5, [0, 60]),
  foundDepth: row('Depth from the face to the old one', 'found', 'ring', 0.5, DEPTH),
  markNear: row('Running mark, nearer edge from the datum', 'found', 'once', 0.5, DEPTH),
  markFar: row('Running mark, farther edge from the datum', 'found', 'once', 0.5, DEPTH),
  markDatum: row('Depth from the face to the datum', 'found', 'once', 0.5, [-2000, 2000]),
  webGap: row('Gap between the webs', 'shaft', 'ring', 0.1, SIZE),
  webGapAfter: row('Gap between the webs, afterwards', 'shaft', 'ring', 0.1, SIZE),
};

/** Whether a size as typed is so far from nominal that its unit or its point is most likely wrong. mm. */
export function isFarFrom(feature: SizeFeature, value: number, nominal: number): boolean {
  return Math.abs(value - nominal) > SIZE_FEATURE_TABLE[feature].far * nominal;
}

/**
 * Check a size as measured, mm.
 * @throws InputError naming `value`
 */
export function requireSize(feature: SizeFeature, value: number): number {
  const { least, most } = SIZE_FEATURE_TABLE[feature];
  return requireNumber('value', value, { min: least, max: most, unit: 'mm' });
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
const OF_MARKS: readonly SizeFeature[] = ['foundDepth', 'markNear', 'markFar', 'markDatum'];
const OF_PRESSED: readonly SizeFeature[] = [
  'housingBore',
  'ringOutside',
  'ringBore',
  'ringWidth',
  'fittedBore',
  'seatedDepth',
  'holeOffset',
  ...OF_MARKS,
];

/** Features of kinds that have them of their own. */
const OF_KIND: Readonly<Partial<Record<StationKind, readonly SizeFeature[]>>> = {
  drawnCup: ['plugPasses', ...OF_PRESSED],
  bush: ['bore', 'journal', ...OF_PRESSED],
  ringSeal: ['endGap'],
  bolts: ['length'],
  looseRollers: ['journal', 'bore'],
  shaftStep: ['webGap', 'webGapAfter'],
};
const OF_ROLLING: readonly SizeFeature[] = ['bore', 'journal', ...OF_RINGS, 'seatedDepth'];
const OF_PLAIN: readonly SizeFeature[] = ['bore', 'journal', 'seatedDepth', 'fittedBore'];

/** What can be measured on a kind of station. */
export function featuresOf(kind: StationKind): readonly SizeFeature[] {
  const { bearing } = STATION_KIND_TABLE[kind];
  const usual = bearing === 'rolling' ? OF_ROLLING : bearing === 'plain' ? OF_PLAIN : [];
  return OF_KIND[kind] ?? usual;
}

const ONCE: Readonly<Partial<Record<SizeFeature, string>>> = { endGap: 'in its bore' };

/** Where a feature is measured; `count` is how many bolts there are. */
export function placesFor(feature: SizeFeature, count = 1): readonly SizePlace[] {
  const bolts = () =>
    Array.from({ length: count }, (_, at) => ({
      id: `bolt-${at + 1}`,
      words: `bolt ${at + 1}`,
      plane: null,
    }));
  const places: Readonly<Record<Taken, () => readonly SizePlace[]>> = {
    round: () => ROUND,
    ring: () => ROUND_ONE_PLANE,
    once: () => [{ id: 'gap', words: ONCE[feature] ?? 'once', plane: null }],
    bolts,
  };
  return places[SIZE_FEATURE_TABLE[feature].taken]();
}
