import fc from 'fast-check';

import { countsFor, fewestPieces, reaches, sumTable, type SumItem } from './sumTable.ts';

/** Every sum that some pieces make, by plain enumeration: `sum pieces`. */
function everySum(items: readonly SumItem[], mostPieces: number): ReadonlySet<string> {
  const made = items.reduce<readonly (readonly [number, number])[]>(
    (sums, { thickness, available }) =>
      sums.flatMap(([sum, pieces]) =>
        Array.from(
          { length: Math.min(available, mostPieces - pieces) + 1 },
          (_, used) => [sum + used * thickness, pieces + used] as const,
        ),
      ),
    [[0, 0]],
  );
  return new Set(made.map(([sum, pieces]) => `${sum} ${pieces}`));
}

const anyItems = fc.array(
  fc.record({
    thickness: fc.integer({ min: 1, max: 130 }),
    available: fc.integer({ min: 0, max: 4 }),
  }),
  { maxLength: 6 },
);

describe('the table of sums', () => {
  test('should hold exactly the sums that can be made, over the word boundaries too', () => {
    fc.assert(
      fc.property(anyItems, fc.integer({ min: 1, max: 5 }), (items, mostPieces) => {
        const largest = 600;
        const table = sumTable(items, mostPieces, largest);
        const expected = everySum(items, mostPieces);
        for (let sum = 0; sum <= largest; sum += 1)
          for (let pieces = 0; pieces <= mostPieces; pieces += 1)
            if (reaches(table, pieces, sum) !== expected.has(`${sum} ${pieces}`)) return false;
        return true;
      }),
      { numRuns: 150 },
    );
  });

  test('should give counts that add up and do not take more than there is', () => {
    fc.assert(
      fc.property(anyItems, fc.integer({ min: 0, max: 400 }), (items, sum) => {
        const table = sumTable(items, 4, 600);
        const pieces = fewestPieces(table, sum);
        if (pieces === null) return countsFor(table, 1, sum) === null;
        const counts = countsFor(table, pieces, sum)!;
        const total = counts.reduce((all, used, index) => all + used * items[index]!.thickness, 0);
        return (
          total === sum &&
          counts.reduce((a, b) => a + b, 0) === pieces &&
          counts.every((used, index) => used <= items[index]!.available)
        );
      }),
    );
  });

  test('should know nothing beyond its ends', () => {
    const table = sumTable([{ thickness: 50, available: 3 }], 2, 100);
    expect(reaches(table, 2, 100)).toBe(true);
    expect(reaches(table, 3, 150)).toBe(false);
    expect(reaches(table, 1, -50)).toBe(false);
    expect(reaches(table, -1, 0)).toBe(false);
    expect(fewestPieces(table, 0)).toBe(0);
  });
});
