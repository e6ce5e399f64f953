import { contactsOf, INDICATOR_SCHEMA, INSTRUMENT_SCHEMA, judgeRun } from '../../measure/index.ts';
import { identifier, oneOf, record, yesNo } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { inPlaceNow } from '../inPlace.ts';
import { RUN_STAGES } from '../kinds.ts';
import { specOfRun, withRun } from '../runs.ts';
import type { Run } from '../stateRows.ts';

/** A measuring run begins. */
export const runOpened = jobEvent({
  type: 'RunOpened',
  since: 1,
  data: record({
    runId: identifier(),
    specId: identifier(),
    stage: oneOf(RUN_STAGES),
    /** The instrument as its card was on the day, so that the record stands on its own. */
    instrument: INSTRUMENT_SCHEMA,
    indicator: INDICATOR_SCHEMA,
    shaftHeld: yesNo(),
  }),
  says: (data) =>
    `Measurement started with ${data.instrument.name}, ${data.shaftHeld ? 'shaft held' : 'shaft can tip'}`,
  reduce: (state, { data, at, by }, order) => {
    const spec = specOfRun(state, data);
    if (typeof spec === 'string') return spec;
    if (data.instrument.kind !== undefined && contactsOf(data.instrument).length === 0)
      return `${data.instrument.name} cannot measure play`;
    judgeRun({ ...data, band: spec.band, cycles: [] }); // refuses an instrument that cannot be used
    const run: Run = {
      ...data,
      readings: [],
      status: 'open',
      inPlace: inPlaceNow(state),
      order,
      openedAt: at,
      by,
    };
    return withRun(state, run);
  },
});
