import { record, stepId, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withStep } from '../withStep.ts';

export const stepDone = jobEvent({
  type: 'StepDone',
  since: 1,
  data: record({ stepId: stepId(), note: text(500) }),
  says: (data, tell) =>
    `Done: ${tell.step(data.stepId)}${data.note === '' ? '' : `. ${data.note}`}`,
  reduce: (state, { id, data, at, by }, order) =>
    withStep(state, data.stepId, { status: 'done', words: data.note, order, eventId: id, at, by }),
});
