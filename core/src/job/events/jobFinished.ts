import { record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import type { Clock } from '../stateRows.ts';

export const jobFinished = jobEvent({
  type: 'JobFinished',
  since: 1,
  data: record({ note: text(2000) }),
  says: (data) => `Finished. ${data.note}`,
  reduce: (state, { data, at }) =>
    state.measured.runs.some(({ status }) => status === 'open')
      ? 'a measurement is still open'
      : {
          ...state,
          sheet: { ...state.sheet, finished: { note: data.note, at } },
          // Nothing of a closed job waits any more.
          heating: { ...state.heating, clocks: state.heating.clocks.map(stopped(at)) },
        },
});

const stopped =
  (at: string) =>
  (clock: Clock): Clock =>
    clock.stoppedAt === null ? { ...clock, stoppedAt: at } : clock;
