import type { PackPiece } from './stock.ts';

/** Pieces of a pack in the order they go in: thick outside, thin inside. */
export function pieceOrder(pieces: readonly PackPiece[]): readonly number[] {
  const thickFirst = pieces
    .flatMap(({ thickness, quantity }) => Array.from({ length: quantity }, () => thickness))
    .toSorted((a, b) => b - a);
  // Deal the thickest to the two outsides in turn; what is left in the middle is the thinnest.
  const front: number[] = [];
  const back: number[] = [];
  thickFirst.forEach((thickness, index) =>
    index % 2 === 0 ? front.push(thickness) : back.unshift(thickness),
  );
  return [...front, ...back];
}

/** A pack in words: `2 × 0.301 + 0.102`. */
export function packWords(pieces: readonly PackPiece[], digits: (mm: number) => string): string {
  if (pieces.length === 0) return 'no shims';
  return pieces
    .map(({ thickness, quantity }) =>
      quantity === 1 ? digits(thickness) : `${quantity} × ${digits(thickness)}`,
    )
    .join(' + ');
}
