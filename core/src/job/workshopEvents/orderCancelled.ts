import { identifier, record } from '../../schema/index.ts';
import { workshopEvent } from '../eventRow.ts';
import { withoutOrder } from '../rowsById.ts';

export const orderCancelled = workshopEvent({
  type: 'OrderCancelled',
  since: 1,
  data: record({ orderId: identifier() }),
  says: () => 'An order cancelled',
  reduce: (state, { data }) => ({ ...state, orders: withoutOrder(state.orders, data.orderId) }),
});
