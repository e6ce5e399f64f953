import { waysOut, type WayOut } from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import { findStation, isPressed, sitsTight, type Station } from '../unit/index.ts';
import { lacksForHeat, bodyOf, ringLimitFor } from './heatSeat.ts';
import { partLimitFor } from './ovenSeats.ts';
import { partSizeOf, partWithSeat } from './ringWays.ts';
import { seatInterference } from './seats.ts';

/** A bush of which nobody has said what it is made of: how hard it presses is not known. */
const isBushUnknown = ({ kind, material }: Station): boolean =>
  kind === 'bush' && material === undefined;

/**
 * Ways to get a tight ring of a station out; none where its sizes are not known. Before its seat is measured its fit is known by
 * its class at the best.
 * @param pressRating of the workshop's press, N; null where nobody has said
 */
export function ringWaysOut(
  state: JobState,
  stationId: string,
  ring: 'outer' | 'inner',
  pressRating: number | null = null,
): readonly WayOut[] {
  const found = findStation(state.unit!, stationId);
  if (found === null || lacksForHeat(found.station).length > 0) return [];
  const { station } = found;
  if (!sitsTight(station, ring)) return [];
  const part = partWithSeat(state.unit!, station, ring);
  const [diameter, other] =
    ring === 'outer' ? [station.outside, station.inside] : [station.inside, station.outside];
  return waysOut({
    ring,
    diameter,
    other,
    width: station.width,
    ...partSizeOf(station, ring),
    fit: isBushUnknown(station) ? null : seatInterference(state, station, ring),
    material: part?.material ?? null,
    bush: station.material ?? null,
    pressed: isPressed(station),
    body: part === null ? null : bodyOf(part),
    partLimit: part === null || ring === 'inner' ? null : partLimitFor(state, part),
    ringLimit: ringLimitFor(state, station),
    pressRating,
  });
}
