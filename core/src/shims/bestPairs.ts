import type { Expectation } from './jointExpectation.ts';
import type { JointQuestion } from './jointQuestion.ts';
import { packsBetween, type BoxPack } from './packsBetween.ts';
import { pairsInLimits } from './pairsInLimits.ts';
import { byRank, fitsBox, SHOWN, type FoundPacks, type RankedPacks } from './rankedPacks.ts';
import type { ShimSize } from './stock.ts';

/** Most packs of one total that are looked at. */
const MOST_PACKS = 40_000;

/**
 * The best pairs of packs for two sites of all that are within all limits.
 * @param sizes the box, each size at its place
 * @returns null where there is none, or they are too many to look at
 */
export function bestPairs(
  question: JointQuestion,
  sizesAt: readonly (readonly ShimSize[])[],
  sizes: readonly ShimSize[],
  rankOf: Expectation['rankOf'],
): FoundPacks | null {
  const pairs = pairsInLimits(question, sizesAt);
  if (pairs === null) return null;
  // By the fewest pieces of each total no pack of it stands before: the box that both share is looked at last.
  const hoped = pairs.map((pair) => ({ pair, rank: rankOf(pair) })).toSorted(byRank);
  const packsOf = packsOfTotals(question, sizesAt);
  let found: readonly RankedPacks[] = [];
  for (const { pair, rank } of hoped) {
    if (found.length === SHOWN && byRank(found.at(-1)!, { rank }) <= 0) break;
    const chosen = fitsBox(pair, sizes) ? pair : fewestTogether(pair, packsOf, sizes);
    if (chosen === 'tooMany') return null;
    if (chosen === null) continue;
    found = [...found, { rank: rankOf(chosen), chosen }].toSorted(byRank).slice(0, SHOWN);
  }
  return found.length === 0 ? null : { found, tried: pairs.length };
}

/** All packs of a total at a site, those of fewest pieces first; null where they are too many. */
type PacksOfTotal = (site: number, sum: number) => readonly BoxPack[] | null;

function packsOfTotals(
  { sites, mostPieces }: JointQuestion,
  sizesAt: readonly (readonly ShimSize[])[],
): PacksOfTotal {
  const known = new Map<string, readonly BoxPack[] | null>();
  return (site, sum) => {
    const key = `${site} ${sum}`;
    if (!known.has(key)) {
      const most = sites[site]!.mostPieces ?? mostPieces;
      const packs = packsBetween(sizesAt[site]!, { from: sum, to: sum }, most, MOST_PACKS);
      known.set(key, packs?.toSorted((a, b) => a.pieces - b.pieces) ?? null);
    }
    return known.get(key)!;
  };
}

/** Of two totals the packs of fewest pieces that the box has together; null where it has none. */
function fewestTogether(
  [one, two]: readonly [BoxPack, BoxPack],
  packsOf: PacksOfTotal,
  sizes: readonly ShimSize[],
): readonly BoxPack[] | null | 'tooMany' {
  const [firsts, seconds] = [packsOf(0, one.sum), packsOf(1, two.sum)];
  if (firsts === null || seconds === null) return 'tooMany';
  let best: readonly BoxPack[] | null = null;
  let fewest = Infinity;
  for (const first of firsts) {
    if (first.pieces + two.pieces >= fewest) break;
    const second = seconds.find((pack) => fitsBox([first, pack], sizes));
    if (second === undefined || first.pieces + second.pieces >= fewest) continue;
    [best, fewest] = [[first, second], first.pieces + second.pieces];
  }
  return best;
}
