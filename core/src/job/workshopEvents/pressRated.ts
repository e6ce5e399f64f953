import { number, record } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';

/** What the workshop's press stands, N. */
export const pressRated = workshopEvent({
  type: 'PressRated',
  since: 1,
  data: record({ rating: number(1000, 5_000_000, 'N') }),
  says: ({ rating }, tell) => `Press capacity ${tell.show(rating, 'force')}`,
  reduce: (state, { data }) => ({ ...state, pressRating: data.rating }),
});
