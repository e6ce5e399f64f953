import { STATION_KIND_TABLE } from './stationKinds.ts';
import type { Station } from './unit.ts';

/** Whether a rolling bearing's ring is fitted tight; where nothing is known both are taken to be. */
export function isTight(station: Station, ring: 'inner' | 'outer'): boolean {
  if (STATION_KIND_TABLE[station.kind].bearing !== 'rolling') return false;
  const tight = station.tightRing ?? 'both';
  return tight === 'both' || tight === ring;
}

/** Whether it is one thin piece that is pressed into its bore: a bush or a drawn cup. */
export const isPressed = ({ kind }: Pick<Station, 'kind'>): boolean =>
  STATION_KIND_TABLE[kind].pressed === true;

/** Whether a ring, or what is pressed in as one piece, sits tight on its seat. */
export const sitsTight = (station: Station, ring: 'inner' | 'outer'): boolean =>
  isTight(station, ring) || (ring === 'outer' && isPressed(station));

/** Whether the rings come apart, so that each goes to its own seat. */
export function isSeparable({ kind }: Station): boolean {
  return kind === 'taperedRoller' || kind === 'cylindricalRoller';
}
