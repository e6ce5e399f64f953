import type { RadialRow } from './boundaryDimensions.ts';

/**
 * Miniature bearings, whose bore is printed as it is, and sizes between two bore codes, printed after a stroke. ISO 15 (from memory
 * of commonly printed tables). mm.
 */
export const MINIATURES = {
  '60': [['4', 4, 12, 4], ['5', 5, 14, 5], ['6', 6, 17, 6], ['7', 7, 19, 6], ['8', 8, 22, 7], ['9', 9, 24, 7]],
  '62': [['3', 3, 10, 4], ['4', 4, 13, 5], ['5', 5, 16, 5], ['6', 6, 19, 6], ['7', 7, 22, 7], ['8', 8, 24, 8], ['9', 9, 26, 8]],
  '63': [['3', 3, 13, 5], ['4', 4, 16, 5], ['5', 5, 19, 6]],
  '68': [['3', 3, 7, 2], ['4', 4, 9, 2.5], ['5', 5, 11, 3], ['6', 6, 13, 3.5], ['7', 7, 14, 3.5], ['8', 8, 16, 4], ['9', 9, 17, 4]],
  '69': [['3', 3, 8, 3], ['4', 4, 11, 4], ['5', 5, 13, 4], ['6', 6, 15, 5], ['7', 7, 17, 5], ['8', 8, 19, 6], ['9', 9, 20, 6]],
  // A row a line, as printed: pulled apart it could not be checked against its table.
} as const satisfies Record<string, readonly RadialRow[]>; // prettier-ignore

/** Width of the miniatures that are wider where they are shielded or sealed, mm (from memory of commonly printed tables). */
export const CLOSED_WIDTHS: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  '68': { '3': 3, '4': 4, '5': 5, '6': 5, '7': 5, '8': 5, '9': 5 },
  '69': { '3': 4 },
};

/** Sizes that are printed as bore after a stroke, such as 62/22. */
export const BETWEEN = {
  '60': [['22', 22, 44, 12], ['28', 28, 52, 12], ['32', 32, 58, 13]],
  '62': [['22', 22, 50, 14], ['28', 28, 58, 16], ['32', 32, 65, 17]],
  '63': [['22', 22, 56, 16], ['28', 28, 68, 18], ['32', 32, 75, 20]],
  // A row a line, as printed: pulled apart it could not be checked against its table.
} as const satisfies Record<string, readonly RadialRow[]>; // prettier-ignore
