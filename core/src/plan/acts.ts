import type { JobState } from '../job/index.ts';
import type { Axis } from '../unit/index.ts';
import type { RuleId } from './ruleIds.ts';
import { sleeveNut } from './sleeves.ts';

/**
 * Rules whose steps move something that a figure of the axis depends on: how far the parts lie apart, how hard they are
 * held, what drags on the shaft. What was measured before such a step does not speak for what is there after it.
 */
export const MOVING_RULES: readonly RuleId[] = [
  'assemble',
  'checkStack',
  'crush',
  'fitSealEarly',
  'loadRollers',
  'newPart',
  'placeShims',
  'repair',
  'retain',
  'seatInner',
  'seatOuter',
  'setAdjuster',
  'shells',
  'torque',
];

/** When something that a figure of an axis depends on was last moved, among all that happened; 0 when nothing was. */
export function lastAct(state: JobState, axis: Axis): number {
  const ids = axis.stations.map(({ id }) => id);
  const ticked = [axis.id, ...ids].flatMap((id) =>
    MOVING_RULES.map((rule) => {
      const step = state.steps[`${rule}:${id}`];
      return step?.status === 'done' ? step.order : 0;
    }),
  );
  const crushed = state.torques.findLast((row) => row.axisId === axis.id && row.stage === 'crush');
  return Math.max(0, crushed?.order ?? 0, ...ticked, ...ids.map((id) => state.moved[id] ?? 0));
}

/** Whether nuts and bolts of an axis still want their torque, after which its figures are proven. */
export function torqueIsOpen({ scope, steps }: JobState, axis: Axis): boolean {
  if (scope === 'setPlay') return false;
  const last = sleeveNut(axis)?.id;
  return axis.stations.some(
    ({ id, kind }) =>
      (kind === 'nut' || kind === 'bolts') && id !== last && steps[`torque:${id}`] === undefined,
  );
}
