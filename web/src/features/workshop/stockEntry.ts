import type { OpenOrder, StockedSize } from '@wendaxis/core/job';

import type { ScreenUnits } from '../../wording/screenUnits.ts';

/** A size of the box as a row: what is there, in jobs and on order, and what the pieces in the box are worth. */
export interface StockRow {
  readonly size: StockedSize;
  readonly inBox: number;
  readonly inJobs: number;
  readonly onOrder: number;
  readonly worth: number | null;
}

/** Orders within this of a size are for it, mm: shims are ordered by their nominal thickness. */
const SAME_SIZE = 0.0125;

/** The box, thinnest first. Orders go to the nearest size; those that are for none stay with the orders. */
export function stockRows(
  sizes: readonly StockedSize[],
  held: Readonly<Record<string, number>>,
  orders: readonly OpenOrder[],
): readonly StockRow[] {
  return sizes
    .toSorted((a, b) => a.thickness - b.thickness)
    .map((size) => {
      const inJobs = held[size.id] ?? 0;
      const inBox = Math.max(0, size.count - inJobs);
      const onOrder = orders
        .filter(({ thickness }) => nearestSize(sizes, thickness)?.id === size.id)
        .reduce((sum, { count }) => sum + count, 0);
      return {
        size,
        inBox,
        inJobs,
        onOrder,
        worth: size.price === null ? null : inBox * size.price,
      };
    });
}

/** The size of the box that an order is for; null where it is a new one. */
export function nearestSize(sizes: readonly StockedSize[], thickness: number): StockedSize | null {
  const nearest = sizes.toSorted(
    (a, b) => Math.abs(a.thickness - thickness) - Math.abs(b.thickness - thickness),
  )[0];
  return nearest !== undefined && Math.abs(nearest.thickness - thickness) <= SAME_SIZE
    ? nearest
    : null;
}

/** A count: whole pieces, 0 to 400; null where it is none. */
export function readCount(text: string, least = 0): number | null {
  const count = /^\d{1,3}$/u.test(text.trim()) ? Number(text) : NaN;
  return count >= least && count <= 400 ? count : null;
}

/** A price: 0 or more, in the workshop's money; null where nothing was typed, `undefined` where it cannot be read. */
export function readPrice(text: string): number | null | undefined {
  if (text.trim() === '') return null;
  const price = Number(text.trim().replace(',', '.'));
  return Number.isFinite(price) && price >= 0 && price <= 100_000 ? price : undefined;
}

/** The diameters of a piece, as far as they are known; nothing where they are not. */
export function diameterWords({ inside, outside }: StockedSize, units: ScreenUnits): string {
  if (inside === undefined && outside === undefined) return '';
  const show = (value: number | undefined): string =>
    value === undefined ? '?' : units.digits(value, 'length', 1);
  return `${show(inside)} × ${show(outside)} ${units.unit()}`;
}
