import { STATION_KIND_TABLE } from './stationKinds.ts';
import type { StationKind, Unit } from './unit.ts';

/** What stands in an axis that turns, besides bearings that come as one. */
const RUNS: ReadonlySet<StationKind> = new Set([
  'looseRollers',
  'needleThrust',
  'gear',
  'ringSeal',
]);

const runs = (kind: StationKind): boolean =>
  STATION_KIND_TABLE[kind].bearing !== null || RUNS.has(kind);

/**
 * Whether a unit is one that turns in its oil, and not a bare part on a bench: two things or more of one axis turn or carry it,
 * and more than a shaft is described. A rule of this program: what a unit is filled with is not described.
 */
export const holdsOil = ({ axes, parts }: Unit): boolean =>
  parts.some(({ kind }) => kind !== 'shaft') &&
  axes.some(({ stations }) => stations.filter(({ kind }) => runs(kind)).length > 1);
