import {
  usualLimit,
  ringLimitOf,
  type HeatLimit,
  type HeatSeat,
  type WayId,
} from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import type { LumpedBody } from '../thermal/index.ts';
import { materialOf } from '../materials/index.ts';
import { geometryFaults, isPressed, type Axis, type Part, type Station } from '../unit/index.ts';
import { atFitting } from './compound.ts';
import { lacksSizes } from './figures.ts';
import { closureOfStation } from './closureOfStation.ts';
import { outerSeatsIn, seatInterference } from './seats.ts';
import { goesIn } from './scope.ts';
import type { Missing } from './step.ts';

/** Ways in that need no oven: their rings are left out of the heat of the part. */
const BY_ITSELF: readonly string[] = [
  'heatGun',
  'torch',
  'coldPress',
  'freezerOnly',
  'dryIce',
] satisfies readonly WayId[];

/** Ways in by the oven: what is pressed in as a rule is warmed for where one of them was chosen. */
const BY_OVEN: readonly string[] = ['ovenOnly', 'ovenAndFreezer'] satisfies readonly WayId[];

/** Everything that a part may be warmed for: its tight rings, and what is pressed in where the oven was chosen for it. */
function warmedFor({ unit, fitting: { ways } }: JobState, partId: string): readonly Station[] {
  const pressed = unit!.axes
    .flatMap(({ stations }) => stations)
    .filter((station) => station.partId === partId && isPressed(station))
    .filter(({ id }) => BY_OVEN.includes(ways[id]?.outer?.way ?? ''));
  return [...outerSeatsIn(unit!, partId), ...pressed];
}

/**
 * Rings that go into a part from the oven's heat: the tight ones, unless another way was chosen for them or they are held
 * by compound, which goes on cold. A station that
 * cannot be as it is described is left out: its plan says so, and the others stand.
 */
export function ovenSeats(state: JobState, partId: string): readonly Station[] {
  const {
    unit,
    fitting: { ways },
  } = state;
  const faulty = geometryFaults(unit!);
  return warmedFor(state, partId).filter(
    (station) =>
      faulty[station.id] === undefined &&
      goesIn(state, station) &&
      !BY_ITSELF.includes(ways[station.id]?.outer?.way ?? '') &&
      atFitting(state, station, 'outer') === null,
  );
}

/** Rings of a part for which a way without the oven was chosen. */
export function leftOut(state: JobState, partId: string): readonly Station[] {
  const {
    fitting: { ways },
  } = state;
  return outerSeatsIn(state.unit!, partId).filter(({ id }) =>
    BY_ITSELF.includes(ways[id]?.outer?.way ?? ''),
  );
}

/** Parts of a unit that are heated: those in which rings are tight, or for which the oven was chosen. */
export function heatedParts(state: JobState): readonly Part[] {
  return state.unit!.parts.filter(
    ({ id, kind }) => kind !== 'shaft' && warmedFor(state, id).length > 0,
  );
}

/** Sizes of a bearing that its heat is worked out from, and that are only drawn. */
export const lacksForHeat = (station: Station): readonly Missing[] =>
  lacksSizes(station, 'inside', 'outside', 'width');

/** A part as a body that warms as one; null while a datum is missing. */
export function bodyOf({ material, mass, area }: Part): LumpedBody | null {
  return material === null || mass === null || area === null ? null : { material, mass, area };
}

/** A station whose outer ring goes into a part, as its heat is planned; null while its sizes or its fit are not known. */
export function heatSeatOf(state: JobState, station: Station): HeatSeat | null {
  const fit = seatInterference(state, station, 'outer');
  if (fit === null || lacksForHeat(station).length > 0) return null;
  const axis = state.unit!.axes.find(({ stations }) =>
    stations.some(({ id }) => id === station.id),
  )!;
  const { id, name, outside: diameter, inside: bore, width } = station;
  return {
    id,
    name,
    diameter,
    bore,
    width,
    fit,
    after: blockedBy(axis, station),
    ringLimit: ringLimitFor(state, station),
    ...(station.material === undefined ? {} : { bush: station.material }),
  };
}

/** What a bearing stands: as set for this job, else as is usual; of a bush what its material stands. */
export function ringLimitFor({ heating: { limits } }: JobState, station: Station): HeatLimit {
  if (station.material !== undefined) {
    const { hottest, hottestReason } = materialOf(station.material);
    return limits[station.id] ?? { limit: hottest, reason: hottestReason };
  }
  const { closure, unread } = closureOfStation(station);
  return limits[station.id] ?? ringLimitOf(closure, unread);
}

/**
 * What a part itself stands, and what the rings in it stand that nobody has sized: how warm such a ring gets is not known, so
 * the part stays below what it bears. Null while its material is not known.
 */
export function partLimitFor(state: JobState, part: Part): HeatLimit | null {
  if (part.material === null) return null;
  const own = state.heating.limits[part.id] ?? usualLimit({ material: part.material });
  const unsized = ovenSeats(state, part.id)
    .filter((station) => lacksForHeat(station).length > 0)
    .map((station): HeatLimit => {
      const { limit, reason } = ringLimitFor(state, station);
      return { limit, reason: `${station.name}, whose size is not known: ${reason}` };
    });
  return [own, ...unsized].toSorted((a, b) => a.limit - b.limit)[0]!;
}

/** Rings of the same part that lie further in, the way this one goes: it would block them. */
function blockedBy({ stations }: Axis, station: Station): readonly string[] {
  if (station.wayIn === undefined) return [];
  const further = station.wayIn === 'right' ? 1 : -1;
  return stations
    .filter(
      (other) =>
        other.id !== station.id && other.partId === station.partId && other.wayIn === station.wayIn,
    )
    .filter((other) => further * (other.at - station.at) > 0)
    .map(({ id }) => id);
}
