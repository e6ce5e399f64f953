import type { SizeFeature } from '../../inspect/index.ts';
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

/** What is measured of a ring once it is in: it says nothing of one that goes in anew. */
const OF_FITTED: readonly SizeFeature[] = ['fittedBore', 'plugPasses', 'seatedDepth', 'holeOffset'];

/** Sizes as measured, without those of what was in. */
function withoutFitted({ inspection: { sizes } }: JobState, stationId: string) {
  const taken = sizes[stationId];
  if (taken === undefined || !OF_FITTED.some((feature) => feature in taken)) return sizes;
  const rest = Object.entries(taken).filter(
    ([feature]) => !OF_FITTED.some((one) => one === feature),
  );
  return { ...sizes, [stationId]: Object.fromEntries(rest) };
}
