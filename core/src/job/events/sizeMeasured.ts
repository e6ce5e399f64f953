import {
  featuresOf,
  placesFor,
  requireSize,
  SIZE_FEATURE_TABLE,
  SIZE_FEATURES,
} from '../../inspect/index.ts';
import { INSTRUMENT_SCHEMA } from '../../measure/index.ts';
import { identifier, millimetres, oneOf, orNull, record, text } from '../../schema/index.ts';
import { findStation } from '../../unit/index.ts';
import { withEntry } from '../growing.ts';
import { jobEvent } from '../eventRow.ts';

/** One diameter or length at one place; a later one at the same place replaces it. */
export const sizeMeasured = jobEvent({
  type: 'SizeMeasured',
  since: 1,
  data: record({
    stationId: identifier(),
    feature: oneOf(SIZE_FEATURES),
    place: identifier(),
    value: millimetres(-100, 2000),
    typed: orNull(text(40)),
    instrument: INSTRUMENT_SCHEMA,
  }),
  joint: ({ feature, value }) => requireSize(feature, value),
  says: ({ stationId, feature, place, value, instrument }, tell) =>
    `${tell.name(stationId)}, ${SIZE_FEATURE_TABLE[feature].words.toLowerCase()} ${place}: ${tell.show(value)} with ${instrument.name}`,
  reduce: (state, { data, at, by }) => {
    const { stationId, feature, place, value, typed, instrument } = data;
    const station = findStation(state.unit!, stationId)?.station;
    if (station === undefined) return `no station ${stationId}`;
    if (!featuresOf(station.kind).includes(feature)) return `no ${feature} on ${station.name}`;
    if (!placesFor(feature, station.count).some(({ id }) => id === place))
      return `no place ${place}`;
    requireSize(feature, value);
    const sizes = state.inspection.sizes[stationId] ?? {};
    const measured = { value, typed, instrument, at, by };
    const places = withEntry(sizes[feature] ?? {}, place, measured);
    return {
      ...state,
      inspection: {
        ...state.inspection,
        sizes: withEntry(state.inspection.sizes, stationId, withEntry(sizes, feature, places)),
      },
    };
  },
});
