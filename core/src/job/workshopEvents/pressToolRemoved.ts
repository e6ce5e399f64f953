import { identifier, record } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';

/** A driver, rod or spacer that the workshop has no more. */
export const pressToolRemoved = workshopEvent({
  type: 'PressToolRemoved',
  since: 1,
  data: record({ toolId: identifier() }),
  says: () => 'A driver, rod or spacer taken away',
  reduce: (state, { data: { toolId } }) => ({
    ...state,
    drivers: state.drivers.filter(({ id }) => id !== toolId),
    rods: state.rods.filter(({ id }) => id !== toolId),
    spacers: state.spacers.filter(({ id }) => id !== toolId),
  }),
});
