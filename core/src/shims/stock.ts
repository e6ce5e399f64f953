import { refuse, requireInteger, requireNumber } from '../faults/index.ts';

/** A size of shim at hand. */
export interface ShimSize {
  readonly id: string;
  /** Measured thickness in mm; whole micrometres. */
  readonly thickness: number;
  /** Pieces at hand. */
  readonly count: number;
  /** Standard uncertainty of the measured thickness of one piece, mm. */
  readonly uncertainty: number;
  /** Diameters of a piece, mm; absent where they are not known. */
  readonly inside?: number;
  readonly outside?: number;
}

/** Some pieces of one size. */
export interface PackPiece {
  readonly sizeId: string;
  readonly thickness: number;
  readonly quantity: number;
}

/** Largest stock the search takes: 400 pieces in all. */
const MOST_PIECES = 400;

/**
 * Check a stock: ids differ, thickness more than 0 and at most 20 mm in whole micrometres, counts not negative.
 * @throws InputError naming `stock[i].thickness`, `.count`, `.uncertainty` or `.id`
 */
export function requireStock(stock: readonly ShimSize[]): readonly ShimSize[] {
  stock.forEach((size, index) => {
    const field = `stock[${index}]`;
    requireNumber(`${field}.thickness`, size.thickness, { above: 0, max: 20, unit: 'mm' });
    if (Math.abs(micrometres(size.thickness) - size.thickness * 1000) > 1e-6)
      refuse('outOfRange', `${field}.thickness`, size.thickness, { id: 'wholeMicrometres' });
    requireInteger(`${field}.count`, size.count, { min: 0, max: MOST_PIECES });
    requireNumber(`${field}.uncertainty`, size.uncertainty, { min: 0, max: 0.1, unit: 'mm' });
    if (stock.findIndex(({ id }) => id === size.id) !== index)
      refuse('contradiction', `${field}.id`, size.id, { id: 'ownId' });
  });
  const pieces = stock.reduce((sum, { count }) => sum + count, 0);
  if (pieces > MOST_PIECES)
    refuse('outOfRange', 'stock', pieces, { id: 'atMost', most: MOST_PIECES, of: 'pieces' });
  return stock;
}

/** A length in whole micrometres. */
export function micrometres(length: number): number {
  return Math.round(length * 1000);
}

/** Total thickness of some pieces, mm, exact to the micrometre. */
export function packThickness(pieces: readonly PackPiece[]): number {
  return (
    pieces.reduce((sum, { thickness, quantity }) => sum + micrometres(thickness) * quantity, 0) /
    1000
  );
}
