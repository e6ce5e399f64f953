import type { Band } from './band.ts';
import type { DecisionWord } from './decision.ts';

/**
 * Whether a value of which only two bounds are known lies within its limits: it does where both bounds do, it does not where both lie
 * on the same side outside (the sense of ISO 14253-1, the uncertainty being in the bounds).
 *
 * @example judgeRange({ least: 0.02, most: 0.05 }, { lower: 0.03, upper: null, target: null }) // 'cannotDecide'
 */
export function judgeRange(
  { least, most }: { readonly least: number; readonly most: number },
  { lower, upper }: Band,
): DecisionWord {
  const [from, to] = [lower ?? -Infinity, upper ?? Infinity];
  if (most < from || least > to) return 'doesNotConform';
  return least >= from && most <= to ? 'conforms' : 'cannotDecide';
}
