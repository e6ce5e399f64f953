import type { JobState } from '../job/index.ts';
import { settersOf } from '../setters/index.ts';
import type { Axis, Station } from '../unit/index.ts';

/** Whether something was put in at a station to stay, while another place of the axis still waits. */
export function isIn(
  { setting: { setAfter, chosen } }: JobState,
  axis: Axis,
  { id }: Station,
): boolean {
  const waits = settersOf(axis).some(({ station }) => chosen[station.id] !== undefined);
  return waits && chosen[id] === undefined && setAfter[id]?.trial === false;
}
