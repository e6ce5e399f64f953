import { INSTRUMENT_SCHEMA, judgeLengths } from '../../measure/index.ts';
import { identifier, list, millimetres, record, text, yesNo } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { inPlaceNow } from '../inPlace.ts';
import { specOfRun, withRun } from '../runs.ts';
import type { Run } from '../stateRows.ts';

/** Most lengths of a chain. */
const MOST_LENGTHS = 12;

/** A play worked out from depths and heights before the build that it is of: it stands as a trial run does, and proves nothing. */
export const playWorkedOut = jobEvent({
  type: 'PlayWorkedOut',
  since: 1,
  data: record({
    runId: identifier(),
    specId: identifier(),
    /** The instrument as its card was on the day. */
    instrument: INSTRUMENT_SCHEMA,
    lengths: list(
      MOST_LENGTHS,
      record({ name: text(60, 1), length: millimetres(0, 2000), takes: yesNo() }),
    ),
  }),
  says: ({ lengths, instrument }, tell) =>
    `Play worked out with ${instrument.name}: ${lengths
      .map(({ name, length, takes }) => `${takes ? '−' : '+'} ${name} ${tell.show(length)}`)
      .join(', ')}`,
  reduce: (state, { data, at, by }, order) => {
    const spec = specOfRun(state, data);
    if (typeof spec === 'string') return spec;
    judgeLengths(data.instrument, data.lengths, spec.band); // refuses what cannot be worked out
    const { runId, specId, instrument, lengths } = data;
    const run: Run = {
      runId,
      specId,
      instrument,
      stage: 'trial',
      indicator: { contact: 'faceSquareToTravel', angle: 0 },
      shaftHeld: true,
      readings: [],
      lengths,
      status: 'closed',
      inPlace: inPlaceNow(state),
      order,
      openedAt: at,
      by,
    };
    return withRun(state, run);
  },
});
