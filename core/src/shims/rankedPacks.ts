import type { BoxPack } from './packsBetween.ts';
import type { ShimSize } from './stock.ts';

/** The best and so many more are shown. */
export const SHOWN = 4;

/** Packs for all sites with where they stand among the others. */
export interface RankedPacks {
  readonly rank: readonly number[];
  readonly chosen: readonly BoxPack[];
}

/** What was found, and of how many combinations it is the best. */
export interface FoundPacks {
  readonly found: readonly RankedPacks[];
  readonly tried: number;
}

/** Proven before inside before outside; then nearer; then fewer pieces. */
export const byRank = (a: Pick<RankedPacks, 'rank'>, b: Pick<RankedPacks, 'rank'>): number =>
  a.rank[0]! - b.rank[0]! || a.rank[1]! - b.rank[1]! || a.rank[2]! - b.rank[2]!;

/** The best and up to three more: of the same thicknesses only the best pieces. */
export function bestOf(found: readonly RankedPacks[]): readonly RankedPacks[] {
  const seen = new Set<string>();
  return found
    .toSorted(byRank)
    .filter(
      ({ chosen }) =>
        seen.size < SHOWN && seen.size < seen.add(chosen.map(({ sum }) => sum).join(' ')).size,
    );
}

/** Whether the box has the pieces of the last pack beside those of the packs before it. */
export function fitsBox(chosen: readonly BoxPack[], sizes: readonly ShimSize[]): boolean {
  if (chosen.length < 2) return true;
  return [...chosen.at(-1)!.counts.keys()].every(
    (index) =>
      chosen.reduce((sum, { counts }) => sum + (counts.get(index) ?? 0), 0) <= sizes[index]!.count,
  );
}
