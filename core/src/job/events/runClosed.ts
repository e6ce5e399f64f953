import { identifier, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { verdictOf, withOpenRun } from '../runs.ts';

/** The verdict of a run is accepted. */
export const runClosed = jobEvent({
  type: 'RunClosed',
  since: 1,
  data: record({ runId: identifier() }),
  says: () => 'Verdict accepted',
  reduce: (state, { data }) => {
    const run = state.measured.runs.find(({ runId }) => runId === data.runId);
    if (run !== undefined && run.status === 'open' && verdictOf(state, run)?.status !== 'judged')
      return 'the measurement has no verdict yet';
    return withOpenRun(state, data.runId, (open) => ({ ...open, status: 'closed' }));
  },
});
