import fc from 'fast-check';

import { oilHoleOpening } from './oilHoleOpening.ts';
import { plainClearance, usualBushClearance, usualClearance } from './plainClearance.ts';

describe('the opening of an oil hole', () => {
  test('should be whole in line, nothing apart, and half-moon formulas between', () => {
    expect(oilHoleOpening(5, 5, 0).share).toBeCloseTo(1, 12);
    expect(oilHoleOpening(4, 8, 1.9).share).toBeCloseTo(1, 12);
    expect(oilHoleOpening(5, 5, 5).share).toBe(0);
    // Two equal circles a radius apart share 2π/3 − √3/2 of r² (geometry, the vesica).
    const vesica = (2 * Math.PI) / 3 - Math.sqrt(3) / 2;
    expect(oilHoleOpening(5, 5, 2.5).share).toBeCloseTo(vesica / Math.PI, 9);
  });

  test('should agree with counting squares', () => {
    const counted = (first: number, second: number, offset: number) => {
      const step = 0.02;
      let inside = 0;
      for (let x = -first; x <= first; x += step)
        for (let y = -first; y <= first; y += step)
          if (Math.hypot(x, y) <= first / 2 && Math.hypot(x - offset, y) <= second / 2) inside += 1;
      return inside * step * step;
    };
    for (const [first, second, offset] of [
      [5, 5, 1],
      [5, 4, 2],
      [6, 3, 2.2],
      [4, 6, 1.5],
    ] as const)
      expect(oilHoleOpening(first, second, offset).area).toBeCloseTo(
        counted(first, second, offset),
        1,
      );
  });

  test('should close as the hole turns away, whichever is the larger', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 10, noNaN: true }),
        fc.double({ min: 1, max: 10, noNaN: true }),
        fc.double({ min: 0, max: 9, noNaN: true }),
        (first, second, offset) => {
          const { share } = oilHoleOpening(first, second, offset);
          expect(oilHoleOpening(second, first, offset).share).toBeCloseTo(share, 9);
          expect(oilHoleOpening(first, second, offset + 0.3).share).toBeLessThanOrEqual(
            share + 1e-9,
          );
        },
      ),
    );
  });

  test('should name what cannot be used', () => {
    expect(() => oilHoleOpening(0, 5, 1)).toThrow(/first/);
    expect(() => oilHoleOpening(5, -1, 1)).toThrow(/second/);
    expect(() => oilHoleOpening(5, 5, -1)).toThrow(/offset/);
  });
});

describe('the clearance of a plain bearing', () => {
  test('should be the worst of every place', () => {
    const { least, most } = plainClearance([40.03, 40.05], [39.98, 39.99]);
    expect(least).toBeCloseTo(0.04, 9);
    expect(most).toBeCloseTo(0.07, 9);
  });

  test('should be three to four hundredths on a 40 mm journal where the manual is silent', () => {
    // Common practice, no source: 0.00075 to 0.001 of the journal.
    expect(usualClearance(40)).toEqual({ lower: 0.03, upper: 0.04, target: null });
  });

  test('should be the running fit for a bush, so that a good bush of a slow shaft is not condemned', () => {
    // ISO 286-2:2010, 40 mm: H7 0/+25, f7 −25/−50.
    const { lower, upper } = usualBushClearance(40);
    expect(lower).toBeCloseTo(0.025, 9);
    expect(upper).toBeCloseTo(0.075, 9);
    // ISO 286-2:2010, 2 mm is outside of what is known here: as over 3 mm, H7 0/+12, f7 −10/−22.
    expect(usualBushClearance(2).upper).toBeCloseTo(0.034, 9);
    expect(usualBushClearance(900).upper).toBe(usualBushClearance(500).upper);
  });

  test('should want sizes, and name the one that cannot be', () => {
    expect(() => plainClearance([], [40])).toThrow(/bores/);
    expect(() => plainClearance([40], [])).toThrow(/journals/);
    expect(() => plainClearance([40, NaN], [40])).toThrow(/bores\[1\]/);
  });
});
