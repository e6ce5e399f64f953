import { fullComplement } from './fullComplement.ts';

describe('a full set of loose rollers', () => {
  test('should fill the ring exactly where it fits exactly', () => {
    // Six equal circles close round one of their own size (geometry, the hexagon).
    expect(fullComplement(3, 3)).toMatchObject({ count: 6 });
    expect(fullComplement(3, 3).gap).toBeCloseTo(0, 6);
    // n rollers of 3 mm close exactly round dj = dr·(1/sin(π/n) − 1).
    for (const n of [12, 20, 34]) {
      const journal = 3 * (1 / Math.sin(Math.PI / n) - 1);
      expect(fullComplement(journal, 3).count).toBe(n);
      expect(fullComplement(journal + 0.01, 3).count).toBe(n);
      expect(fullComplement(journal - 0.01, 3).count).toBe(n - 1);
    }
  });

  test('should leave a gap smaller than one roller', () => {
    for (let journal = 10; journal < 60; journal += 0.37) {
      const { count, gap } = fullComplement(journal, 2.5);
      expect(gap).toBeGreaterThanOrEqual(0);
      expect(gap).toBeLessThan(2.6);
      expect(count).toBeGreaterThan(10);
    }
  });

  test.each([
    ['journal', 0, 3],
    ['roller', 20, 0],
    ['roller', 20, NaN],
  ])('should name %s', (field, journal, roller) => {
    expect(() => fullComplement(journal, roller)).toThrow(field);
  });
});
