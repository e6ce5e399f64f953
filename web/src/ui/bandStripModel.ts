import { bandTarget, type Band } from '@wendaxis/core/measure';

/** A measured value with its one-sided 95 % uncertainty; `low` and `high` differ when the angle matters. mm. */
export interface StripValue {
  readonly low: number;
  readonly high: number;
  readonly expanded: number;
}

/** Places along the strip, 0 (left) to 1 (right). */
export interface StripModel {
  readonly band: { readonly from: number; readonly to: number };
  /** Zones next to each limit in which nothing can be proven. */
  readonly guards: readonly { readonly from: number; readonly to: number }[];
  readonly target: number;
  readonly value: {
    readonly from: number;
    readonly to: number;
    readonly low: number;
    readonly high: number;
  } | null;
  /** The ends of the strip, mm. */
  readonly ends: { readonly from: number; readonly to: number };
}

/** Room beyond what has to be seen, as a share of it. */
const MARGIN = 0.12;

/**
 * Lay a band and a value out on one strip.
 * @param guard guard band at each limit, mm; 0 when nothing was measured
 */
export function bandStripModel(band: Band, value: StripValue | null, guard: number): StripModel {
  const limits = [band.lower, band.upper].filter((limit) => limit !== null);
  const reach = value === null ? [] : [value.low - value.expanded, value.high + value.expanded];
  const zones = limits.flatMap((limit) => [limit - guard, limit + guard]);
  const seen = [...limits, ...reach, ...zones, bandTarget(band)];
  const span = Math.max(...seen) - Math.min(...seen) || 0.1;
  const ends = { from: Math.min(...seen) - MARGIN * span, to: Math.max(...seen) + MARGIN * span };
  const place = (mm: number) => (mm - ends.from) / (ends.to - ends.from);
  return {
    ends,
    band: {
      from: band.lower === null ? 0 : place(band.lower),
      to: band.upper === null ? 1 : place(band.upper),
    },
    guards:
      guard === 0
        ? []
        : limits.map((limit) => ({ from: place(limit - guard), to: place(limit + guard) })),
    target: place(bandTarget(band)),
    value:
      value === null
        ? null
        : {
            from: place(value.low - value.expanded),
            to: place(value.high + value.expanded),
            low: place(value.low),
            high: place(value.high),
          },
  };
}
