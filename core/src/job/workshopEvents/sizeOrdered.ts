import { identifier, millimetres, number, orNull, record, whole } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { requireMicrometres } from '../pieces.ts';
import { replaced } from '../rowsById.ts';

/** Pieces on order. */
export const sizeOrdered = workshopEvent({
  type: 'SizeOrdered',
  since: 1,
  data: record({
    orderId: identifier(),
    thickness: millimetres(0.001, 20),
    count: whole(1, 400),
    price: orNull(number(0, 100_000)),
  }),
  joint: ({ thickness }) => requireMicrometres(thickness),
  says: ({ count, thickness }, tell) => `Ordered: ${count} shims of ${tell.show(thickness)}`,
  reduce: (state, { data }) => ({
    ...state,
    orders: replaced(state.orders, data, (row) => row.orderId),
  }),
});
