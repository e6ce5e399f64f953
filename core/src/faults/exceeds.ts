/** Share of a bound within which two numbers are the same: far below any instrument, far above rounding. */
const SAME = 1e-9;

/**
 * Whether a number lies above another by more than the rounding of arithmetic. Sums of tenths of a millimetre are not
 * exact in binary: 1.2 + 7 and 8.2 are the same length.
 * @example exceeds(1.2 + 7, 8.2) // false
 */
export function exceeds(value: number, bound: number): boolean {
  return value > bound + SAME * Math.max(1, Math.abs(bound));
}
