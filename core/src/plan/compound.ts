import { REPAIRS, type Repair } from '../inspect/index.ts';
import type { JobState } from '../job/index.ts';
import type { Station } from '../unit/index.ts';
import type { BesideId } from './step.ts';
import { seatInterference } from './seats.ts';

/** Beside a step at which compound goes on with the ring or seal: how long it may be worked. */
export const besideCompound =
  (ring: 'outer' | 'inner') =>
  ({
    state,
    station,
  }: {
    readonly state: JobState;
    readonly station: Station;
  }): readonly BesideId[] =>
    atFitting(state, station, ring) === null ? [] : ['workingTime'];

/** Beside a step at which threadlocker goes on. */
export const besideThreadlocker = ({
  station: { lock },
}: {
  readonly station: Station;
}): readonly BesideId[] => (lock === 'threadlocker' ? ['workingTime'] : []);

/**
 * What the repair that was decided for a station wants at the moment its ring or seal goes in: retaining compound is
 * coated on then, cold. Of a bearing it is the ring that is loose; where no fit is known, the outer one.
 * @returns null where nothing of a repair is left for that moment
 */
export function atFitting(
  state: JobState,
  station: Station,
  ring: 'outer' | 'inner',
): string | null {
  const repair = state.inspection.decisions[station.id]?.repair ?? null;
  const row: Repair | null = repair === null ? null : REPAIRS[repair];
  if (row?.atFitting === undefined) return null;
  const loose = (['outer', 'inner'] as const).filter(
    (one) => (seatInterference(state, station, one)?.mean ?? 1) <= 0,
  );
  return (loose[0] ?? 'outer') === ring || loose.includes(ring) ? row.atFitting : null;
}
