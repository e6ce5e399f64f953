import 'reflect-metadata';
import { envelope, faultsOf } from './tests/batches.ts';

describe('the stock of the workshop', () => {
  const faults = (type: string, data: object) =>
    faultsOf('workshop', { events: [envelope(type, data)] }).map(({ field }) => field);
  const size = { sizeId: 'a', thickness: 0.3, uncertainty: 0.001, count: 3 };

  test.each<[string, string, object, string]>([
    ['a size of no thickness', 'SizeStocked', { ...size, thickness: 0 }, 'thickness'],
    ['a size thinner than nothing', 'SizeStocked', { ...size, thickness: -0.3 }, 'thickness'],
    ['fewer pieces than none', 'SizeStocked', { ...size, count: -1 }, 'count'],
    ['a price below nothing', 'SizeStocked', { ...size, price: -2 }, 'price'],
    [
      'half a micrometre on order',
      'SizeOrdered',
      { orderId: 'o', thickness: 0.3005, count: 1, price: null },
      'thickness',
    ],
    [
      'an order of nothing',
      'SizeOrdered',
      { orderId: 'o', thickness: 0.3, count: 0, price: null },
      'count',
    ],
    ['nothing that came', 'SizeReceived', { ...size, orderId: 'o', count: 0 }, 'count'],
    ['a cancelled order of no name', 'OrderCancelled', { orderId: '' }, 'orderId'],
  ])('should refuse %s', (_, type, data, field) => {
    expect(faults(type, data)).toContain(`events[0].data.${field}`);
  });

  test('should take counts, prices, orders and what comes of them', () => {
    expect(faults('SizeStocked', { ...size, price: 1.4 })).toEqual([]);
    expect(faults('SizeStocked', size)).toEqual([]);
    expect(faults('SizeOrdered', { orderId: 'o', thickness: 0.3, count: 2, price: 1.4 })).toEqual(
      [],
    );
    expect(faults('SizeReceived', { ...size, orderId: 'o' })).toEqual([]);
  });
});
