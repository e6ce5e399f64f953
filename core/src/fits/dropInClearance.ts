/**
 * Diametral clearance with which a ring drops on or in by itself, mm: the larger of 0.010 mm and 0.0005 of the seat.
 * Common practice, no source.
 */
export function dropInClearance(diameter: number): number {
  return Math.max(0.01, 0.0005 * diameter);
}
