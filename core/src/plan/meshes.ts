import { oncePerPair } from '../memo/index.ts';
import type { Axis, Unit } from '../unit/index.ts';

/** Part of an axis in a mesh whose backlash is set: it drives, with a gear of its own, or it is driven and is set to it. */
export type MeshRole = 'driver' | 'driven';

/**
 * How an axis takes part in the mesh of a unit; null where it does not. As long as meshes are not described: the axis that sets
 * a backlash is driven by the gears of those that do not.
 */
export const meshRole = oncePerPair(({ axes }: Unit, axis: Axis): MeshRole | null => {
  const isDriven = ({ sets }: Axis) => sets.includes('backlash');
  const isDriver = (one: Axis) =>
    !isDriven(one) && one.stations.some(({ kind }) => kind === 'gear') && one.sets.length > 0;
  if (isDriven(axis)) return axes.some(isDriver) ? 'driven' : null;
  return isDriver(axis) && axes.some(isDriven) ? 'driver' : null;
});
