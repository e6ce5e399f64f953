/** Hottest a rolling bearing ring may be, °C: sealed or greased, and open. Common practice, no source. */
export const RING_LIMIT = { sealed: 80, open: 120 } as const;

/** No reason lets a bearing be hotter, °C: just above it straw, the first temper colour, shows. Common practice, no source. */
export const RING_HARDNESS_LIMIT = 200;

/** A temperature that must not be passed, and why. °C. */
export interface HeatLimit {
  readonly limit: number;
  readonly reason: string;
}

/** The usual limit of a bearing. */
export function ringLimitOf(sealed: boolean): HeatLimit {
  return sealed
    ? { limit: RING_LIMIT.sealed, reason: 'its seals or grease take no more' }
    : { limit: RING_LIMIT.open, reason: 'a through-hardened ring loses its size and hardness' };
}
