import { record } from '../../schema/index.ts';
import { PART_SCHEMA, requirePart, withPart } from '../../unit/index.ts';
import { jobEvent } from '../eventRow.ts';
import { withUnit } from '../onUnit.ts';

/** A part put in, or described anew. */
export const partDescribed = jobEvent({
  type: 'PartDescribed',
  since: 1,
  data: record({ part: PART_SCHEMA }),
  joint: ({ part }) => requirePart(part, 'part'),
  says: (data) => `Part described: ${data.part.name}`,
  reduce: (state, { data: { part } }) =>
    withUnit(state, (unit) => withPart(unit, requirePart(part, 'part'))),
});
