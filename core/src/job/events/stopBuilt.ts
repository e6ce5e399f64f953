import { INSTRUMENT_SCHEMA } from '../../measure/index.ts';
import {
  requireDriver,
  requireSpacer,
  DRIVER_SCHEMA,
  SPACER_SCHEMA,
} from '../../pressTools/index.ts';
import { identifier, list, millimetres, orNull, record, text, whole } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { missingStation } from '../onUnit.ts';

/** Most sizes in a stack. */
const MOST_SIZES = 5;

/** The driver that something is pressed with, the spacers under its collar, and what was measured from the collar's stop to its end. */
export const stopBuilt = jobEvent({
  type: 'StopBuilt',
  since: 1,
  data: record({
    stationId: identifier(),
    driver: DRIVER_SCHEMA,
    pieces: list(MOST_SIZES, record({ spacer: SPACER_SCHEMA, count: whole(1, 5) })),
    /** From the underside of the stack to the end of the nose; null where it was not measured. */
    measured: orNull(
      record({ length: millimetres(-5, 500), typed: text(40), instrument: INSTRUMENT_SCHEMA }),
    ),
  }),
  joint: ({ driver, pieces }) => {
    requireDriver(driver);
    for (const { spacer } of pieces) requireSpacer(spacer);
  },
  says: ({ stationId, driver, pieces, measured }, tell) =>
    `Driver for ${tell.name(stationId)}: ${[
      driver.name,
      ...pieces.map(({ spacer, count }) => `${count} × ${spacer.name}`),
    ].join(', ')}${measured === null ? '' : `, measured ${tell.show(measured.length)}`}`,
  reduce: (state, { data }) =>
    missingStation(state, data.stationId) ?? {
      ...state,
      fitting: {
        ...state.fitting,
        stops: { ...state.fitting.stops, [data.stationId]: data },
      },
    },
});
