import { oneOf, record, text } from '../../schema/index.ts';
import { requireUnit, UNIT_SCHEMA, withoutEmptyDetails } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { JOB_SCOPES } from '../kinds.ts';

/** The unit is on the bench, and what is to be done to it. */
export const jobOpened = jobEvent({
  type: 'JobOpened',
  since: 1,
  data: record({ unit: UNIT_SCHEMA, reason: text(2000), scope: oneOf(JOB_SCOPES) }),
  joint: ({ unit }) => requireUnit(unit, 'unit.'),
  says: (data) => `Booked in: ${data.unit.name}. ${data.reason}`,
  reduce: (state, { data, at }) =>
    state.unit === null
      ? {
          ...state,
          unit: withoutEmptyDetails(requireUnit(data.unit)),
          sheet: { ...state.sheet, reason: data.reason, scope: data.scope, openedAt: at },
        }
      : 'the job is open already',
});
