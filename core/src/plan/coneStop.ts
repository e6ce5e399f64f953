import {
  preloadNutOf,
  sleeveOf,
  solidSpacerBetween,
  type Axis,
  type Station,
} from '../unit/index.ts';
import { sleeveNut } from '../unit/index.ts';

/** What an inner ring comes up against as it goes on its shaft. */
export type ConeStop =
  | 'shoulder'
  /** A sleeve or spacer between the two inner rings. */
  | 'spacer'
  /** Nothing: the nut sets how far it goes. */
  | 'nothing';

/**
 * What stops an inner ring: of a pair back to back the ring at the nut comes up against what stands between the two, or
 * against nothing; every other one against its shoulder.
 */
export function coneStopOf(axis: Axis, station: Station): ConeStop {
  if (!isAtNut(axis, station)) return 'shoulder';
  if (sleeveOf(axis) !== null || solidSpacerBetween(axis) !== null) return 'spacer';
  return preloadNutOf(axis) === null ? 'shoulder' : 'nothing';
}

/** Whether it is the bearing at the nut that clamps a pair back to back. */
function isAtNut(axis: Axis, station: Station): boolean {
  const nut = sleeveNut(axis) ?? axis.stations.find(({ kind }) => kind === 'nut');
  if (axis.arrangement !== 'backToBack' || nut === undefined || nut === null) return false;
  const bearings = axis.stations.filter(({ kind }) => kind === station.kind);
  const far = ({ at, width }: Station) => Math.abs(at + width / 2 - (nut.at + nut.width / 2));
  return bearings.length > 1 && bearings.every((one) => far(one) >= far(station));
}
