import type { JobState } from '../job/index.ts';
import { bandTarget } from '../measure/index.ts';
import { sleeveOf, torqueSpec } from '../plan/index.ts';
import type { Axis } from '../unit/index.ts';
import { shownRolling, virtualSleeve, type VirtualSleeve } from './virtualSleeve.ts';

/** What is turned: an axis, and where its nut stands; null where the log says it. */
export interface Turned {
  readonly axis: Axis;
  readonly angle: number | null;
  readonly seed: number;
}

/**
 * What a wrench shows on an axis of a virtual assembly, N·m. Where a sleeve is crushed it follows the nut by a law drawn
 * from the seed; on an axis without a sleeve the bearings take what the middle of the band says.
 *
 * @param turn 0 is the breakaway peak, then one for each steady turn
 */
export function virtualRolling(
  state: JobState,
  turned: Turned,
  turn: number,
  graduation: number,
): number {
  const { axis, seed } = turned;
  const spec = torqueSpec(state, axis.id);
  const sleeve = virtualSleeve(seed, spec === null ? 1 : bandTarget(spec.band));
  return shownRolling(sleeve, angleOf(state, turned, sleeve), { turn, graduation });
}

function angleOf({ torques }: JobState, { axis, angle }: Turned, sleeve: VirtualSleeve): number {
  if (angle !== null) return angle;
  const settled = sleeve.contact + (sleeve.middle / sleeve.stiffness) ** (1 / sleeve.exponent);
  if (sleeveOf(axis) === null) return settled;
  return torques.findLast((row) => row.axisId === axis.id && row.angle !== null)?.angle ?? 0;
}
