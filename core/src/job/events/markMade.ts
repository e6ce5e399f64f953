import { identifier, record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { missingStation } from '../onUnit.ts';

/** A position marked before it comes apart: caps, nuts, which way round. */
export const markMade = jobEvent({
  type: 'MarkMade',
  since: 1,
  data: record({ stationId: identifier(), text: text(300, 1) }),
  says: (data, tell) => `Marked ${tell.name(data.stationId)}: ${data.text}`,
  reduce: (state, { data: { stationId, text: words }, at, by }) =>
    missingStation(state, stationId) ?? {
      ...state,
      inspection: {
        ...state.inspection,
        marks: {
          ...state.inspection.marks,
          [stationId]: [...(state.inspection.marks[stationId] ?? []), { text: words, at, by }],
        },
      },
    },
});
