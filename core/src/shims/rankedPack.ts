import type { PackPiece, ShimSize } from './stock.ts';
import { countsFor, sumTable, type SumItem, type SumTable } from './sumTable.ts';

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

export interface Candidate {
  readonly sum: number;
  readonly pieces: number;
  readonly deviation: number;
}

/** Which step of nearness a deviation is in, counted from the best that can be had. */
export function tierOf(deviation: number, best: number): number {
  return Math.max(0, Math.ceil((Math.abs(deviation) - best - EQUAL_SUMS) / EQUAL_SUMS - 1e-9));
}

/**
 * Those whose place in the order nothing outside a window can change: all of their step lies within `reach` of the wanted
 * total.
 */
export function settledWithin<C extends Candidate>(
  candidates: readonly C[],
  reach: number,
): readonly C[] {
  const best = Math.min(...candidates.map(({ deviation }) => Math.abs(deviation)));
  return candidates.filter(
    ({ deviation }) =>
      best + (tierOf(deviation, best) + 1) * EQUAL_SUMS <= reach + 1e-9 ||
      (Math.abs(deviation) <= best + EQUAL_SUMS && best + EQUAL_SUMS <= reach + 1e-9),
  );
}

export function rank<C extends Candidate>(
  candidates: readonly C[],
  keep: number,
  build: (candidate: C) => RankedPack,
): readonly RankedPack[] {
  const best = Math.min(...candidates.map(({ deviation }) => Math.abs(deviation)));
  const tier = ({ deviation }: Candidate) => tierOf(deviation, best);
  const byNearness = candidates.toSorted((a, b) => tier(a) - tier(b) || a.pieces - b.pieces);
  const chosen: RankedPack[] = [];
  // Candidates that tie on tier and pieces are compared on what they leave in the box.
  for (let start = 0; start < byNearness.length && chosen.length < keep;) {
    const head = byNearness[start]!;
    const tied = byNearness
      .slice(start)
      .filter((other) => tier(other) === tier(head) && other.pieces === head.pieces);
    const packs = tied.map(build);
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

/** Tables of the sums that can be made while at least so many pieces of every size that is used are left in the box. */
export type SumsLeaving = (left: number) => SumTable;

/** Each filled when it is first asked for. */
export function sumsLeaving(
  items: readonly SumItem[],
  mostPieces: number,
  largestSum: number,
): SumsLeaving {
  const known: SumTable[] = [];
  return (left) =>
    (known[left] ??= sumTable(
      items.map(({ thickness, available }) => ({
        thickness,
        available: Math.max(0, available - left),
      })),
      mostPieces,
      largestSum,
    ));
}

/** The pack of a given total and piece count that leaves most of its scarcest size, found by raising what must be left. */
export function build(
  { sum, pieces, deviation }: Candidate,
  sizes: readonly ShimSize[],
  leaving: SumsLeaving,
): RankedPack {
  const { items } = leaving(0);
  let counts = countsFor(leaving(0), pieces, sum)!;
  let left = fewestLeftOf(counts, items);
  while (Number.isFinite(left)) {
    const better = countsFor(leaving(left + 1), pieces, sum);
    if (better === null) break;
    counts = better;
    left = fewestLeftOf(counts, items);
  }
  return {
    pieces: sizes
      .map(({ id, thickness }, index) => ({ sizeId: id, thickness, quantity: counts[index]! }))
      .filter(({ quantity }) => quantity > 0),
    thickness: sum / 1000,
    pieceCount: pieces,
    deviation: deviation / 1000,
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
