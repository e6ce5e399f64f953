import { requireNumber, requireOneOf } from '../faults/index.ts';

/** Internal clearance classes, tight to loose. CN is the normal one, with no suffix. */
export const CLEARANCE_CLASSES = ['C2', 'CN', 'C3', 'C4', 'C5'] as const;
export type ClearanceClass = (typeof CLEARANCE_CLASSES)[number];

/** Types for which the table has rows. */
export const CLEARANCE_TYPES = ['deepGrooveBall', 'cylindricalRoller'] as const;
export type ClearanceType = (typeof CLEARANCE_TYPES)[number];

/** Bore "over … up to and including", mm, then least and most of each class, µm. */
type Row = readonly [
  over: number,
  upTo: number,
  ...limits: (readonly [least: number, most: number])[],
];

/**
 * Radial internal clearance, µm (ISO 5753-1; cylindrical bore). From memory of commonly printed tables, not
 * copied from the standard. Cylindrical rollers have no C5 row here.
 */
const TABLE: Readonly<Record<ClearanceType, readonly Row[]>> = {
  deepGrooveBall: [
    [6, 10, [0, 7], [2, 13], [8, 23], [14, 29], [20, 37]],
    [10, 18, [0, 9], [3, 18], [11, 25], [18, 33], [25, 45]],
    [18, 24, [0, 10], [5, 20], [13, 28], [20, 36], [28, 48]],
    [24, 30, [1, 11], [5, 20], [13, 28], [23, 41], [30, 53]],
    [30, 40, [1, 11], [6, 20], [15, 33], [28, 46], [40, 64]],
    [40, 50, [1, 11], [6, 23], [18, 36], [30, 51], [45, 73]],
    [50, 65, [1, 15], [8, 28], [23, 43], [38, 61], [55, 90]],
    [65, 80, [1, 15], [10, 30], [25, 51], [46, 71], [65, 105]],
    [80, 100, [1, 18], [12, 36], [30, 58], [53, 84], [75, 120]],
    [100, 120, [2, 20], [15, 41], [36, 66], [61, 97], [90, 140]],
  ],
  cylindricalRoller: [
    [10, 24, [0, 25], [20, 45], [35, 60], [50, 75]],
    [24, 30, [0, 25], [20, 45], [35, 60], [50, 75]],
    [30, 40, [5, 30], [25, 50], [45, 70], [60, 85]],
    [40, 50, [5, 35], [30, 60], [50, 80], [70, 100]],
    [50, 65, [10, 40], [40, 70], [60, 90], [80, 110]],
    [65, 80, [10, 45], [40, 75], [65, 100], [90, 125]],
    [80, 100, [15, 50], [50, 85], [75, 110], [105, 140]],
    [100, 120, [15, 55], [50, 90], [85, 125], [125, 165]],
  ],
  // A row a line, as printed: pulled apart it could not be checked against its table.
}; // prettier-ignore

/**
 * Least and most radial internal clearance of a bearing before it is fitted, mm.
 *
 * @param bore mm, within the rows of the type
 * @returns null where the table has no row or class for it: it is said, not guessed
 * @throws InputError naming `type`, `bore` or `clearanceClass`
 * @example internalClearance('deepGrooveBall', 40, 'C3') // { least: 0.015, most: 0.033 }
 */
export function internalClearance(
  type: ClearanceType,
  bore: number,
  clearanceClass: ClearanceClass,
): { readonly least: number; readonly most: number } | null {
  requireOneOf('type', type, CLEARANCE_TYPES);
  requireNumber('bore', bore, { above: 0, max: 2000, unit: 'mm' });
  const column = CLEARANCE_CLASSES.indexOf(
    requireOneOf('clearanceClass', clearanceClass, CLEARANCE_CLASSES),
  );
  const row = TABLE[type].find(([over, upTo]) => bore > over && bore <= upTo);
  const limits = row?.slice(2)[column] as readonly [number, number] | undefined;
  return limits === undefined ? null : { least: limits[0] / 1000, most: limits[1] / 1000 };
}
