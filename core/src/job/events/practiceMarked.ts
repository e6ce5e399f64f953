import { record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';

/** A job for practice, as a whole: readings of simulated devices count in it, and not a record of a real unit. */
export const practiceMarked = jobEvent({
  type: 'PracticeMarked',
  since: 1,
  data: record({ reason: text(300) }),
  changesWhatWas: true,
  says: (data) =>
    `Marked as practice: simulated readings count, no record of a real unit. ${data.reason}`,
  reduce: (state) => state,
});
