import { requireNumber, requireOneOf } from '../faults/index.ts';

/** How a seat is finished. */
export const FINISHES = ['ground', 'turned'] as const;
export type Finish = (typeof FINISHES)[number];

/** The n of d/(d + n), mm. Handbook rule for shaft seats (from memory). */
const LOSS: Readonly<Record<Finish, number>> = { ground: 2, turned: 3 };

/**
 * Interference that acts after the peaks of a seat have been pressed flat: `i·d/(d + 2)` ground, `i·d/(d + 3)`
 * turned. Only where i > 0, once; the unreduced value serves for the largest stress.
 * @throws InputError naming the field
 */
export function effectiveInterference(
  interference: number,
  diameter: number,
  finish: Finish,
): number {
  requireNumber('interference', interference, { min: -10, max: 10, unit: 'mm' });
  requireNumber('diameter', diameter, { above: 0, max: 1000, unit: 'mm' });
  const n = LOSS[requireOneOf('finish', finish, FINISHES)];
  return interference <= 0 ? interference : (interference * diameter) / (diameter + n);
}
