import type { RadialRow } from './boundaryDimensions.ts';

/**
 * Needle roller bearings with machined rings, dimension series 49 of ISO 15 and ISO 1206 (from memory of commonly printed tables): bore,
 * outside, width, mm.
 */
export const NEEDLE_BEARINGS: readonly RadialRow[] = [
  ['00', 10, 22, 13], ['01', 12, 24, 13], ['02', 15, 28, 13], ['03', 17, 30, 13], ['04', 20, 37, 17], ['/22', 22, 39, 17],
  ['05', 25, 42, 17], ['/28', 28, 45, 17], ['06', 30, 47, 17], ['/32', 32, 52, 20], ['07', 35, 55, 20], ['08', 40, 62, 22],
  ['09', 45, 68, 22], ['10', 50, 72, 22], ['11', 55, 80, 25], ['12', 60, 85, 25], ['13', 65, 90, 25], ['14', 70, 100, 30],
  // A row a line, as printed: pulled apart it could not be checked against its table.
]; // prettier-ignore

/** Double-row angular contact ball bearings (from memory of commonly printed tables): bore code, bore, outside, width, mm. */
export const DOUBLE_ROWS = {
  '32': [['00', 10, 30, 14], ['01', 12, 32, 15.9], ['02', 15, 35, 15.9], ['03', 17, 40, 17.5], ['04', 20, 47, 20.6], ['05', 25, 52, 20.6], ['06', 30, 62, 23.8], ['07', 35, 72, 27], ['08', 40, 80, 30.2], ['09', 45, 85, 30.2], ['10', 50, 90, 30.2], ['11', 55, 100, 33.3], ['12', 60, 110, 36.5]],
  '33': [['02', 15, 42, 19], ['03', 17, 47, 22.2], ['04', 20, 52, 22.2], ['05', 25, 62, 25.4], ['06', 30, 72, 30.2], ['07', 35, 80, 34.9], ['08', 40, 90, 36.5], ['09', 45, 100, 39.7], ['10', 50, 110, 44.4]],
  // A row a line, as printed: pulled apart it could not be checked against its table.
} as const satisfies Record<string, readonly RadialRow[]>; // prettier-ignore

/** Thrust needle cages, ISO 3031: printed with bore and outside; 2 mm thick to a bore of 35, above it 3 (from memory). */
export const THRUST_NEEDLES = { thinTo: 35, thin: 2, thick: 3, largest: 70 } as const;
