import type { Closure } from '../bearings/index.ts';

/** Hottest a rolling bearing ring may be, °C: sealed or greased, and open. Common practice, no source. */
export const RING_LIMIT = { sealed: 80, open: 120 } as const;

/** No reason lets a bearing be hotter, °C: just above it straw, the first temper colour, shows. Common practice, no source. */
export const RING_HARDNESS_LIMIT = 200;

/** A temperature that must not be passed, and why. °C. */
export interface HeatLimit {
  readonly limit: number;
  readonly reason: string;
}

/**
 * The usual limit of a bearing.
 * @param closure whether it has seals or shields; where that is not known the safe limit is taken, and said
 * @param unread pieces of what is printed on it that nobody understands
 */
export function ringLimitOf(closure: Closure, unread: readonly string[] = []): HeatLimit {
  const open = 'a through-hardened ring loses its size and hardness';
  const rows: Readonly<Record<Closure, HeatLimit>> = {
    closed: { limit: RING_LIMIT.sealed, reason: 'its seals or grease take no more' },
    unknown: {
      limit: RING_LIMIT.sealed,
      reason: `what ${unread.join(' ')} on it means is not known, so it is taken as sealed`,
    },
    open: { limit: RING_LIMIT.open, reason: open },
    unsaid: { limit: RING_LIMIT.open, reason: `${open}; taken as open, nothing says otherwise` },
  };
  return rows[closure];
}
