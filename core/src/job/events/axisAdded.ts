import { list, record } from '../../schema/index.ts';
import { AXIS_SCHEMA, MOST_PARTS, PART_SCHEMA, requireUnit } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

/** An axis put into the unit with all that stands on it, and with the parts that come with it. */
export const axisAdded = jobEvent({
  type: 'AxisAdded',
  since: 1,
  data: record({ axis: AXIS_SCHEMA, parts: list(MOST_PARTS, PART_SCHEMA) }),
  says: ({ axis }) => `Axis added: ${axis.name}`,
  reduce: (state, { data: { axis, parts } }) =>
    withUnit(state, (unit) =>
      requireUnit({ ...unit, axes: [...unit.axes, axis], parts: [...unit.parts, ...parts] }),
    ),
});
