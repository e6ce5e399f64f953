import type { HeatLimit } from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import type { Part, Station } from '../unit/index.ts';
import { goesCold } from './goesCold.ts';
import { lacksForHeat, ownLimit, ringLimitFor } from './heatSeat.ts';
import { outerSeatsIn } from './seats.ts';
import { isByItself, warmable } from './warmable.ts';

/** Rings that go into a part from the oven's heat; none of a part whose rings are frozen and driven rather than heated for. */
export function ovenSeats(state: JobState, partId: string): readonly Station[] {
  const part = state.unit!.parts.find(({ id }) => id === partId);
  return part !== undefined && goesCold(state, part) ? [] : warmable(state, partId);
}

/** Rings of a part that go in by a way without the oven: chosen, or as is usual for a heavy iron part. */
export function leftOut(state: JobState, part: Part): readonly Station[] {
  const cold = goesCold(state, part);
  return outerSeatsIn(state.unit!, part.id).filter((station) => cold || isByItself(state, station));
}

/**
 * What a part itself stands, and what the rings in it stand that nobody has sized: how warm such a ring gets is not known, so
 * the part stays below what it bears. Null while its material is not known.
 */
export function partLimitFor(state: JobState, part: Part): HeatLimit | null {
  if (part.material === null) return null;
  const own = ownLimit(state, part, part.material);
  const unsized = ovenSeats(state, part.id)
    .filter((station) => lacksForHeat(station).length > 0)
    .map((station): HeatLimit => {
      const { limit, reason } = ringLimitFor(state, station);
      return { limit, reason: `${station.name}, whose size is not known: ${reason}` };
    });
  return [own, ...unsized].toSorted((a, b) => a.limit - b.limit)[0]!;
}
