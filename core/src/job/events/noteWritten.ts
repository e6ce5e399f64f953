import { record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withItem } from '../growing.ts';

export const noteWritten = jobEvent({
  type: 'NoteWritten',
  since: 1,
  data: record({ text: text(4000, 1) }),
  says: (data) => `Note: ${data.text}`,
  reduce: (state, { data, at, by }) => ({
    ...state,
    sheet: { ...state.sheet, notes: withItem(state.sheet.notes, { text: data.text, at, by }) },
  }),
});
