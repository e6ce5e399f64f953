import type { SumItem } from './sumTable.ts';

/** How many different packs of at most `mostPieces` the stock allows, the empty one included. */
export function countPacks(items: readonly SumItem[], mostPieces: number): number {
  let ways: readonly number[] = [1, ...new Array<number>(mostPieces).fill(0)];
  for (const { available } of items) {
    const more = new Array<number>(mostPieces + 1);
    for (let k = 0; k <= mostPieces; k += 1) {
      let sum = 0;
      for (let used = 0; used <= Math.min(k, available); used += 1) sum += ways[k - used]!;
      more[k] = sum;
    }
    ways = more;
  }
  return ways.reduce((sum, way) => sum + way, 0);
}
