import { identifier, record } from '../../schema/index.ts';
import { withoutStation } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

export const stationRemoved = jobEvent({
  type: 'StationRemoved',
  since: 1,
  data: record({ stationId: identifier() }),
  says: (data, tell) => `Taken off the axis: ${tell.name(data.stationId)}`,
  reduce: (state, { data: { stationId } }) =>
    withUnit(state, (unit) =>
      unit.axes.some(({ stations }) => stations.some(({ id }) => id === stationId))
        ? withoutStation(unit, stationId)
        : `no station ${stationId}`,
    ),
});
