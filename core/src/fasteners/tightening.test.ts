import { panPlaces } from './panPlaces.ts';
import fc from 'fast-check';

import { tighteningOrder, torqueStages } from './tightening.ts';

describe('the order of tightening', () => {
  test('should go crosswise round a circle', () => {
    // Common practice, no source: the star on four, six and eight bolts.
    expect(tighteningOrder(4, 'circle')).toEqual([1, 3, 2, 4]);
    expect(tighteningOrder(6, 'circle')).toEqual([1, 4, 2, 5, 3, 6]);
    expect(tighteningOrder(8, 'circle')).toEqual([1, 5, 3, 7, 2, 6, 4, 8]);
  });

  test('should go half way round each time where the count is odd', () => {
    // Common practice, no source: the star that is drawn in one line.
    expect(tighteningOrder(5, 'circle')).toEqual([1, 3, 5, 2, 4]);
    expect(tighteningOrder(7, 'circle')).toEqual([1, 4, 7, 3, 6, 2, 5]);
  });

  test('should never tighten two neighbours in a row from five bolts on', () => {
    for (let count = 5; count <= 60; count += 1) {
      const order = tighteningOrder(count, 'circle');
      const steps = order.slice(1).map((bolt, at) => Math.abs(bolt - order[at]!));
      expect([count, steps.filter((step) => step === 1 || step === count - 1)]).toEqual([
        count,
        [],
      ]);
    }
  });

  test('should go from the middle outwards along a row', () => {
    expect(tighteningOrder(5, 'row')).toEqual([3, 2, 4, 1, 5]);
    expect(tighteningOrder(6, 'pan')).toEqual([1, 4, 2, 5, 3, 6]);
  });

  test('should name every bolt once', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom('circle' as const, 'pan' as const, 'row' as const),
        (count, pattern) => {
          const order = tighteningOrder(count, pattern);
          expect(order.toSorted((a, b) => a - b)).toEqual(
            Array.from({ length: count }, (_, at) => at + 1),
          );
        },
      ),
    );
  });

  test('should tighten a pan from the middle of its long sides outwards, across each time', () => {
    // Eight, two on each side of the long edges' middle: as they lie in the picture, clockwise from the upper left.
    const order = tighteningOrder(8, 'pan');
    const places = panPlaces(8);
    const out = order.map((bolt) => Math.abs(places[bolt - 1]!.x));
    expect(out).toEqual(out.toSorted((a, b) => a - b));
    const [first, second] = order.map((bolt) => places[bolt - 1]!);
    expect(Math.sign(first!.y)).toBe(-Math.sign(second!.y));
  });

  test('should refuse no bolts, and a pattern that is none', () => {
    expect(() => tighteningOrder(0, 'circle')).toThrow(/count/);
    expect(() => tighteningOrder(4, 'heap' as 'row')).toThrow(/pattern/);
  });
});

describe('rounds of torque', () => {
  test('should end in the middle of the limits', () => {
    expect(torqueStages(20, 24, 6)).toEqual([11, 16.5, 22]);
    // Two screws have no others to be drawn against.
    expect(torqueStages(20, 24, 2)).toEqual([22]);
  });
  test('should refuse a band upside down', () => {
    expect(() => torqueStages(24, 20, 6)).toThrow(/most/);
    expect(() => torqueStages(0, 20, 6)).toThrow(/least/);
  });
});
