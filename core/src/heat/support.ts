import { BOSS, RING_SHARE, type SeatedRing } from '../pressFit/index.ts';

/** Room round what comes out, on the diameter, mm. A rule of this program. */
const CLEAR = 1;

/**
 * What a part rests on while a ring is pressed out of it: a support open wider than what comes out, under the boss; and how far
 * it travels until it falls free. mm. For a shaft pressed out of a ring it is the ring that rests.
 */
export function supportFor({
  ring,
  diameter,
  other,
  width,
}: Pick<SeatedRing, 'ring' | 'diameter' | 'other' | 'width'>): {
  readonly opening: number;
  readonly openingMost: number;
  readonly travel: number;
} {
  return ring === 'outer'
    ? { opening: diameter + CLEAR, openingMost: BOSS * diameter, travel: width }
    : {
        opening: diameter + CLEAR,
        openingMost: diameter + (RING_SHARE / 2) * (other - diameter),
        travel: width,
      };
}
