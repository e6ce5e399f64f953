import type { JointQuestion } from './jointQuestion.ts';
import { nearSearch } from './nearPacks.ts';
import { countsOf, type BoxPack } from './packsBetween.ts';
import { micrometres, type ShimSize } from './stock.ts';

/** Most pairs of totals that are looked at. */
const MOST_PAIRS = 3_000_000;

/**
 * Every pair of totals for two sites that brings both figures within their limits, each by a pack of the fewest pieces. The limits are a
 * parallelogram in the two thicknesses: its corners bound the packs of each site, and for a total of the first site each limit bounds
 * those of the second.
 *
 * @param sizesAt what can lie at each site, each size at its place in the box
 * @returns null where it would be too many to look at, or a limit is open
 */
export function pairsInLimits(
  { specs, sites, mostPieces }: JointQuestion,
  sizesAt: readonly (readonly ShimSize[])[],
): readonly (readonly [BoxPack, BoxPack])[] | null {
  if (sites.length !== 2 || specs.length !== 2) return null;
  const rows = specs.map(({ id, value, band }) => ({
    gains: sites.map(({ gains }) => gains[id] ?? 0) as [number, number],
    // In thickness of both sites: lower ≤ Σ gain·t ≤ upper.
    base: sites.reduce((sum, { gains, thickness }) => sum - (gains[id] ?? 0) * thickness, value),
    ...band,
  }));
  if (rows.some(({ lower, upper }) => lower === null || upper === null)) return null;
  const [one, two] = rows as [(typeof rows)[number], (typeof rows)[number]];
  const whole = one.gains[0] * two.gains[1] - one.gains[1] * two.gains[0];
  if (Math.abs(whole) < 1e-9) return null;
  const corners = [one.lower!, one.upper!].flatMap((a) =>
    [two.lower!, two.upper!].map((b) => [
      ((a - one.base) * two.gains[1] - (b - two.base) * one.gains[1]) / whole,
      ((b - two.base) * one.gains[0] - (a - one.base) * two.gains[0]) / whole,
    ]),
  );
  const packs = [0, 1].map((at) => {
    const ends = corners.map((corner) => corner[at]! * 1000);
    const window = {
      from: Math.max(0, Math.ceil(Math.min(...ends) - 1e-6)),
      to: Math.floor(Math.max(...ends) + 1e-6),
    };
    return totalsBetween(sizesAt[at]!, window, sites[at]!.mostPieces ?? mostPieces);
  });
  const [firsts, seconds] = packs as [readonly BoxPack[], readonly BoxPack[]];
  const pairs: (readonly [BoxPack, BoxPack])[] = [];
  for (const first of firsts) {
    const { from, to } = windowOf(rows, first.sum);
    for (
      let at = firstFrom(seconds, from);
      at < seconds.length && seconds[at]!.sum <= to;
      at += 1
    ) {
      pairs.push([first, seconds[at]!]);
      if (pairs.length > MOST_PAIRS) return null;
    }
  }
  return pairs;
}

/** Every total that can be made in a window, ascending, each by a pack of the fewest pieces. */
function totalsBetween(
  sizes: readonly ShimSize[],
  window: { readonly from: number; readonly to: number },
  mostPieces: number,
): readonly BoxPack[] {
  const search = nearSearch(
    sizes.map(({ thickness, count }) => ({ thickness: micrometres(thickness), available: count })),
  );
  const totals = new Map<number, BoxPack>();
  for (let pieces = 0; pieces <= mostPieces; pieces += 1)
    for (const [sum, { members }] of search(pieces, window))
      if (!totals.has(sum)) totals.set(sum, { sum, pieces, counts: countsOf(members) });
  return [...totals.values()].toSorted((a, b) => a.sum - b.sum);
}

/** The totals of the second site with which every figure is within its limits, µm. */
function windowOf(
  rows: readonly {
    readonly gains: readonly [number, number];
    readonly base: number;
    readonly lower: number | null;
    readonly upper: number | null;
  }[],
  first: number,
): { readonly from: number; readonly to: number } {
  let [from, to] = [0, Infinity];
  for (const { gains, base, lower, upper } of rows) {
    const rest = base + (gains[0] * first) / 1000;
    if (gains[1] === 0) {
      if (rest < lower! - 1e-9 || rest > upper! + 1e-9) return { from: 1, to: 0 };
      continue;
    }
    const ends = [lower!, upper!].map((limit) => ((limit - rest) / gains[1]) * 1000);
    from = Math.max(from, Math.min(...ends) - 1e-6);
    to = Math.min(to, Math.max(...ends) + 1e-6);
  }
  return { from, to };
}

/** The first of some totals that is not below one. */
function firstFrom(packs: readonly BoxPack[], sum: number): number {
  let [low, high] = [0, packs.length];
  while (low < high) {
    const middle = (low + high) >>> 1;
    if (packs[middle]!.sum < sum) low = middle + 1;
    else high = middle;
  }
  return low;
}
