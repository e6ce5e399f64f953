import { DRIVER_SCHEMA, requireDriver } from '../../pressTools/index.ts';
import { record } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { replaced } from '../rowsById.ts';

/** A driver, tube or disc that things are pressed with; the same id replaces it. */
export const driverKept = workshopEvent({
  type: 'DriverKept',
  since: 1,
  data: record({ driver: DRIVER_SCHEMA }),
  joint: ({ driver }) => requireDriver(driver),
  says: ({ driver }) => `Driver: ${driver.name}`,
  reduce: (state, { data: { driver } }) => ({
    ...state,
    drivers: replaced(state.drivers, driver, ({ id }) => id),
  }),
});
