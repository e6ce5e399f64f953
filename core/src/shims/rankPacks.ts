import type { PackPiece, ShimSize } from './stock.ts';
import { micrometres } from './stock.ts';
import {
  countsFor,
  fewestPieces,
  reaches,
  sumTable,
  type SumItem,
  type SumTable,
} from './sumTable.ts';

/** Sums this close to the best are taken as equal to it (µm): no shim is measured better. */
export const EQUAL_SUMS = 2;

/** A pack the search proposes. */
export interface RankedPack {
  readonly pieces: readonly PackPiece[];
  /** Total, mm. */
  readonly thickness: number;
  readonly pieceCount: number;
  /** Total − wanted thickness, mm. */
  readonly deviation: number;
  /** Fewest pieces left over of any size that is used: what the choice does to the box. */
  readonly fewestLeft: number;
}

/** What the search did: the ranked packs and how much it covered. */
export interface PackSearch {
  readonly ranked: readonly RankedPack[];
  /** Distinct totals that can be made within the limits. */
  readonly sumsInside: number;
  /** Distinct packs (by size and quantity) that the search covered, made or not within the limits. */
  readonly packsCovered: number;
}

/** Allowed totals in whole micrometres for a pack of `pieces` pieces; null when none is allowed. */
export type AllowedSums = (pieces: number) => { readonly from: number; readonly to: number } | null;

/**
 * Find the best packs, exactly.
 *
 * Order: (1) how far the total is from the wanted one, in steps of 2 µm counted from the best that can be
 * had; (2) fewest pieces; (3) the size that will be scarcest afterwards has most left; (4) the smaller
 * deviation; (5) the smaller total. One pack is returned for each total, the best of its kind. Nothing
 * better exists because every total that can be made is in the table.
 *
 * @param wanted total, mm
 * @param allowed limits for each piece count
 * @param mostPieces 1 to 8
 * @param keep how many packs to return
 */
export function rankPacks(
  stock: readonly ShimSize[],
  wanted: number,
  allowed: AllowedSums,
  options: { readonly mostPieces: number; readonly keep: number },
): PackSearch {
  const sizes = stock
    .filter(({ count }) => count > 0)
    .toSorted((a, b) => b.thickness - a.thickness || (a.id < b.id ? -1 : 1));
  const items = sizes.map(({ thickness, count }) => ({
    thickness: micrometres(thickness),
    available: count,
  }));
  const target = wanted * 1000;
  const limits = Array.from({ length: options.mostPieces + 1 }, (_, k) => allowed(k));
  const largest = Math.max(-1, ...limits.map((limit) => limit?.to ?? -1));
  if (largest < 0)
    return { ranked: [], sumsInside: 0, packsCovered: countPacks(items, options.mostPieces) };
  const sums = sumTable(items, options.mostPieces, largest);
  const inside = sumsWithin(sums, limits, target);
  const ranked = rank(inside, sizes, sums, options.keep);
  return { ranked, sumsInside: inside.length, packsCovered: countPacks(items, options.mostPieces) };
}

interface Candidate {
  readonly sum: number;
  readonly pieces: number;
  readonly deviation: number;
}

function sumsWithin(
  sums: SumTable,
  limits: readonly ({ from: number; to: number } | null)[],
  target: number,
): readonly Candidate[] {
  const from = Math.min(...limits.map((limit) => limit?.from ?? Infinity));
  const found: Candidate[] = [];
  for (let sum = Math.max(0, from); sum <= sums.largestSum; sum += 1) {
    const pieces = limits.findIndex(
      (limit, k) => limit !== null && sum >= limit.from && sum <= limit.to && reaches(sums, k, sum),
    );
    if (pieces >= 0) found.push({ sum, pieces, deviation: sum - target });
  }
  return found;
}

function rank(
  candidates: readonly Candidate[],
  sizes: readonly ShimSize[],
  sums: SumTable,
  keep: number,
): readonly RankedPack[] {
  const best = Math.min(...candidates.map(({ deviation }) => Math.abs(deviation)));
  const tier = ({ deviation }: Candidate) =>
    Math.max(0, Math.ceil((Math.abs(deviation) - best - EQUAL_SUMS) / EQUAL_SUMS - 1e-9));
  const byNearness = candidates.toSorted((a, b) => tier(a) - tier(b) || a.pieces - b.pieces);
  const chosen: RankedPack[] = [];
  // Candidates that tie on tier and pieces are compared on what they leave in the box.
  for (let start = 0; start < byNearness.length && chosen.length < keep;) {
    const head = byNearness[start]!;
    const tied = byNearness
      .slice(start)
      .filter((other) => tier(other) === tier(head) && other.pieces === head.pieces);
    const packs = tied.map((candidate) => build(candidate, sizes, sums));
    chosen.push(
      ...packs.toSorted(
        (a, b) =>
          b.fewestLeft - a.fewestLeft ||
          Math.abs(a.deviation) - Math.abs(b.deviation) ||
          a.thickness - b.thickness,
      ),
    );
    start += tied.length;
  }
  return chosen.slice(0, keep);
}

/** The pack of a given total and piece count that leaves most of its scarcest size, found by raising what must be left. */
function build(candidate: Candidate, sizes: readonly ShimSize[], sums: SumTable): RankedPack {
  let left = 0;
  let counts = countsFor(sums, candidate.pieces, candidate.sum)!;
  for (;;) {
    left = fewestLeftOf(counts, sums.items);
    if (!Number.isFinite(left)) break;
    const items = sums.items.map(({ thickness, available }) => ({
      thickness,
      available: Math.max(0, available - (left + 1)),
    }));
    const stricter = sumTable(items, candidate.pieces, candidate.sum);
    const better = countsFor(stricter, candidate.pieces, candidate.sum);
    if (better === null) break;
    counts = better;
  }
  const pieces = sizes
    .map(({ id, thickness }, index) => ({ sizeId: id, thickness, quantity: counts[index]! }))
    .filter(({ quantity }) => quantity > 0);
  return {
    pieces,
    thickness: candidate.sum / 1000,
    pieceCount: candidate.pieces,
    deviation: candidate.deviation / 1000,
    fewestLeft: Number.isFinite(left) ? left : 0,
  };
}

function fewestLeftOf(counts: readonly number[], items: readonly SumItem[]): number {
  return Math.min(
    ...items.map(({ available }, index) =>
      counts[index]! > 0 ? available - counts[index]! : Infinity,
    ),
  );
}

/** How many different packs of at most `mostPieces` the stock allows, the empty one included. */
function countPacks(items: readonly SumItem[], mostPieces: number): number {
  const ways = items.reduce<readonly number[]>(
    (before, { available }) =>
      before.map((_, k) =>
        before.slice(Math.max(0, k - available), k + 1).reduce((sum, way) => sum + way, 0),
      ),
    [1, ...Array.from({ length: mostPieces }, () => 0)],
  );
  return ways.reduce((sum, way) => sum + way, 0);
}

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
