import { identifier, list, record } from '../../schema/index.ts';
import {
  MOST_STATIONS,
  requireStation,
  STATION_SCHEMA,
  withStation,
  type Station,
} from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

/** A station put on an axis, with those that it pushed along: the first is the one that was put there. */
export const stationsPlaced = jobEvent({
  type: 'StationsPlaced',
  since: 1,
  data: record({ axisId: identifier(), stations: list(MOST_STATIONS, STATION_SCHEMA) }),
  joint: ({ stations }) => eachSound(stations, new Set(stations.map(({ partId }) => partId))),
  says: ({ stations }) =>
    stations.length === 0
      ? 'Nothing put on the axis'
      : `Put on the axis: ${stations[0]!.name}${stations.length > 1 ? `, ${stations.length - 1} moved along` : ''}`,
  reduce: (state, { data: { axisId, stations } }) =>
    withUnit(state, (unit) => {
      if (!unit.axes.some(({ id }) => id === axisId)) return `no axis ${axisId}`;
      eachSound(stations, new Set(unit.parts.map(({ id }) => id)));
      return stations.reduce((changed, station) => withStation(changed, axisId, station), unit);
    }),
});

function eachSound(stations: readonly Station[], partIds: ReadonlySet<string>): void {
  stations.forEach((station, index) => requireStation(station, partIds, `stations[${index}]`));
}
