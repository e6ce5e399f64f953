import { BENCH_PRESS } from './benchPress.ts';

/** A force that must not be passed, N, and whose it is. */
export interface ForceLimit {
  readonly limit: number;
  readonly reason: string;
}

/** What the workshop's press takes; that of a usual bench press where nobody has said. N. */
export function pressLimit(pressRating: number | null): ForceLimit {
  return pressRating === null
    ? {
        limit: BENCH_PRESS,
        reason: 'what a usual bench press takes; enter what yours is rated for',
      }
    : { limit: pressRating, reason: 'what the press can take' };
}

/** Whether a force stays within a limit, as a rule and at the most, in words. */
export function withinForce(
  { usual, most }: { readonly usual: number; readonly most: number },
  { limit, reason }: ForceLimit,
): { readonly stands: boolean; readonly limit: string } {
  const shown = `${kilonewtons(limit)}, ${reason}`;
  if (usual > limit) return { stands: false, limit: `more than ${shown}` };
  return {
    stands: true,
    limit:
      most > limit
        ? `as a rule within ${shown}; the tightest pair may want more`
        : `within ${shown}`,
  };
}

/** A force as it is said. */
export const kilonewtons = (force: number): string => `${(force / 1000).toFixed(1)} kN`;
