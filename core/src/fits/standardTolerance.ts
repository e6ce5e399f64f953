import { refuse, requireNumber, requireOneOf } from '../faults/index.ts';

/** Grades of the table. IT3 serves only for the Δ of the holes K to R. */
export const GRADES = ['IT3', 'IT4', 'IT5', 'IT6', 'IT7', 'IT8', 'IT9', 'IT10'] as const;
export type Grade = (typeof GRADES)[number];

/** Upper ends of the size bands, "over … up to and including", mm; the first band begins over 3. */
const BANDS = [6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500];

/** Standard tolerances, µm, by grade and band. ISO 286-1:2010, table 1 (from memory; checked by its formula). */
const TABLE: Readonly<Record<Grade, readonly number[]>> = {
  IT3: [2.5, 2.5, 3, 4, 4, 5, 6, 8, 10, 12, 13, 15],
  IT4: [4, 4, 5, 6, 7, 8, 10, 12, 14, 16, 18, 20],
  IT5: [5, 6, 8, 9, 11, 13, 15, 18, 20, 23, 25, 27],
  IT6: [8, 9, 11, 13, 16, 19, 22, 25, 29, 32, 36, 40],
  IT7: [12, 15, 18, 21, 25, 30, 35, 40, 46, 52, 57, 63],
  IT8: [18, 22, 27, 33, 39, 46, 54, 63, 72, 81, 89, 97],
  IT9: [30, 36, 43, 52, 62, 74, 87, 100, 115, 130, 140, 155],
  IT10: [48, 58, 70, 84, 100, 120, 140, 160, 185, 210, 230, 250],
};

/**
 * Width of a standard tolerance, mm.
 * @param size nominal size, over 3 up to 500 mm
 * @throws InputError naming `grade` or `size`
 * @example standardTolerance(62, 'IT7') // 0.030
 */
export function standardTolerance(size: number, grade: Grade): number {
  requireOneOf('grade', grade, GRADES);
  requireNumber('size', size, { above: 3, max: 500, unit: 'mm' });
  const width = TABLE[grade][BANDS.findIndex((upTo) => size <= upTo)];
  return width === undefined
    ? refuse('outOfRange', 'size', size, { id: 'number', max: 500, unit: 'mm' })
    : width / 1000;
}
