import {
  DEPTH_LENGTH_TABLE,
  DEPTH_LENGTHS,
  DEPTH_METHODS,
  ETCHING_SIGNS,
} from '../../gears/index.ts';
import { INSTRUMENT_SCHEMA } from '../../measure/index.ts';
import { identifier, leftOut, millimetres, oneOf, orNull, record } from '../../schema/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withItem } from '../growing.ts';
import { inPlaceNow } from '../inPlace.ts';
import { missingMesh } from '../onUnit.ts';

/** What the depth of a pinion is worked out from, as it was read: lengths in mm. */
export const depthTaken = jobEvent({
  type: 'DepthTaken',
  since: 1,
  data: record({
    meshId: identifier(),
    method: oneOf(DEPTH_METHODS),
    lengths: record(
      Object.fromEntries(
        DEPTH_LENGTHS.map((name) => {
          const { least, most } = DEPTH_LENGTH_TABLE[name];
          return [name, leftOut(millimetres(least, most))];
        }),
      ),
    ),
    /** What a plus means on this pinion; null where it is not known. */
    sign: orNull(oneOf(ETCHING_SIGNS)),
    instrument: INSTRUMENT_SCHEMA,
  }),
  says: ({ lengths }, tell) =>
    `Depth of the pinion: ${DEPTH_LENGTHS.flatMap((name) => {
      const value = (lengths as Readonly<Record<string, number | undefined>>)[name];
      const words = DEPTH_LENGTH_TABLE[name].words;
      return value === undefined
        ? []
        : [`${words.charAt(0).toLowerCase()}${words.slice(1)} ${tell.show(value)}`];
    }).join('; ')}`,
  reduce: (state, { id: eventId, data, at }, order) => {
    const missing = missingMesh(state, data.meshId);
    if (missing !== null) return missing;
    const row = { ...data, inPlace: inPlaceNow(state), order, eventId, at };
    return {
      ...state,
      measured: { ...state.measured, depths: withItem(state.measured.depths, row) },
    };
  },
});
