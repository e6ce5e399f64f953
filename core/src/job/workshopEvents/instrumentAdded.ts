import { INSTRUMENT_SCHEMA } from '../../measure/index.ts';
import { identifier, orNull, record } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { replaced } from '../rowsById.ts';

/** An instrument; the same id replaces it. */
export const instrumentAdded = workshopEvent({
  type: 'InstrumentAdded',
  since: 1,
  data: record({
    instrument: INSTRUMENT_SCHEMA,
    /** Device that streams its readings; null when it is read by eye. */
    deviceId: orNull(identifier()),
  }),
  says: ({ instrument }) => `Instrument: ${instrument.name}`,
  reduce: (state, { data: { instrument, deviceId } }) => ({
    ...state,
    instruments: replaced(state.instruments, { ...instrument, deviceId }, (row) => row.id),
  }),
});
