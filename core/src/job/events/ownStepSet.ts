import { record } from '../../schema/index.ts';
import { MOST_OWN_STEPS, OWN_STEP_SCHEMA, requireOwnStep, withOwnStep } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

/** A step of one's own, put by a step of the plan or worded anew. */
export const ownStepSet = jobEvent({
  type: 'OwnStepSet',
  since: 1,
  data: record({ step: OWN_STEP_SCHEMA }),
  joint: ({ step }) => requireOwnStep(step, 'step'),
  says: ({ step: { title, side, by } }, tell) => `Own step ${side} “${tell.step(by)}”: ${title}`,
  reduce: (state, { data: { step } }) =>
    withUnit(state, (unit) => {
      const others = (unit.ownSteps ?? []).filter(({ id }) => id !== step.id);
      return others.length < MOST_OWN_STEPS
        ? withOwnStep(unit, step)
        : `at most ${MOST_OWN_STEPS} steps of your own`;
    }),
});
