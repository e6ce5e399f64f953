import { compareBearings } from '../bearings/index.ts';
import type { JobState } from '../job/index.ts';
import type { Station } from '../unit/index.ts';

/** New against old for a station; null while nothing was offered. */
export function comparisonOf(state: JobState, station: Station) {
  const offered = state.inspection.offered[station.id];
  if (offered === undefined) return null;
  const { inside: bore, outside, width } = station;
  return compareBearings(
    { designation: station.designation ?? null, dimensions: { bore, outside, width } },
    offered,
  );
}
