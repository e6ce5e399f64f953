import { SEATING_CHECKS } from '../../seating/index.ts';
import { identifier, oneOf, record, yesNo } from '../../schema/index.ts';
import { SEATING_CHECK_IDS } from '../../seating/index.ts';
import { jobEvent } from '../eventRow.ts';
import { hasAxis, missingStation } from '../onUnit.ts';

/** One check of a seat, or of a shaft for side load. Of a check made twice the last counts. */
export const seatChecked = jobEvent({
  type: 'SeatChecked',
  since: 1,
  data: record({
    /** Station or axis. */
    targetId: identifier(),
    check: oneOf(SEATING_CHECK_IDS),
    good: yesNo(),
  }),
  says: ({ targetId, check, good }, tell) =>
    `Checked ${tell.name(targetId)}: ${tell.told(SEATING_CHECKS[check].words)}: ${good ? 'yes' : 'no'}`,
  reduce: (state, { data: { targetId, check, good }, at }) => {
    if (!hasAxis(state, targetId) && missingStation(state, targetId) !== null)
      return `no station or axis ${targetId}`;
    const checks = { ...state.fitting.seating[targetId], [check]: { good, at } };
    return {
      ...state,
      fitting: { ...state.fitting, seating: { ...state.fitting.seating, [targetId]: checks } },
    };
  },
});
