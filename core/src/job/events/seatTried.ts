import { OUTCOME_WORDS } from '../kinds.ts';
import { identifier, oneOf, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { SEAT_OUTCOMES } from '../kinds.ts';
import { missingStation } from '../onUnit.ts';
import type { JobState } from '../state.ts';

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
      inspection: { ...state.inspection, sizes: withoutFitted(state, stationId) },
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

/** Sizes as measured, without the bore of what goes in anew: it closes in by another amount. */
function withoutFitted({ inspection: { sizes } }: JobState, stationId: string) {
  const { fittedBore: gauged, ...rest } = sizes[stationId] ?? {};
  return gauged === undefined ? sizes : { ...sizes, [stationId]: rest };
}
