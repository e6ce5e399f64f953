import type { JointQuestion } from './jointQuestion.ts';
import { packsBetween, type BoxPack } from './packsBetween.ts';
import type { ShimSize } from './stock.ts';

/** Most packs at a site that are looked at one by one. */
const MOST_PACKS = 40_000;
/** Most pairs of totals that are looked at. */
const MOST_PAIRS = 3_000_000;

/** The packs of one total, those of fewest pieces first. */
export type PacksOfTotal = readonly [BoxPack, ...BoxPack[]];

/** Pairs of totals that are within all limits, and how many pairs of packs they stand for. */
export interface PairsInLimits {
  readonly pairs: readonly (readonly [PacksOfTotal, PacksOfTotal])[];
  readonly covered: number;
}

/**
 * Every pair of totals for two sites that brings both figures within their limits, with the packs that make them. The limits are a
 * parallelogram in the two thicknesses: its corners bound the packs of each site, and for a total of the first site each limit bounds
 * those of the second.
 *
 * @param sizesAt what can lie at each site, each size at its place in the box
 * @returns null where it would be too many to look at, or a limit is open
 */
export function pairsInLimits(
  { specs, sites, mostPieces }: JointQuestion,
  sizesAt: readonly (readonly ShimSize[])[],
): PairsInLimits | null {
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
    return packsBetween(sizesAt[at]!, window, sites[at]!.mostPieces ?? mostPieces, MOST_PACKS);
  });
  if (packs[0] == null || packs[1] == null) return null;
  const [firsts, seconds] = [byTotal(packs[0]), byTotal(packs[1])];
  const pairs: (readonly [PacksOfTotal, PacksOfTotal])[] = [];
  let covered = 0;
  for (const first of firsts) {
    const { from, to } = windowOf(rows, first[0].sum);
    for (
      let at = firstFrom(seconds, from);
      at < seconds.length && seconds[at]![0].sum <= to;
      at += 1
    ) {
      const second = seconds[at]!;
      pairs.push([first, second]);
      covered += first.length * second.length;
      if (pairs.length > MOST_PAIRS) return null;
    }
  }
  return { pairs, covered };
}

/** Packs by their totals, ascending. */
function byTotal(packs: readonly BoxPack[]): readonly PacksOfTotal[] {
  const totals = new Map<number, [BoxPack, ...BoxPack[]]>();
  for (const pack of packs) {
    const same = totals.get(pack.sum);
    if (same === undefined) totals.set(pack.sum, [pack]);
    else same.push(pack);
  }
  return [...totals.values()]
    .map((same) => same.toSorted((a, b) => a.pieces - b.pieces) as [BoxPack, ...BoxPack[]])
    .toSorted((a, b) => a[0].sum - b[0].sum);
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
function firstFrom(packs: readonly PacksOfTotal[], sum: number): number {
  let [low, high] = [0, packs.length];
  while (low < high) {
    const middle = (low + high) >>> 1;
    if (packs[middle]![0].sum < sum) low = middle + 1;
    else high = middle;
  }
  return low;
}
