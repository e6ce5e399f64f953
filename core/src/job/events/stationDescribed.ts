import { identifier, record } from '../../schema/index.ts';
import { requireStation, STATION_SCHEMA, withStation } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

/** A station put on an axis, or described anew. */
export const stationDescribed = jobEvent({
  type: 'StationDescribed',
  since: 1,
  data: record({ axisId: identifier(), station: STATION_SCHEMA }),
  joint: ({ station }) => requireStation(station, new Set([station.partId]), 'station'),
  says: (data) => `Described: ${data.station.name}`,
  reduce: (state, { data: { axisId, station } }) =>
    withUnit(state, (unit) => {
      if (!unit.axes.some(({ id }) => id === axisId)) return `no axis ${axisId}`;
      requireStation(station, new Set(unit.parts.map(({ id }) => id)), 'station');
      return withStation(unit, axisId, station);
    }),
});
