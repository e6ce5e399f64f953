import { compareBearings } from '../bearings/index.ts';
import type { JobState } from '../job/index.ts';
import { isDrawn, type Station } from '../unit/index.ts';

/** Compare new with old for a station; null while nothing was offered, or the old one's sizes are not known. */
export function comparisonOf(state: JobState, station: Station) {
  const offered = state.inspection.offered[station.id];
  if (offered === undefined || isDrawn(station, 'inside', 'outside', 'width')) return null;
  const { inside: bore, outside, width } = station;
  return compareBearings(
    { designation: station.designation ?? null, dimensions: { bore, outside, width } },
    offered,
  );
}
