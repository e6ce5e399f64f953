import type { SumItem } from './sumTable.ts';

/** The best pack found for one total: fewest pieces, then most left of the size that will be scarcest. */
export interface NearPack {
  /** µm. */
  readonly sum: number;
  /** Which items, once for each piece, ascending. */
  readonly members: readonly number[];
  readonly left: number;
}

/** Most pieces this search goes to: pairs with pairs. */
export const NEAR_PIECES = 4;

/** Packs of some number of pieces whose total lies in a window of whole micrometres, ends included; one for each total. */
export type NearSearch = (
  pieces: number,
  window: { readonly from: number; readonly to: number },
) => ReadonlyMap<number, NearPack>;

/** One or two items with their sum. */
interface Tuples {
  readonly count: number;
  readonly sum: Int32Array;
  readonly low: Int32Array;
  /** −1 for a single item. */
  readonly high: Int32Array;
}

/** Tuples by their sum: `first[s]` and then `next` of each, −1 at the end. */
interface BySum {
  readonly first: Int32Array;
  readonly next: Int32Array;
}

/**
 * Look packs up by what is still missing: all but the last one or two pieces are chosen freely, the rest is found in a
 * table by its sum. The work is pairs × window and not packs. Exhaustive in the window: of equal totals the pack that
 * leaves most of its scarcest size is kept.
 */
export function nearSearch(items: readonly SumItem[]): NearSearch {
  const singles = singlesOf(items);
  const singlesBySum = bySum(singles);
  let doubles: Tuples | null = null;
  let doublesBySum: BySum | null = null;
  return (pieces, window) => {
    const found = new Map<number, NearPack>();
    if (pieces === 0) {
      if (window.from <= 0 && window.to >= 0) found.set(0, { sum: 0, members: [], left: Infinity });
      return found;
    }
    if (pieces > 2) doubles ??= doublesOf(items);
    const free = pieces === 1 ? NOTHING_YET : pieces === 2 ? singles : doubles!;
    const last = pieces === NEAR_PIECES ? doubles! : singles;
    if (pieces === NEAR_PIECES) doublesBySum ??= bySum(doubles!);
    const { first, next } = pieces === NEAR_PIECES ? doublesBySum! : singlesBySum;
    for (let at = 0; at < free.count; at += 1) {
      const sum = free.sum[at]!;
      const low = free.low[at]!;
      const high = free.high[at]!;
      const highest = high === -1 ? low : high;
      const top = Math.min(window.to - sum, first.length - 1);
      for (let rest = Math.max(0, window.from - sum); rest <= top; rest += 1)
        for (let match = first[rest]!; match !== -1; match = next[match]!)
          if (last.low[match]! >= highest)
            keepBetter(found, items, sum + rest, [low, high, last.low[match]!, last.high[match]!]);
    }
    return found;
  };
}

const NOTHING_YET: Tuples = {
  count: 1,
  sum: Int32Array.of(0),
  low: Int32Array.of(-1),
  high: Int32Array.of(-1),
};

function singlesOf(items: readonly SumItem[]): Tuples {
  return {
    count: items.length,
    sum: Int32Array.from(items, ({ thickness }) => thickness),
    low: Int32Array.from(items, (_, at) => at),
    high: new Int32Array(items.length).fill(-1),
  };
}

function doublesOf(items: readonly SumItem[]): Tuples {
  const size = items.length;
  const most = (size * (size + 1)) / 2;
  const [sum, low, high] = [new Int32Array(most), new Int32Array(most), new Int32Array(most)];
  let count = 0;
  for (let i = 0; i < size; i += 1) {
    const { thickness, available } = items[i]!;
    for (let j = available > 1 ? i : i + 1; j < size; j += 1) {
      sum[count] = thickness + items[j]!.thickness;
      low[count] = i;
      high[count] = j;
      count += 1;
    }
  }
  return { count, sum, low, high };
}

function bySum({ count, sum }: Tuples): BySum {
  let largest = 0;
  for (let at = 0; at < count; at += 1) if (sum[at]! > largest) largest = sum[at]!;
  const first = new Int32Array(largest + 1).fill(-1);
  const next = new Int32Array(count).fill(-1);
  for (let at = count - 1; at >= 0; at -= 1) {
    next[at] = first[sum[at]!]!;
    first[sum[at]!] = at;
  }
  return { first, next };
}

/** Keep a pack when there are so many pieces of its sizes and it leaves more than the one known of the same total. */
function keepBetter(
  found: Map<number, NearPack>,
  items: readonly SumItem[],
  sum: number,
  all: readonly number[],
): void {
  let left = Infinity;
  let used = 0;
  let before = -1;
  for (let at = 0; at < all.length; at += 1) {
    const member = all[at]!;
    if (member === -1) continue;
    used = member === before ? used + 1 : 1;
    before = member;
    const rest = items[member]!.available - used;
    if (rest < 0) return;
    if (rest < left) left = rest;
  }
  const known = found.get(sum);
  if (known === undefined || left > known.left)
    found.set(sum, { sum, members: all.filter((member) => member !== -1), left });
}
