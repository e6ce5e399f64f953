import { countPacks } from './countPacks.ts';
import { NEAR_PIECES, nearSearch, type NearPack } from './nearPacks.ts';
import type { ShimSize } from './stock.ts';
import { micrometres } from './stock.ts';
import { reaches, type SumItem, type SumTable } from './sumTable.ts';
import {
  build,
  EQUAL_SUMS,
  rank,
  settledWithin,
  sumsLeaving,
  type Candidate,
  type RankedPack,
} from './rankedPack.ts';

/** What the search found, and how many packs it speaks for. */
export interface PackSearch {
  readonly ranked: readonly RankedPack[];
  /** Distinct packs (by size and quantity) that the stock allows: none of them is better than the first. */
  readonly packsCovered: number;
}

/** Allowed totals in whole micrometres for a pack of `pieces` pieces; null when none is allowed. */
export type AllowedSums = (pieces: number) => { readonly from: number; readonly to: number } | null;

/**
 * Find the best packs, exactly.
 *
 * Order: (1) how far the total is from the wanted one, in steps of 2 µm counted from the best that can be
 * had; (2) fewest pieces; (3) the size that will be scarcest afterwards has most left; (4) the smaller
 * deviation; (5) the smaller total. One pack is returned for each total, the best of its kind.
 *
 * Nothing better exists: close to the wanted total every pack of up to four pieces is looked up ({@link nearSearch});
 * where that does not settle the order, every total that can be made is in a table.
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
  const near = rankNear(items, sizes, { target, limits, keep: options.keep });
  const ranked = near ?? rankAll(items, sizes, { target, limits, keep: options.keep });
  return { ranked, packsCovered: countPacks(items, options.mostPieces) };
}

/** What both searches are asked. */
interface Question {
  /** µm. */
  readonly target: number;
  readonly limits: readonly ({ readonly from: number; readonly to: number } | null)[];
  readonly keep: number;
}

/** How far beyond the ideal totals are looked up before the table is filled, µm: each wider than the one before. */
const REACHES = [EQUAL_SUMS, 5 * EQUAL_SUMS, 20 * EQUAL_SUMS] as const;

/** Rank what lies near the wanted total; null when that does not settle the order. */
function rankNear(
  items: readonly SumItem[],
  sizes: readonly ShimSize[],
  question: Question,
): readonly RankedPack[] | null {
  const { target, limits, keep } = question;
  const ideal = nearestOf(limits, target);
  if (!Number.isFinite(ideal)) return [];
  const mostPieces = limits.length - 1;
  const search = nearSearch(items);
  for (const reach of REACHES) {
    const window = {
      from: Math.ceil(target - ideal - reach - 1e-9),
      to: Math.floor(target + ideal + reach + 1e-9),
    };
    const found = new Map<number, Candidate & { readonly near: NearPack }>();
    for (let pieces = 0; pieces <= Math.min(mostPieces, NEAR_PIECES); pieces += 1) {
      const limit = limits[pieces]!;
      if (limit === null) continue;
      const inside = { from: Math.max(window.from, limit.from), to: Math.min(window.to, limit.to) };
      if (inside.from > inside.to) continue;
      for (const [sum, near] of search(pieces, inside))
        if (!found.has(sum)) found.set(sum, { sum, pieces, deviation: sum - target, near });
      // Totals as near as can be, with as few pieces as found so far: more pieces come after them.
      const first = [...found.values()].filter(
        ({ deviation }) => Math.abs(deviation) <= ideal + EQUAL_SUMS + 1e-9,
      );
      if (
        first.length >= keep &&
        first.some(({ deviation }) => Math.abs(deviation) <= ideal + 1e-9)
      )
        return rank(first, keep, ({ near }) => fromMembers(near, sizes, target));
    }
    if (mostPieces > NEAR_PIECES) return null;
    // A step of the order is settled when all of it lies inside the window.
    const settled = settledWithin([...found.values()], ideal + reach);
    if (settled.length >= keep)
      return rank(settled, keep, ({ near }) => fromMembers(near, sizes, target));
  }
  return null;
}

/** How far the nearest allowed whole micrometre lies from the target; infinite when none is allowed. */
function nearestOf(limits: Question['limits'], target: number): number {
  return Math.min(
    ...limits.map((limit) =>
      limit === null
        ? Infinity
        : Math.abs(Math.min(limit.to, Math.max(limit.from, Math.round(target))) - target),
    ),
  );
}

function fromMembers(
  { sum, members, left }: NearPack,
  sizes: readonly ShimSize[],
  target: number,
): RankedPack {
  const pieces = sizes
    .map(({ id, thickness }, index) => ({
      sizeId: id,
      thickness,
      quantity: members.filter((member) => member === index).length,
    }))
    .filter(({ quantity }) => quantity > 0);
  return {
    pieces,
    thickness: sum / 1000,
    pieceCount: members.length,
    deviation: (sum - target) / 1000,
    fewestLeft: Number.isFinite(left) ? left : 0,
  };
}

/** How far about the wanted total the table is filled first, µm, and by how much more when that does not settle the order. */
const FIRST_REACH = 20 * EQUAL_SUMS;
const WIDER = 16;

/** Rank by the table of everything that can be made, no further up than settles the order. */
function rankAll(
  items: readonly SumItem[],
  sizes: readonly ShimSize[],
  { target, limits, keep }: Question,
): readonly RankedPack[] {
  const mostPieces = limits.length - 1;
  const largest = Math.min(
    thickestPack(items, mostPieces),
    Math.max(-1, ...limits.map((limit) => limit?.to ?? -1)),
  );
  const ideal = nearestOf(limits, target);
  for (let reach = FIRST_REACH + Math.max(ideal, target - largest); largest >= 0; reach *= WIDER) {
    const to = Math.min(largest, Math.floor(target + reach));
    // The lowest total of all is inside it: nothing that can be made is outside.
    const whole = to === largest && target - reach <= 0;
    if (to < 0 && !whole) continue;
    const leaving = sumsLeaving(items, mostPieces, to);
    const within = sumsWithin(leaving(0), limits, { from: Math.ceil(target - reach), target });
    const settled = whole ? within : settledWithin(within, reach);
    if (whole || settled.length >= keep)
      return rank(settled, keep, (candidate) => build(candidate, sizes, leaving));
  }
  return [];
}

/** Sum of the thickest pieces there are, µm. */
function thickestPack(items: readonly SumItem[], mostPieces: number): number {
  let [left, sum] = [mostPieces, 0];
  for (const { thickness, available } of items) {
    const used = Math.min(left, available);
    sum += used * thickness;
    left -= used;
  }
  return sum;
}

function sumsWithin(
  sums: SumTable,
  limits: readonly ({ from: number; to: number } | null)[],
  { from: least, target }: { readonly from: number; readonly target: number },
): readonly Candidate[] {
  const from = Math.min(...limits.map((limit) => limit?.from ?? Infinity));
  const found: Candidate[] = [];
  for (let sum = Math.max(0, from, least); sum <= sums.largestSum; sum += 1) {
    const pieces = limits.findIndex(
      (limit, k) => limit !== null && sum >= limit.from && sum <= limit.to && reaches(sums, k, sum),
    );
    if (pieces >= 0) found.push({ sum, pieces, deviation: sum - target });
  }
  return found;
}
