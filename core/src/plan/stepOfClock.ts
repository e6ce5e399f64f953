import { STATION_CLOCKS, type ClockKind } from '../job/index.ts';
import type { RuleId } from './ruleIds.ts';

/** The step at which a clock of a ring belongs. */
const RING_STEPS: Readonly<Partial<Record<ClockKind, RuleId>>> = {
  ringWarming: 'seatInner',
  ringFreezing: 'seatOuter',
};

/** Where a clock belongs: at the heat of its part, at the step of its ring, or at the plan. */
export type ClockPlace =
  | { readonly at: 'heat'; readonly partId: string }
  | { readonly at: 'step'; readonly stepId: string }
  | { readonly at: 'plan' };

/** The place in a job where what a clock runs for is done. */
export function placeOfClock(kind: ClockKind, targetId: string): ClockPlace {
  if (!STATION_CLOCKS.includes(kind)) return { at: 'heat', partId: targetId };
  const rule = RING_STEPS[kind];
  return rule === undefined ? { at: 'plan' } : { at: 'step', stepId: `${rule}:${targetId}` };
}

/** A clock that was heard is left in sight for this long past its time, s. A rule of this program. */
const KEPT_IN_SIGHT = 3600;

/** Whether a clock is still shown: until it was heard, and for an hour after its time. @param past s since its time; below 0 before it */
export const isInSight = (heard: boolean, past: number): boolean => !heard || past < KEPT_IN_SIGHT;
