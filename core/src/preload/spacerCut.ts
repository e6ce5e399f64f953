import { requireNumber } from '../faults/index.ts';

/** What to turn off a spacer now. mm. */
export interface SpacerCut {
  /** From the spacer that is turned to the wanted length; below 0 it is too short already. */
  readonly cut: number;
  /** Take this much now, and stop at this length. */
  readonly now: number;
  readonly stopAt: number;
  /** Whether a rest is left for after the next measurement. */
  readonly rest: boolean;
}

/** Share of a computed cut that is taken first. Common practice, no source. */
export const FIRST_SHARE = 0.75;

/** A rest of no more than this is taken in one go, mm. A rule of this program. */
const LAST_CUT = 0.02;

/**
 * Creep up on the length: three quarters of the computed cut first, then measure, then the rest. mm.
 * @throws InputError naming `from` or `wanted`
 * @example spacerCut(59, 58.9) // { cut: 0.1, now: 0.075, stopAt: 58.925, rest: true }
 */
export function spacerCut(from: number, wanted: number): SpacerCut {
  const length = { above: 0, max: 500, unit: 'mm' };
  const cut = requireNumber('from', from, length) - requireNumber('wanted', wanted, length);
  const whole = cut <= LAST_CUT + 1e-9;
  const now = cut <= 0 ? 0 : whole ? cut : FIRST_SHARE * cut;
  return { cut, now, stopAt: from - now, rest: !whole };
}
