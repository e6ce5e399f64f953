import { requireRod, ROD_SCHEMA } from '../../pressTools/index.ts';
import { record } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { replaced } from '../rowsById.ts';

/** A threaded rod or screw that things are drawn in with; the same id replaces it. */
export const rodKept = workshopEvent({
  type: 'RodKept',
  since: 1,
  data: record({ rod: ROD_SCHEMA }),
  joint: ({ rod }) => requireRod(rod),
  says: ({ rod }) => `Draw rod: ${rod.name}`,
  reduce: (state, { data: { rod } }) => ({
    ...state,
    rods: replaced(state.rods, rod, ({ id }) => id),
  }),
});
