import { STATION_KIND_TABLE } from './stationKinds.ts';
import type { StationKind, Unit } from './unit.ts';

/** What carries a shaft or its thrust, besides bearings that come as one. */
const LOOSE: ReadonlySet<StationKind> = new Set(['looseRollers', 'needleThrust']);

const carries = (kind: StationKind): boolean =>
  STATION_KIND_TABLE[kind].bearing !== null || LOOSE.has(kind);

/**
 * Whether a unit is one that turns in its oil, and not a bare part on a bench: something runs in two bearings or more of one axis,
 * and more than a shaft is described. A rule of this program: what a unit is filled with is not described.
 */
export const holdsOil = ({ axes, parts }: Unit): boolean =>
  parts.some(({ kind }) => kind !== 'shaft') &&
  axes.some(({ stations }) => stations.filter(({ kind }) => carries(kind)).length > 1);
