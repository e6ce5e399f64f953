import { record } from '../../schema/index.ts';
import { BARE_AXIS_SCHEMA, requireAxis, withAxis } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

/** An axis put in, or described anew; what stands on it stays. */
export const axisDescribed = jobEvent({
  type: 'AxisDescribed',
  since: 1,
  data: record({ axis: BARE_AXIS_SCHEMA }),
  joint: ({ axis }) => requireAxis(axis, 'axis'),
  says: (data) => `Axis described: ${data.axis.name}`,
  reduce: (state, { data: { axis } }) =>
    withUnit(state, (unit) => withAxis(unit, requireAxis(axis, 'axis'))),
});
