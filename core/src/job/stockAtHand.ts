import type { ShimSize } from '../shims/index.ts';
import type { MeasuredPiece } from './kinds.ts';
import { piecesBySize } from './foldWorkshop.ts';
import type { JobState } from './state.ts';

/**
 * What packs can be made from: the box, less what this and other jobs have fitted elsewhere, with the
 * pieces now at these sites and the pieces that were found there (they lie on the bench).
 *
 * @param sizes as counted in the box
 * @param usedElsewhere pieces of each size fitted in other jobs
 * @param siteIds the sites whose packs are being chosen
 */
export function stockAtHand(
  sizes: readonly ShimSize[],
  usedElsewhere: Readonly<Record<string, number>>,
  job: JobState,
  siteIds: readonly string[],
): readonly ShimSize[] {
  const otherSites = Object.entries(job.setting.packs)
    .filter(([id]) => !siteIds.includes(id))
    .map(([, pack]) => pack);
  const usedHere = piecesBySize(otherSites);
  const box = sizes.map((size) => ({
    ...size,
    count: Math.max(0, size.count - (usedElsewhere[size.id] ?? 0) - (usedHere[size.id] ?? 0)),
  }));
  const found = siteIds
    .flatMap((siteId) => job.setting.foundPacks[siteId]?.pieces ?? [])
    .filter(({ sizeId }) => !sizes.some(({ id }) => id === sizeId))
    .map(({ sizeId: id, thickness, quantity: count, uncertainty }) => ({
      id,
      thickness,
      count,
      uncertainty,
    }));
  // Pieces found at two sites may be of one size: they lie together. The same name for another thickness is another's.
  const together = new Map<string, ShimSize>();
  for (const size of found) {
    const same = together.get(size.id);
    if (same === undefined) together.set(size.id, size);
    else if (same.thickness === size.thickness)
      together.set(size.id, { ...same, count: same.count + size.count });
  }
  return [...box, ...together.values()];
}

/** Give pieces of a proposed pack the uncertainty of their size. */
export function withUncertainty(
  pieces: readonly Omit<MeasuredPiece, 'uncertainty'>[],
  stock: readonly ShimSize[],
): readonly MeasuredPiece[] {
  return pieces.map((piece) => ({
    ...piece,
    uncertainty: stock.find(({ id }) => id === piece.sizeId)?.uncertainty ?? 0,
  }));
}
