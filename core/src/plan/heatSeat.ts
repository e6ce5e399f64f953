import { ringLimitOf, usualLimit, type HeatLimit, type HeatSeat } from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import { materialOf, type MaterialChoice } from '../materials/index.ts';
import type { LumpedBody } from '../thermal/index.ts';
import type { Axis, Part, Station } from '../unit/index.ts';
import { closureOfStation } from './closureOfStation.ts';
import { lacksSizes } from './figures.ts';
import { seatInterference } from './seats.ts';
import type { Missing } from './step.ts';

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

/** What a part itself stands: as set for this job, else as is usual for its material. */
export const ownLimit = (
  { heating: { limits } }: JobState,
  { id }: Part,
  material: MaterialChoice,
): HeatLimit => limits[id] ?? usualLimit({ material });
