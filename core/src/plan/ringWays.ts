import { BENCH_PRESS, waysIn, type WayId, type WayIn } from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import { grooveLoad } from '../pressFit/index.ts';
import { figure, words } from './figures.ts';
import type { CautionId } from './cautions.ts';
import type { Figure } from './step.ts';
import { SOURCES } from '../sources/index.ts';
import { findStation, type Axis, type Part, type Station, type Unit } from '../unit/index.ts';
import { bodyOf, ringLimitFor } from './jobHeat.ts';
import { isSealed, seatInterference } from './seats.ts';

/** A snap ring counts as under a ring when it lies within this of the face that leads, mm. A rule of this program. */
const UNDER = 3;

/** The snap ring that a ring comes to rest on, and what its groove takes. N; null where the groove is not described. */
export interface SnapRingUnder {
  readonly snapRing: Station;
  readonly load: number | null;
}

/** The snap ring under a ring, on the side towards which it is pushed in; null when there is none. */
export function snapRingUnder(
  { stations }: Axis,
  station: Station,
  part: Part | null,
): SnapRingUnder | null {
  if (station.wayIn === undefined) return null;
  const gap = ({ at, width }: Station) =>
    station.wayIn === 'right' ? at - (station.at + station.width) : station.at - (at + width);
  const snapRing = stations.find(
    (one) =>
      one.kind === 'snapRing' &&
      one.partId === station.partId &&
      gap(one) > -0.1 &&
      gap(one) <= UNDER,
  );
  if (snapRing === undefined) return null;
  const { grooveDepth: depth } = snapRing;
  const load =
    depth === undefined || part?.material == null
      ? null
      : grooveLoad({ diameter: station.outside, depth, material: part.material });
  return { snapRing, load };
}

/**
 * Ways to get a ring of a station on its seat; none while its fit is not known. Where the material of the part with the
 * seat is not known, the ways that rest on it have no number.
 * @param pressRating of the workshop's press, N
 */
export function ringWays(
  state: JobState,
  stationId: string,
  ring: 'outer' | 'inner',
  pressRating = BENCH_PRESS,
): readonly WayIn[] {
  const found = findStation(state.unit!, stationId);
  const fit = found === null ? null : seatInterference(state, found.station, ring);
  if (found === null || fit === null) return [];
  const { station, axis } = found;
  const part = partWithSeat(state.unit!, station, ring);
  const body = part === null || ring === 'inner' ? null : bodyOf(part);
  const under = ring === 'outer' ? snapRingUnder(axis, station, part) : null;
  const [diameter, other] =
    ring === 'outer' ? [station.outside, station.inside] : [station.inside, station.outside];
  const partLimit = part === null ? undefined : state.heating.limits[part.id];
  return waysIn({
    ring,
    diameter,
    other,
    width: station.width,
    tightest: fit.most,
    sealed: isSealed(station),
    pressRating,
    material: part?.material ?? null,
    ringLimit: ringLimitFor(state, station),
    ...(body === null ? {} : { body }),
    ...(partLimit === undefined ? {} : { partLimit }),
    ...(under?.load == null
      ? {}
      : {
          forceLimit: {
            limit: under.load,
            reason: `what the groove of ${under.snapRing.name} takes`,
          },
        }),
  });
}

/** The part that a ring of a station sits in or on; null where the unit has no such part. */
export function partWithSeat(
  { parts }: Unit,
  station: Station,
  ring: 'outer' | 'inner',
): Part | null {
  return (
    parts.find(({ id, kind }) => (ring === 'outer' ? id === station.partId : kind === 'shaft')) ??
    null
  );
}

/** The way that was chosen for a ring, as it stands now; null where none was, or its fit is not known. */
export function chosenWay(
  state: JobState,
  station: Station,
  ring: 'outer' | 'inner',
): WayIn | null {
  const chosen = state.fitting.ways[station.id]?.[ring];
  if (chosen === undefined) return null;
  return (
    ringWays(state, station.id, ring, chosen.pressRating).find(({ id }) => id === chosen.way) ??
    null
  );
}

/** What a chosen way comes to, in figures. */
export function wayFigures(way: WayIn): readonly Figure[] {
  const source = SOURCES.thermalFit.title;
  const rows = [
    way.temperature === null ? null : figure('Heat to', 'temperature', way.temperature, source),
    way.ringTemperature === null || way.ringTemperature === way.temperature
      ? null
      : figure('Ring at', 'temperature', way.ringTemperature, source),
    way.force === null ? null : figure('Force to press', 'force', way.force, SOURCES.lame.title),
    way.stress === null
      ? null
      : figure('Stress at the bore', 'pressure', way.stress, SOURCES.lame.title),
  ];
  return [
    words(
      'Way chosen',
      `${way.words}: ${way.stands ? way.limit : `refused, ${way.limit}`}`,
      'Chosen on this job',
    ),
    ...rows.filter((row) => row !== null),
  ];
}

/** What to mind with each way. */
export const WAY_CAUTIONS: Readonly<Record<WayId, readonly CautionId[]>> = {
  ovenAndFreezer: ['hotParts', 'frost'],
  ovenOnly: ['hotParts'],
  heatGun: ['hotParts'],
  torch: ['hotParts', 'noFlame'],
  dryIce: ['dryIce'],
  coldPress: ['press'],
  induction: ['hotParts'],
  oven: ['hotParts', 'fumes'],
  ringHeatGun: ['hotParts'],
  innerPress: ['press', 'splinters'],
  bake: ['hotParts'],
};
