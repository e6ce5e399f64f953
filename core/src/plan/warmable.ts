import type { WayId } from '../heat/index.ts';
import type { JobState } from '../job/index.ts';
import { geometryFaults, isPressed, type Part, type Station } from '../unit/index.ts';
import { atFitting } from './compound.ts';
import { goesIn } from './wholeCourse.ts';
import { outerSeatsIn } from './seats.ts';

/** Ways in that need no oven: their rings are left out of the heat of the part. */
const BY_ITSELF: readonly string[] = [
  'heatGun',
  'torch',
  'coldPress',
  'freezerOnly',
  'dryIce',
  'frozenPress',
] satisfies readonly WayId[];

/** Whether a way without the oven was chosen for a ring. */
export const isByItself = ({ fitting: { ways } }: JobState, { id }: Station): boolean =>
  BY_ITSELF.includes(ways[id]?.outer?.way ?? '');

/** Ways in by the oven: what is pressed in as a rule is warmed for where one of them was chosen. */
const BY_OVEN: readonly string[] = ['ovenOnly', 'ovenAndFreezer'] satisfies readonly WayId[];

/** Whether the oven was chosen for a ring. */
export const isByOven = ({ fitting: { ways } }: JobState, { id }: Station): boolean =>
  BY_OVEN.includes(ways[id]?.outer?.way ?? '');

/** Everything that a part may be warmed for: its tight rings, and what is pressed in where the oven was chosen for it. */
function warmedFor(state: JobState, partId: string): readonly Station[] {
  const { unit } = state;
  const pressed = unit!.axes
    .flatMap(({ stations }) => stations)
    .filter((station) => station.partId === partId && isPressed(station))
    .filter((station) => isByOven(state, station));
  return [...outerSeatsIn(unit!, partId), ...pressed];
}

/**
 * Rings that can go into a part from the oven's heat: the tight ones, unless another way was chosen for them or they are held
 * by compound, which goes on cold. A station that
 * cannot be as it is described is left out: its plan says so, and the others stand.
 */
export function warmable(state: JobState, partId: string): readonly Station[] {
  const { unit } = state;
  const faulty = geometryFaults(unit!);
  return warmedFor(state, partId).filter(
    (station) =>
      faulty[station.id] === undefined &&
      goesIn(state, station) &&
      !isByItself(state, station) &&
      atFitting(state, station, 'outer') === null,
  );
}

/** Parts of a unit that are heated: those in which rings are tight, or for which the oven was chosen. */
export function heatedParts(state: JobState): readonly Part[] {
  return state.unit!.parts.filter(
    ({ id, kind }) => kind !== 'shaft' && warmedFor(state, id).length > 0,
  );
}
