import { record, text } from '../../schema/index.ts';
import { requireUnit, UNIT_SCHEMA, withoutEmptyDetails } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { JOB_SCOPE_FIELDS, requireInUnit, requireRenewal, withScope } from '../jobScope.ts';

/** The unit is on the bench, how it came there, and what is to be done to it. */
export const jobOpened = jobEvent({
  type: 'JobOpened',
  since: 1,
  data: record({ unit: UNIT_SCHEMA, reason: text(2000), ...JOB_SCOPE_FIELDS }),
  joint: (data) => {
    requireUnit(data.unit, 'unit.');
    requireRenewal(data);
    requireInUnit(data.unit, data);
  },
  says: (data) => `Booked in: ${data.unit.name}. ${data.reason}`,
  reduce: (state, { data, at }) => {
    if (state.unit !== null) return 'the job is open already';
    return withScope(
      {
        ...state,
        unit: withoutEmptyDetails(requireUnit(data.unit)),
        sheet: { ...state.sheet, reason: data.reason, openedAt: at },
      },
      data,
    );
  },
});
