import type { SizeName, Station } from './unit.ts';

/** What a size is called. */
export const SIZE_WORDS: Readonly<Record<SizeName, string>> = {
  at: 'Begins at',
  width: 'Width',
  inside: 'Inside diameter',
  outside: 'Outside diameter',
};

type Sized = Pick<Station, SizeName | 'drawn'>;

/** Whether nobody has said these sizes: they are drawn in proportion only. */
export const isDrawn = (
  { drawn }: Pick<Station, 'drawn'>,
  ...names: readonly SizeName[]
): boolean => drawn !== undefined && names.some((name) => drawn.includes(name));

/** A size of a station, mm; null where it is drawn in proportion only. */
export const knownSize = (station: Sized, name: SizeName): number | null =>
  isDrawn(station, name) ? null : station[name];

/**
 * A station some of whose sizes have been said: those are no longer drawn in proportion only. A diameter that is still
 * drawn keeps its distance from the one that was said, so that a ring stays a ring.
 * @param before the station as it was drawn
 */
export function withSaid<Row extends Sized>(
  station: Row,
  said: readonly SizeName[],
  before: Sized = station,
): Row {
  const { drawn = [], ...rest } = station;
  const left = drawn.filter((name) => !said.includes(name));
  if (left.length === 0) return rest as unknown as Row;
  const high = before.outside - before.inside;
  const inside = said.includes('outside') ? Math.max(0, station.outside - high) : station.inside;
  const outside = said.includes('inside') ? station.inside + high : station.outside;
  return {
    ...station,
    drawn: left,
    inside: left.includes('inside') ? inside : station.inside,
    outside: left.includes('outside') ? outside : station.outside,
  };
}
