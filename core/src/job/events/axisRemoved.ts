import { identifier, record } from '../../schema/index.ts';
import { withoutAxis } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

export const axisRemoved = jobEvent({
  type: 'AxisRemoved',
  since: 1,
  data: record({ axisId: identifier() }),
  says: (data, tell) => `Axis taken away: ${tell.name(data.axisId)}`,
  reduce: (state, { data: { axisId } }) =>
    withUnit(state, (unit) =>
      unit.axes.length > 1 ? withoutAxis(unit, axisId) : 'a unit has at least one axis',
    ),
});
