import { nearestSize, readCount, readPrice, stockRows } from './stockEntry.ts';

const SIZES = [
  { id: 'b', thickness: 0.203, uncertainty: 0.001, count: 5, price: 1.5 },
  { id: 'a', thickness: 0.102, uncertainty: 0.001, count: 6, price: null },
];
const order = (orderId: string, thickness: number, count: number) => ({
  orderId,
  thickness,
  count,
  price: null,
});

describe('the box as it stands', () => {
  test('should take off what jobs hold, and count what is on order to its nearest size', () => {
    const rows = stockRows(SIZES, { b: 2 }, [
      order('1', 0.2, 4),
      order('2', 0.1, 3),
      order('3', 0.15, 9),
    ]);
    expect(
      rows.map(({ size, inBox, inJobs, onOrder, worth }) => [
        size.id,
        inBox,
        inJobs,
        onOrder,
        worth,
      ]),
    ).toEqual([
      ['a', 6, 0, 3, null],
      ['b', 3, 2, 4, 4.5],
    ]);
    expect(nearestSize(SIZES, 0.15)).toBeNull();
  });

  test('should never show less than nothing in the box', () => {
    expect(stockRows(SIZES, { a: 9 }, [])[0]).toMatchObject({ inBox: 0, inJobs: 9 });
  });
});

describe('what is typed of the stock', () => {
  test('should be whole pieces, and a price or none', () => {
    expect([
      readCount('12'),
      readCount('0'),
      readCount('0', 1),
      readCount('-3'),
      readCount('1.5'),
      readCount('500'),
    ]).toEqual([12, 0, null, null, null, null]);
    expect([readPrice('1,20'), readPrice(' '), readPrice('-1'), readPrice('dear')]).toEqual([
      1.2,
      null,
      undefined,
      undefined,
    ]);
  });
});
