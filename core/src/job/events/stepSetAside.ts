import { record, stepId, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withStep } from '../withStep.ts';

/** Not needed on this job, and why. */
export const stepSetAside = jobEvent({
  type: 'StepSetAside',
  since: 1,
  data: record({ stepId: stepId(), reason: text(300, 1) }),
  says: (data, tell) => `Not needed: ${tell.step(data.stepId)}. ${data.reason}`,
  reduce: (state, { id, data, at, by }, order) =>
    withStep(state, data.stepId, {
      status: 'setAside',
      words: data.reason,
      order,
      eventId: id,
      at,
      by,
    }),
});
