import { refuse, requireNumber } from '../faults/index.ts';

/** Families with rows of their own. */
export type RingFamily = 'radial' | 'tapered' | 'inchTapered' | 'inchTapered3';
/** A ring by the surface that is fitted. */
export type Ring = 'inner' | 'outer';

/** "Up to and including", mm, then how far from nominal the mean diameter may be, µm. */
type Row = readonly [upTo: number, off: number];

/** Inch tapered bearings are made from nominal up, all others from nominal down. */
const UPWARDS: ReadonlySet<RingFamily> = new Set(['inchTapered', 'inchTapered3']);

/**
 * Deviation of the mean bore or outside diameter, Normal class; the other one is 0. ISO 492:2014; inch tapered by ANSI/ABMA 19.2,
 * classes 4 and 2, and its close classes 3 and 0 (all from memory of commonly printed tables).
 */
const TABLE: Readonly<Record<RingFamily, Readonly<Record<Ring, readonly Row[]>>>> = {
  radial: {
    inner: [[18, 8], [30, 10], [50, 12], [80, 15], [120, 20], [180, 25], [250, 30]],
    outer: [[18, 8], [30, 9], [50, 11], [80, 13], [120, 15], [150, 18], [180, 25], [250, 30], [315, 35]],
  },
  tapered: {
    inner: [[30, 12], [50, 12], [80, 15], [120, 20], [180, 25], [250, 30]],
    outer: [[30, 12], [50, 14], [80, 16], [120, 18], [150, 20], [180, 25], [250, 30], [315, 35]],
  },
  inchTapered: {
    inner: [[76.2, 13], [304.8, 25]],
    outer: [[304.8, 25]],
  },
  inchTapered3: {
    inner: [[304.8, 13]],
    outer: [[304.8, 13]],
  },
  // A row a line, as printed: pulled apart it could not be checked against its table.
}; // prettier-ignore

/**
 * Limits of a ring's mean diameter where it was not measured, mm.
 * @throws InputError naming `size` when the table has no row for it
 * @example ringLimits(62, 'outer', 'radial') // { least: 61.987, most: 62 }
 */
export function ringLimits(
  size: number,
  ring: Ring,
  family: RingFamily,
): { readonly least: number; readonly most: number } {
  requireNumber('size', size, { above: 0, unit: 'mm' });
  const row = TABLE[family][ring].find(([upTo]) => size <= upTo);
  if (row === undefined)
    return refuse('outOfRange', 'size', size, {
      id: 'number',
      max: TABLE[family][ring].at(-1)![0],
      unit: 'mm',
    });
  const off = row[1] / 1000;
  return UPWARDS.has(family)
    ? { least: size, most: size + off }
    : { least: size - off, most: size };
}
