import { OUTCOME_WORDS } from '../kinds.ts';
import { identifier, oneOf, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { SEAT_OUTCOMES } from '../kinds.ts';
import { missingStation } from '../onUnit.ts';

/** How a ring went in. */
export const seatTried = jobEvent({
  type: 'SeatTried',
  since: 1,
  data: record({ stationId: identifier(), outcome: oneOf(SEAT_OUTCOMES) }),
  // A ring that went in anew has not been checked yet.
  says: (data, tell) =>
    `${tell.name(data.stationId)}: ${OUTCOME_WORDS[data.outcome].toLowerCase()}`,
  reduce: (state, { data: { stationId, outcome }, at }) =>
    missingStation(state, stationId) ?? {
      ...state,
      fitting: {
        ...state.fitting,
        tries: {
          ...state.fitting.tries,
          [stationId]: [...(state.fitting.tries[stationId] ?? []), { outcome, at }],
        },
        seating: { ...state.fitting.seating, [stationId]: {} },
      },
    },
});
