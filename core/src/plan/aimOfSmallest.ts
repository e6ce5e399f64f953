import { bandTarget, type Band } from '../measure/index.ts';

/** Where the smallest place is to come to, so that the largest has room below the upper limit as well. mm. */
export function aimOfSmallest(band: Band, range: number): number {
  const { lower, upper } = band;
  const target = bandTarget(band);
  if (lower === null || upper === null) return target;
  return Math.min(target, Math.max(lower, (lower + upper - range) / 2));
}
