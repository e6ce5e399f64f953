import type { Station } from '../../unit/index.ts';

/** Along an axis: to the left, or to the right. */
export type Direction = -1 | 1;

/** A ring round an axis: where it begins and ends along it, and its diameters. mm. */
export interface Ring {
  readonly from: number;
  readonly to: number;
  readonly inner: number;
  readonly outer: number;
}

/** Rings whose diameters overlap by less than this pass each other, mm. A rule of this program. */
const PASSES = 0.15;
/** Ends along an axis that are nearer than this are one, mm. */
const SAME_END = 1e-6;

/** A station as one ring; of a part of it, by its own diameters. */
export const ringOf = (
  { at, width, inside, outside }: Station,
  inner = inside,
  outer = outside,
): Ring => ({ from: at, to: at + width, inner, outer });

/** Whether two rings cannot pass along their axis, whichever way. */
export const overlap = (one: Ring, other: Ring): boolean =>
  one.outer > other.inner + PASSES && other.outer > one.inner + PASSES;

/** Whether something that moves off along its axis meets what stands beyond it there. */
export const meets = (
  moving: readonly Ring[],
  standing: readonly Ring[],
  direction: Direction,
): boolean =>
  moving.some((one) =>
    standing.some(
      (other) =>
        overlap(one, other) &&
        (direction > 0
          ? other.to > one.to + SAME_END && other.from >= one.from - SAME_END
          : other.from < one.from - SAME_END && other.to <= one.to + SAME_END),
    ),
  );

/** Whether a ring lies somewhere over the length of a station. */
export const lies = ({ from, to }: Ring, { at, width }: Station): boolean =>
  from < at + width && to > at;

/** Middle of a station along its axis, mm. */
export const middleOf = ({ at, width }: Pick<Station, 'at' | 'width'>): number => at + width / 2;
