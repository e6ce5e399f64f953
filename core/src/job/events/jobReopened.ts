import { record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';

export const jobReopened = jobEvent({
  type: 'JobReopened',
  since: 1,
  data: record({ reason: text(300) }),
  says: (data) => `Opened again: ${data.reason}`,
  reduce: (state) =>
    state.sheet.finished === null
      ? 'the job is not finished'
      : { ...state, sheet: { ...state.sheet, finished: null } },
});
