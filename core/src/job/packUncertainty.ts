import type { MeasuredPiece } from './kinds.ts';

/** Standard uncertainty of a pack's total: the pieces' own, in quadrature. mm. */
export function packUncertainty(pieces: readonly MeasuredPiece[]): number {
  return Math.sqrt(
    pieces.reduce((sum, { quantity, uncertainty }) => sum + quantity * uncertainty ** 2, 0),
  );
}
