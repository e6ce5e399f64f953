import { identifier, record } from '../../schema/index.ts';
import { withoutPart } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

export const partRemoved = jobEvent({
  type: 'PartRemoved',
  since: 1,
  data: record({ partId: identifier() }),
  says: (data, tell) => `Part taken away: ${tell.name(data.partId)}`,
  reduce: (state, { data: { partId } }) =>
    withUnit(state, (unit) => {
      const stations = unit.axes.flatMap((axis) => axis.stations);
      const user = stations.find((station) => station.partId === partId);
      return user === undefined ? withoutPart(unit, partId) : `${user.name} is on it`;
    }),
});
