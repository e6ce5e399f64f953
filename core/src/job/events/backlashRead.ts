import { BACKLASH_CONTACTS, CARRIER_HOLDS, requirePlaces } from '../../gears/index.ts';
import { INSTRUMENT_SCHEMA } from '../../measure/index.ts';
import {
  degrees,
  identifier,
  list,
  millimetres,
  oneOf,
  orNull,
  record,
} from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withItem } from '../growing.ts';
import { inPlaceNow } from '../inPlace.ts';
import { RUN_STAGE_WORDS, RUN_STAGES } from '../kinds.ts';

/** Most places of a round. */
const MOST_PLACES = 36;

/** Backlash read round a gear, at marked places. mm, degrees. */
export const backlashRead = jobEvent({
  type: 'BacklashRead',
  since: 1,
  data: record({
    specId: identifier(),
    stage: oneOf(RUN_STAGES),
    /** How the carrier stood, and how the plunger. */
    held: oneOf(CARRIER_HOLDS),
    contact: oneOf(BACKLASH_CONTACTS),
    places: list(
      MOST_PLACES,
      record({
        angle: degrees(0, 360),
        value: millimetres(0, 10),
        face: orNull(millimetres(-10, 10)),
      }),
    ),
    instrument: INSTRUMENT_SCHEMA,
  }),
  joint: ({ places }) => requirePlaces(places),
  says: ({ places, stage }, tell) =>
    `Backlash at ${places.length} place${places.length === 1 ? '' : 's'}, ${RUN_STAGE_WORDS[stage]}: ${places
      .map(({ value }) => tell.digits(value))
      .join(', ')} ${tell.unit()}`,
  reduce: (state, { id: eventId, data, at }, order) => {
    if (state.sheet.finished !== null) return 'the job is finished';
    if (!state.specs.some(({ specId, kind }) => specId === data.specId && kind === 'backlash'))
      return `no backlash limits ${data.specId}`;
    requirePlaces(data.places);
    const row = { ...data, inPlace: inPlaceNow(state), order, eventId, at };
    return {
      ...state,
      measured: { ...state.measured, backlashes: withItem(state.measured.backlashes, row) },
    };
  },
});
