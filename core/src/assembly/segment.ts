import type { Side } from '../unit/index.ts';

/** A piece of a body's outline: from one place to another along the axis, between two diameters. mm. */
export interface Segment {
  readonly from: number;
  readonly to: number;
  readonly inner: number;
  readonly outer: number;
}

/** Rings in each other's way overlap by more than this in diameter, mm: drawings are no closer. A rule of this program. */
const OVERLAP = 0.6;
/** What reaches no further than this beyond the edge of what moves is beside it, mm. A rule of this program. */
const BESIDE = 0.05;

/** Whether a piece that moves out to a side meets another one on its way. */
export function meets(moving: Segment, other: Segment, side: Side): boolean {
  const beyond =
    side === 'right' ? other.to > moving.to + BESIDE : other.from < moving.from - BESIDE;
  return (
    beyond && Math.min(moving.outer, other.outer) - Math.max(moving.inner, other.inner) > OVERLAP
  );
}

/** Whether any piece of what moves meets any piece of another on its way. */
export const anyMeets = (
  moving: readonly Segment[],
  others: readonly Segment[],
  side: Side,
): boolean => moving.some((one) => others.some((other) => meets(one, other, side)));
