import { record, uuid } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';

/** Takes back an earlier event; taking back an `Undone` brings the event back. It is worked off before the reducers. */
export const undone = jobEvent({
  type: 'Undone',
  since: 1,
  data: record({ eventId: uuid() }),
  changesWhatWas: true,
  says: () => 'Undone',
  reduce: (state) => state,
});
