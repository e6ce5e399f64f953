import { micrometres, type ShimSize } from './stock.ts';

/** A pack of some sizes, by their places in a box. */
export interface BoxPack {
  /** How many of each size, by its place. */
  readonly counts: ReadonlyMap<number, number>;
  /** µm. */
  readonly sum: number;
  readonly pieces: number;
}

/**
 * Every pack of a box whose total lies in a window of whole micrometres, ends included, of no more than so many pieces; null where there
 * are more than `atMost` of them.
 */
export function packsBetween(
  sizes: readonly ShimSize[],
  { from, to }: { readonly from: number; readonly to: number },
  mostPieces: number,
  atMost: number,
): readonly BoxPack[] | null {
  const items = sizes
    .map(({ thickness, count }, place) => ({ place, thick: micrometres(thickness), count }))
    .filter(({ count }) => count > 0)
    .toSorted((a, b) => b.thick - a.thick);
  const found: BoxPack[] = [];
  const members: number[] = [];
  const walk = (at: number, sum: number): boolean => {
    if (sum >= from) found.push({ counts: countsOf(members), sum, pieces: members.length });
    if (found.length > atMost) return false;
    const left = mostPieces - members.length;
    for (let next = at; left > 0 && next < items.length; next += 1) {
      const { thick, place, count } = items[next]!;
      // From here on nothing is thicker: what cannot reach the window with it cannot at all.
      if (sum + left * thick < from) break;
      let taken = 0;
      while (taken < Math.min(left, count) && sum + (taken + 1) * thick <= to) {
        taken += 1;
        members.push(place);
        if (!walk(next + 1, sum + taken * thick)) return false;
      }
      members.length -= taken;
    }
    return true;
  };
  return walk(0, 0) ? found : null;
}

/** How many of each place some members are. */
export function countsOf(members: readonly number[]): ReadonlyMap<number, number> {
  const counts = new Map<number, number>();
  for (const member of members) counts.set(member, (counts.get(member) ?? 0) + 1);
  return counts;
}
