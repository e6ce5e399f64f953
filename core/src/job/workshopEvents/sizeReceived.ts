import { identifier, millimetres, record, whole } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { requireMicrometres } from '../pieces.ts';
import { replaced, withoutOrder } from '../rowsById.ts';

/** What came of an order, measured: it goes into the box as a size of its own, or with pieces of the same size. */
export const sizeReceived = workshopEvent({
  type: 'SizeReceived',
  since: 1,
  data: record({
    orderId: identifier(),
    sizeId: identifier(),
    thickness: millimetres(0.001, 20),
    uncertainty: millimetres(0, 0.1),
    count: whole(1, 400),
  }),
  joint: ({ thickness }) => requireMicrometres(thickness),
  says: ({ count, thickness }, tell) => `Received: ${count} shims of ${tell.show(thickness)}`,
  reduce: (state, { data: { orderId, sizeId: id, thickness, uncertainty, count } }) => {
    const order = state.orders.find((row) => row.orderId === orderId);
    const before = state.sizes.find((row) => row.id === id);
    const size = {
      ...before,
      id,
      thickness,
      uncertainty: Math.max(uncertainty, before?.uncertainty ?? 0),
      count: count + (before?.count ?? 0),
      price: order?.price ?? before?.price ?? null,
    };
    return {
      ...state,
      orders: withoutOrder(state.orders, orderId),
      sizes: replaced(state.sizes, size, (row) => row.id),
    };
  },
});
