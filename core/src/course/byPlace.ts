import type { Station } from '../unit/index.ts';

/** From left to right along the axis, then by id: the order in which things are marked, looked at and measured. */
export const byPlace = (
  one: Pick<Station, 'id' | 'at'>,
  other: Pick<Station, 'id' | 'at'>,
): number => one.at - other.at || (one.id < other.id ? -1 : 1);
