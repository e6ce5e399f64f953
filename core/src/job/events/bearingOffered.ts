import { identifier, millimetres, orNull, record, text } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { missingStation } from '../onUnit.ts';

/** The new bearing as it lies on the bench. */
export const bearingOffered = jobEvent({
  type: 'BearingOffered',
  since: 1,
  data: record({
    stationId: identifier(),
    designation: orNull(text(40)),
    dimensions: orNull(
      record({
        bore: millimetres(0.5, 2000),
        outside: millimetres(0.5, 3000),
        width: millimetres(0.5, 1000),
      }),
    ),
  }),
  says: ({ stationId, designation, dimensions }, tell) => {
    const size =
      dimensions === null
        ? ''
        : `${tell.digits(dimensions.bore, 'length', 2)} × ${tell.digits(dimensions.outside, 'length', 2)} × ${tell.show(dimensions.width, 'length', 2)}`;
    return `New for ${tell.name(stationId)}: ${designation ?? size}`;
  },
  reduce: (state, { data: { stationId, ...offered } }) =>
    missingStation(state, stationId) ?? {
      ...state,
      inspection: {
        ...state.inspection,
        offered: { ...state.inspection.offered, [stationId]: offered },
      },
    },
});
