/**
 * Fundamental deviations of shafts, µm, by size band (upper ends 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400,
 * 500 mm; over 3). f and g: upper deviation es; j, k, m, n, p: lower deviation ei. ISO 286-1:2010, tables 4 and 5
 * (from memory of commonly printed tables).
 */
export const SHAFT_DEVIATIONS = {
  f: [-10, -13, -16, -20, -25, -30, -36, -43, -50, -56, -62, -68],
  g: [-4, -5, -6, -7, -9, -10, -12, -14, -15, -17, -18, -20],
  h: [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0],
  k: [1, 1, 1, 2, 2, 2, 3, 3, 4, 4, 4, 5],
  m: [4, 6, 7, 8, 9, 11, 13, 15, 17, 20, 21, 23],
  n: [8, 10, 12, 15, 17, 20, 23, 27, 31, 34, 37, 40],
  p: [12, 15, 18, 22, 26, 32, 37, 43, 50, 56, 62, 68],
} as const;

/** Upper ends of the size bands of {@link SHAFT_DEVIATIONS}, mm. */
export const DEVIATION_BANDS = [6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500] as const;

/** j by grade: lower deviation ei, µm, on the same bands. */
export const SHAFT_J: Readonly<Record<string, readonly number[]>> = {
  5: [-2, -2, -3, -4, -5, -7, -9, -11, -13, -16, -18, -20],
  6: [-2, -2, -3, -4, -5, -7, -9, -11, -13, -16, -18, -20],
  7: [-4, -5, -6, -8, -10, -12, -15, -18, -21, -26, -28, -32],
};

/** J by grade: upper deviation ES, µm, on the same bands. ISO 286-1:2010, table 2 (from memory). */
export const HOLE_J: Readonly<Record<string, readonly number[]>> = {
  6: [5, 5, 6, 8, 10, 13, 16, 18, 22, 25, 29, 33],
  7: [6, 8, 10, 12, 14, 18, 22, 26, 30, 36, 39, 43],
  8: [10, 12, 15, 20, 24, 28, 34, 41, 47, 55, 60, 66],
};

/** r and s have finer bands above 50 mm: upper ends and ei, µm. */
export const SHAFT_R: readonly (readonly [upTo: number, ei: number])[] = [
  [6, 15], [10, 19], [18, 23], [30, 28], [50, 34], [65, 41], [80, 43], [100, 51], [120, 54], [140, 63], [160, 65],
  [180, 68], [200, 77], [225, 80], [250, 84], [280, 94], [315, 98], [355, 108], [400, 114], [450, 126], [500, 132],
  // A row a line, as printed: pulled apart it could not be checked against its table.
]; // prettier-ignore

/** As {@link SHAFT_R}, of s: the outside of bushes. ISO 286-1:2010, table 5 (from memory). */
export const SHAFT_S: readonly (readonly [upTo: number, ei: number])[] = [
  [6, 19], [10, 23], [18, 28], [30, 35], [50, 43], [65, 53], [80, 59], [100, 71], [120, 79], [140, 92], [160, 100],
  [180, 108], [200, 122], [225, 130], [250, 140], [280, 158], [315, 170], [355, 190], [400, 208], [450, 232], [500, 252],
  // A row a line, as printed: pulled apart it could not be checked against its table.
]; // prettier-ignore
