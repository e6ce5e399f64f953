import { oncePerPair } from '../memo/index.ts';
import { gearsOf, meshOf, type Axis, type Part, type Unit } from '../unit/index.ts';

/** Part of an axis in a mesh whose backlash is set: it drives, with a gear of its own, or it is driven and is set to it. */
export type MeshRole = 'driver' | 'driven';

/**
 * How an axis takes part in the mesh of a unit; null where it does not. Where no meshes are described the axis that sets a backlash is
 * driven by the gears of those that do not.
 */
export const meshRole = oncePerPair((unit: Unit, axis: Axis): MeshRole | null => {
  const mesh = meshOf(unit, axis);
  if (mesh !== null) {
    if (gearsOf(unit, mesh).driver === null) return null;
    return axis.stations.some(({ id }) => id === mesh.drivenId) ? 'driven' : 'driver';
  }
  if ((unit.meshes ?? []).length > 0) return null;
  if (setsBacklash(axis)) return unit.axes.some(drives) ? 'driven' : null;
  return drives(axis) && unit.axes.some(setsBacklash) ? 'driver' : null;
});

/** As {@link meshRole}, of the part that turns with a gear of an axis. */
export const meshRoleOfPart = oncePerPair((unit: Unit, { id }: Part): MeshRole | null => {
  const axis = unit.axes.find(
    (one) =>
      meshRole(unit, one) !== null &&
      one.stations.some(({ kind, partId }) => kind === 'gear' && partId === id),
  );
  return axis === undefined ? null : meshRole(unit, axis);
});

/** The axis that drives another, where no mesh says it: the first that is set and has a gear. */
export const driverAxis = ({ axes }: Unit, carrier: Axis): Axis | null =>
  axes.find((axis) => axis !== carrier && drives(axis)) ?? null;

const setsBacklash = ({ sets }: Axis): boolean => sets.includes('backlash');
const drives = (axis: Axis): boolean =>
  !setsBacklash(axis) && axis.stations.some(({ kind }) => kind === 'gear') && axis.sets.length > 0;
