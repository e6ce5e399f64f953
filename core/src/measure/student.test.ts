import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import fc from 'fast-check';

import { studentFactor } from './student.ts';

describe('the Student factor', () => {
  // JCGM 100:2008, table G.2, column p = 90 % (two-sided, so 95 % one-sided)
  test.each([
    [1, 6.31],
    [2, 2.92],
    [3, 2.35],
    [4, 2.13],
    [5, 2.02],
    [10, 1.81],
    [20, 1.72],
    [50, 1.68],
  ])('should be the table value for %d degrees of freedom', (degrees, factor) => {
    expect(studentFactor(degrees)).toBeCloseTo(factor, 2);
  });

  test('should be 1.645 when the degrees are infinite (JCGM 100:2008, table G.2)', () => {
    expect(studentFactor(Infinity)).toBeCloseTo(1.645, 3);
    expect(studentFactor(2e6)).toBeCloseTo(studentFactor(9e5), 5);
  });

  test('should agree with an independent library for broken degrees of freedom', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 0.8, max: 0.995, noNaN: true }),
        (dof, p) => {
          const reference = tQuantile(p, dof);
          return Math.abs(studentFactor(dof, p) - reference) < 1e-6 * reference;
        },
      ),
      { numRuns: 300 },
    );
  });

  test('should refuse fewer than one degree and a confidence outside its range', () => {
    expect(() => studentFactor(0.5)).toThrow(/degreesOfFreedom/);
    expect(() => studentFactor(5, 1)).toThrow(/confidence/);
  });
});
