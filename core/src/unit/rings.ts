import { STATION_KIND_TABLE } from './stationKinds.ts';
import type { Station } from './unit.ts';

/** Whether a rolling bearing's ring is fitted tight; where nothing is known both are taken to be. */
export function isTight(station: Station, ring: 'inner' | 'outer'): boolean {
  if (STATION_KIND_TABLE[station.kind].bearing !== 'rolling') return false;
  const tight = station.tightRing ?? 'both';
  return tight === 'both' || tight === ring;
}

/** Whether the rings come apart, so that each goes to its own seat. */
export function isSeparable({ kind }: Station): boolean {
  return kind === 'taperedRoller' || kind === 'cylindricalRoller';
}
