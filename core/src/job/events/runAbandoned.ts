import { identifier, record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withOpenRun } from '../runs.ts';

export const runAbandoned = jobEvent({
  type: 'RunAbandoned',
  since: 1,
  data: record({ runId: identifier(), reason: text(300) }),
  says: (data) => `Measurement abandoned: ${data.reason}`,
  reduce: (state, { data }) =>
    withOpenRun(state, data.runId, (run) => ({ ...run, status: 'abandoned' })),
});
