import { decodeDesignation, inchTaper, taperedBore } from '../bearings/index.ts';
import {
  interference,
  ringLimits,
  sizeByClass,
  type Interference,
  type Ring,
  type RingFamily,
  type SizeRange,
} from '../fits/index.ts';
import { InputError } from '../faults/index.ts';
import {
  judgeRound,
  SIZE_FEATURES,
  type RoundVerdict,
  type SizeFeature,
} from '../inspect/index.ts';
import type { JobState, MeasuredSize } from '../job/index.ts';
import { oncePerObject, oncePerPair } from '../memo/index.ts';
import { nominalOf } from './nominal.ts';
import {
  isDrawn,
  isPressed,
  isSeparable,
  isTight,
  sitsTight,
  STATION_KIND_TABLE,
  type Station,
  type Unit,
} from '../unit/index.ts';

/** The seats of a station that have to be measured. */
export function seatsOf(station: Station): readonly SizeFeature[] {
  const { bearing } = STATION_KIND_TABLE[station.kind];
  if (bearing === 'rolling')
    return {
      inner: ['journal'] as const,
      outer: ['bore'] as const,
      both: ['bore', 'journal'] as const,
    }[station.tightRing ?? 'both'];
  return bearing === 'plain' || station.kind === 'looseRollers' ? ['bore', 'journal'] : [];
}

/** The rings that are fitted tight, as they can be measured themselves; of a bush its bore too, which closes in. */
export function ringFeatures(station: Station): readonly SizeFeature[] {
  if (station.kind === 'drawnCup') return []; // thin: it takes its shape from its housing
  const hasBore = isTight(station, 'inner') || station.kind === 'bush';
  return [
    ...(sitsTight(station, 'outer') ? (['ringOutside'] as const) : []),
    ...(hasBore ? (['ringBore'] as const) : []),
  ];
}

/** The seat that a ring goes on or into, as it is measured: of what is pressed in, its housing. */
export function seatFeature(
  station: Station,
  ring: Ring,
): Extract<SizeFeature, 'bore' | 'journal' | 'housingBore'> {
  if (ring === 'inner') return 'journal';
  return isPressed(station) ? 'housingBore' : 'bore';
}

/** Sizes of a feature in the order they were taken; mean and standard uncertainty. mm. */
export function meanSize(
  state: JobState,
  station: Station,
  feature: SizeFeature,
): {
  readonly values: readonly number[];
  readonly mean: number;
  readonly uncertainty: number;
} | null {
  const sizes = Object.values(state.inspection.sizes[station.id]?.[feature] ?? {});
  if (sizes.length === 0) return null;
  const values = sizes.map(({ value }) => value);
  return {
    values,
    mean: values.reduce((sum, value) => sum + value, 0) / values.length,
    uncertainty: Math.max(...sizes.map(sizeUncertainty)),
  };
}

/** Standard uncertainty of a size: the graduation's and the calibration's, in quadrature. mm. */
export function sizeUncertainty({ instrument }: Pick<MeasuredSize, 'instrument'>): number {
  return Math.hypot(instrument.graduation / Math.sqrt(12), instrument.calibrationUncertainty);
}

type Readings = Readonly<Record<string, MeasuredSize>>;

/** One function a feature: the readings of a station's feature are an object of their own. */
const VERDICTS = Object.fromEntries(
  SIZE_FEATURES.map((feature) => [
    feature,
    oncePerPair((readings: Readings, station: Station) =>
      judgedRound(readings, nominalOf(station, feature)),
    ),
  ]),
) as Readonly<Record<SizeFeature, (readings: Readings, station: Station) => RoundVerdict | null>>;

/** The verdict on a measured bore or journal; null while too little is measured, or the readings cannot be so. */
export function seatVerdict(
  state: JobState,
  station: Station,
  feature: SizeFeature,
): RoundVerdict | null {
  const readings = state.inspection.sizes[station.id]?.[feature];
  return readings === undefined ? null : VERDICTS[feature](readings, station);
}

function judgedRound(readings: Readings, nominal: number | null): RoundVerdict | null {
  if (nominal === null) return null;
  const sizes = Object.entries(readings).map(([place, size]) => ({
    plane: place.startsWith('outer') ? ('outer' as const) : ('inner' as const),
    value: size.value,
    uncertainty: sizeUncertainty(size),
  }));
  try {
    return judgeRound(sizes, nominal);
  } catch (error) {
    if (error instanceof InputError) return null;
    throw error;
  }
}

/** A size as measured, with its uncertainty to both sides; null while too little is measured. */
function measuredRange(state: JobState, station: Station, feature: SizeFeature): SizeRange | null {
  const measured = seatVerdict(state, station, feature);
  return measured === null
    ? null
    : { least: measured.mean - measured.expanded, most: measured.mean + measured.expanded };
}

/** A ring's size: measured, else by its Normal class; of what is pressed in, by the class described. */
function ringSize(state: JobState, station: Station, ring: Ring): SizeRange | null {
  const measured = measuredRange(state, station, ring === 'outer' ? 'ringOutside' : 'ringBore');
  if (measured !== null) return measured;
  const size = ring === 'outer' ? station.outside : station.inside;
  if (isPressed(station))
    return station.outsideClass === undefined
      ? null
      : sizeByClass(station.outsideClass, size, 'shaft');
  const rows = familiesOf(station).map((family) => ringLimits(size, ring, family));
  return {
    least: Math.min(...rows.map(({ least }) => least)),
    most: Math.max(...rows.map(({ most }) => most)),
  };
}

/** By which rows a ring may be made: a tapered one by the inch where its number is of the inch series; both where neither is known. */
function familiesOf({ kind, designation, inside, outside }: Station): readonly RingFamily[] {
  if (kind !== 'taperedRoller') return ['radial'];
  if (designation !== undefined && inchTaper(designation) !== null) return ['inchTapered'];
  const isMetric =
    (designation !== undefined && decodeDesignation(designation.slice(0, 40)).status === 'known') ||
    (Number.isInteger(inside) && Number.isInteger(outside));
  return isMetric ? ['tapered'] : ['tapered', 'inchTapered'];
}

/** A seat's size: measured, else by its class; null where neither is known. */
function seatSize(
  state: JobState,
  station: Station,
  feature: ReturnType<typeof seatFeature>,
): SizeRange | null {
  const measured = measuredRange(state, station, feature);
  if (measured !== null) return measured;
  const name = feature === 'journal' ? station.journalClass : station.boreClass;
  const nominal = nominalOf(station, feature);
  return name === undefined || nominal === null
    ? null
    : sizeByClass(name, nominal, feature === 'journal' ? 'shaft' : 'hole');
}

/**
 * Interference of a ring on its seat: the seat as measured, else as its class allows; the ring as measured, else by
 * its Normal class.
 * Null while neither is known, the bearing's sizes are only drawn, or no table has the ring or the class.
 */
export function seatInterference(
  state: JobState,
  station: Station,
  ring: Ring,
): Interference | null {
  return INTERFERENCES[ring](state, station);
}

const INTERFERENCES = {
  outer: oncePerPair((state: JobState, station: Station) =>
    interferenceOf(state, station, 'outer'),
  ),
  inner: oncePerPair((state: JobState, station: Station) =>
    interferenceOf(state, station, 'inner'),
  ),
} as const;

function interferenceOf(state: JobState, station: Station, ring: Ring): Interference | null {
  if (isDrawn(station, 'inside', 'outside')) return null;
  // On a taper it is how far it is driven up that makes the fit, not two diameters.
  if (ring === 'inner' && taperedBore(station.designation) !== null) return null;
  try {
    const seat = seatSize(state, station, seatFeature(station, ring));
    const own = ringSize(state, station, ring);
    return seat === null || own === null ? null : interference(ring, own, seat);
  } catch (error) {
    if (error instanceof InputError) return null;
    throw error;
  }
}

/** Whether a ring's fit rests on a measured seat. */
export function isSeatMeasured(state: JobState, station: Station, ring: Ring): boolean {
  return seatVerdict(state, station, seatFeature(station, ring)) !== null;
}

/** Whether a ring itself was measured. */
export function isRingMeasured(state: JobState, station: Station, ring: Ring): boolean {
  return seatVerdict(state, station, ring === 'outer' ? 'ringOutside' : 'ringBore') !== null;
}

/** Stations whose outer ring is tight, by the part that it is in. */
const outerSeats = oncePerObject(({ axes }: Unit): ReadonlyMap<string, readonly Station[]> => {
  const seats = new Map<string, Station[]>();
  for (const station of axes.flatMap(({ stations }) => stations))
    if (isTight(station, 'outer'))
      seats.set(station.partId, [...(seats.get(station.partId) ?? []), station]);
  return seats;
});

/** Stations of a part whose outer ring is tight in it. */
export const outerSeatsIn = (unit: Unit, partId: string): readonly Station[] =>
  outerSeats(unit).get(partId) ?? [];

/** What the trade calls the rings of a bearing. */
export function ringWords({ kind }: Station): Readonly<Record<Ring, string>> {
  return kind === 'taperedRoller'
    ? { outer: 'cup', inner: 'cone' }
    : { outer: 'outer ring', inner: 'inner ring' };
}

/** Both rings tight and not to be parted: the ring goes into the case, then the shaft into the ring. */
export function comesAsOne(station: Station): boolean {
  return !isSeparable(station) && isTight(station, 'outer') && isTight(station, 'inner');
}
