import { micrometres, type ShimSize } from './stock.ts';
import { fewestPieces, sumTable } from './sumTable.ts';

/** Totals nearest outside the limits that can be made, µm: what the box offers when nothing fits. */
export function nearestSums(
  stock: readonly ShimSize[],
  wanted: number,
  mostPieces: number,
): { readonly below: number | null; readonly above: number | null } {
  const items = stock.map(({ thickness, count }) => ({
    thickness: micrometres(thickness),
    available: count,
  }));
  const target = micrometres(wanted);
  const thickest = Math.max(0, ...items.map(({ thickness }) => thickness));
  const sums = sumTable(items, mostPieces, Math.max(0, target) + thickest);
  const find = (start: number, step: 1 | -1) => {
    for (let sum = start; sum >= 0 && sum <= sums.largestSum; sum += step)
      if (fewestPieces(sums, sum) !== null) return sum;
    return null;
  };
  return { below: target < 0 ? null : find(target, -1), above: find(Math.max(0, target), 1) };
}
