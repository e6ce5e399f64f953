import type { StationKind, Unit } from './unit.ts';

/** Whether anything of these kinds stands in a unit; on one of its parts, where that is named. */
export const hasKind = (unit: Unit, kinds: readonly StationKind[], partId?: string): boolean =>
  unit.axes.some(({ stations }) =>
    stations.some(
      (station) =>
        kinds.includes(station.kind) && (partId === undefined || station.partId === partId),
    ),
  );
