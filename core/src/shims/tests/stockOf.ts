import fc from 'fast-check';
import type { ShimSize } from '../stock.ts';

export const size = (thickness: number, count: number, uncertainty = 0): ShimSize => ({
  id: `s${thickness}`,
  thickness,
  count,
  uncertainty,
});

export const anyStock = fc
  .uniqueArray(fc.integer({ min: 40, max: 900 }), { minLength: 1, maxLength: 6 })
  .chain((sizes) =>
    fc.tuple(
      ...sizes.map((um) => fc.integer({ min: 0, max: 3 }).map((count) => size(um / 1000, count))),
    ),
  );
