import { record, uuid } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';

/** As of a job: takes back an earlier event. */
export const workshopUndone = workshopEvent({
  type: 'Undone',
  since: 1,
  data: record({ eventId: uuid() }),
  changesWhatWas: true,
  says: () => 'Undone',
  reduce: (state) => state,
});
