import { identifier, record, text } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { replaced } from '../rowsById.ts';

/** Somebody who works here; the same id replaces them. */
export const personAdded = workshopEvent({
  type: 'PersonAdded',
  since: 1,
  data: record({ personId: identifier(), name: text(60, 1), role: text(60) }),
  says: ({ name }) => `Works here: ${name}`,
  reduce: (state, { data }) => ({
    ...state,
    people: replaced(state.people, data, (row) => row.personId),
  }),
});
