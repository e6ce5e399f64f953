import { GAIN_TABLE, type Arrangement, type GainRow, type ShimPlace } from './gainTable.ts';

/** The row of the gain table for a place, or null when the arrangement has no such place. */
export function findGain(arrangement: Arrangement, place: ShimPlace): GainRow | null {
  return GAIN_TABLE.find((row) => row.arrangement === arrangement && row.place === place) ?? null;
}
