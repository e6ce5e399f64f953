import { record, stepId, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withNewSleeve } from '../newSleeve.ts';
import { withStep } from '../withStep.ts';

export const stepDone = jobEvent({
  type: 'StepDone',
  since: 1,
  data: record({ stepId: stepId(), note: text(500) }),
  says: (data, tell) =>
    `Done: ${tell.step(data.stepId)}${data.note === '' ? '' : `. ${data.note}`}`,
  reduce: (state, { id, data: { stepId: step, note }, at, by }, order) => {
    const done = { status: 'done', words: note, order, eventId: id, at, by } as const;
    const told = withStep(state, step, done);
    return typeof told === 'string' ? told : withNewSleeve(told, step, order);
  },
});
