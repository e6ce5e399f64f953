import type { Axis, Station } from './unit.ts';

/** The sleeve of an axis that is crushed to its preload. */
export function sleeveOf({ stations }: Axis): Station | null {
  return (
    stations.find(({ kind, spacerType }) => kind === 'spacer' && spacerType === 'collapsible') ??
    null
  );
}

/** Whether a hub on a sleeve is set without preload: to its end play, not to a rolling torque. */
export function setsZeroPlay(axis: Axis): boolean {
  return (
    sleeveOf(axis) !== null && axis.sets.includes('endPlay') && !axis.sets.includes('rollingTorque')
  );
}
