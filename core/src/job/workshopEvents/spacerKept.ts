import { requireSpacer, SPACER_SCHEMA } from '../../pressTools/index.ts';
import { record } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { replaced } from '../rowsById.ts';

/** Spacers or washers of one size that a driver is stopped with; the same id replaces them. */
export const spacerKept = workshopEvent({
  type: 'SpacerKept',
  since: 1,
  data: record({ spacer: SPACER_SCHEMA }),
  joint: ({ spacer }) => requireSpacer(spacer),
  says: ({ spacer }) => `Spacer: ${spacer.name}`,
  reduce: (state, { data: { spacer } }) => ({
    ...state,
    spacers: replaced(state.spacers, spacer, ({ id }) => id),
  }),
});
