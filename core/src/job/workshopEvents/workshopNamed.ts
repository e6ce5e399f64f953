import { record, text } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';

export const workshopNamed = workshopEvent({
  type: 'WorkshopNamed',
  since: 1,
  data: record({ name: text(80, 1) }),
  says: ({ name }) => `The workshop is called ${name}`,
  reduce: (state, { data }) => ({ ...state, name: data.name }),
});
