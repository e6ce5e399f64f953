import { requireNumber, requireOneOf } from '../faults/index.ts';

/** Hand of a thread. */
export const THREAD_HANDS = ['right', 'left'] as const;
export type ThreadHand = (typeof THREAD_HANDS)[number];

/**
 * Change of end play when a threaded adjuster (or clamping nut) is turned.
 *
 * `Δ(end play) = −lead · angle / 360`, inwards positive; clockwise is inwards on a right-hand thread and
 * outwards on a left-hand one.
 *
 * @param lead thread lead in mm, 0.1 to 10
 * @param clockwiseAngle degrees turned, clockwise positive as seen from the outside
 * @throws InputError `outOfRange`, `unknownName`
 * @example adjusterPlay({ lead: 1.5, clockwiseAngle: 24, hand: 'right' }) // −0.1
 */
export function adjusterPlay(input: {
  readonly lead: number;
  readonly clockwiseAngle: number;
  readonly hand: ThreadHand;
}): number {
  const lead = requireNumber('lead', input.lead, { min: 0.1, max: 10, unit: 'mm' });
  const angle = requireNumber('clockwiseAngle', input.clockwiseAngle, {
    min: -3600,
    max: 3600,
    unit: '°',
  });
  const hand = requireOneOf('hand', input.hand, THREAD_HANDS);
  const inwards = hand === 'right' ? angle : -angle;
  return inwards === 0 ? 0 : (-lead * inwards) / 360;
}
