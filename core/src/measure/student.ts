import jstat from 'jstat';

import { requireNumber } from '../faults/index.ts';

/** One-sided confidence of every decision, unless the workshop states another. */
export const CONFIDENCE = 0.95;

/** Above this many degrees of freedom the normal distribution is used (the factors agree to 1e-6). */
const NORMAL_FROM = 1e6;

/**
 * The factor k that enters a decision once: the one-sided quantile of Student's distribution.
 *
 * @param degreesOfFreedom effective degrees of freedom, at least 1, need not be whole, may be infinite
 * @param confidence one-sided, 0.5 to 0.9999
 * @example studentFactor(2) // 2.920 (one-sided 95 %, which is the two-sided 90 % column of JCGM 100 table G.2)
 */
export function studentFactor(degreesOfFreedom: number, confidence = CONFIDENCE): number {
  requireNumber('confidence', confidence, { min: 0.5, max: 0.9999 });
  if (degreesOfFreedom > NORMAL_FROM) return jstat.normal.inv(confidence, 0, 1);
  return jstat.studentt.inv(
    confidence,
    requireNumber('degreesOfFreedom', degreesOfFreedom, { min: 1 }),
  );
}
