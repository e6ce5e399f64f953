import fc from 'fast-check';

import { materialOf, type MaterialId } from '../materials/index.ts';
import { closingIn } from './closingIn.ts';

/**
 * The same by another way: both rings as `u = C·r + K/r` (plane stress), their four constants from free inner and outer surfaces, one
 * pressure and one radius at the joint; solved by elimination. Timoshenko's thick cylinder, written as a linear system.
 */
function byElimination(
  {
    diameter,
    bore,
    bush,
    housing,
  }: Record<'diameter' | 'bore', number> & {
    readonly bush: MaterialId;
    readonly housing: MaterialId;
  },
  interference: number,
): number {
  const [a, b, c] = [bore / 2, diameter / 2, 0.8 * diameter];
  const [inner, outer] = [materialOf(bush), materialOf(housing)];
  const stress = ({ modulus: E, poisson: v }: typeof inner, r: number) => [
    E / (1 - v),
    -E / (1 + v) / r ** 2,
  ];
  const [zero, zeros] = [[0, 0], 0];
  const rows = [
    [...stress(inner, a), ...zero, zeros],
    [...zero, ...stress(outer, c), zeros],
    [...stress(inner, b), ...stress(outer, b).map((value) => -value), zeros],
    [-b, -1 / b, b, 1 / b, interference / 2],
  ] as number[][];
  for (let at = 0; at < 4; at += 1) {
    const best = rows.findIndex(
      (row, index) =>
        index >= at &&
        Math.abs(row[at]!) === Math.max(...rows.slice(at).map((one) => Math.abs(one[at]!))),
    );
    [rows[at], rows[best]] = [rows[best]!, rows[at]!];
    for (let other = 0; other < 4; other += 1) {
      if (other === at) continue;
      const by = rows[other]![at]! / rows[at]![at]!;
      rows[other] = rows[other]!.map((value, column) => value - by * rows[at]![column]!);
    }
  }
  const [C, K] = [rows[0]![4]! / rows[0]![0]!, rows[1]![4]! / rows[1]![1]!];
  return -2 * (C * a + K / a);
}

describe('the bore of a bush that is pressed in', () => {
  test('should close in as the elastic rings do, worked out by another way', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 8, max: 200, noNaN: true }),
        fc.double({ min: 0.5, max: 0.97, noNaN: true }),
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        fc.constantFrom<MaterialId>('bronze', 'carbonSteel', 'brass'),
        fc.constantFrom<MaterialId>('greyIron', 'castAluminium', 'ductileIron'),
        (diameter, share, interference, bush, housing) => {
          const bore = share * diameter;
          const { by } = closingIn({ diameter, bore, width: 20, bush, housing }, interference);
          expect(by).toBeCloseTo(byElimination({ diameter, bore, bush, housing }, interference), 9);
        },
      ),
    );
  });

  test('should close by most of the press where its wall is thin', () => {
    // Common practice, no source: a thin bush passes on seven to ten tenths of its press to its bore.
    const { by } = closingIn(
      { diameter: 32, bore: 28, width: 20, bush: 'bronze', housing: 'greyIron' },
      0.03,
    );
    expect(by / 0.03).toBeGreaterThan(0.7);
    expect(by / 0.03).toBeLessThan(1);
  });

  test('should stay as it is where nothing presses, and name a bore that leaves no wall', () => {
    const seat = {
      diameter: 32,
      bore: 28,
      width: 20,
      bush: 'bronze',
      housing: 'greyIron',
    } as const;
    expect(closingIn(seat, -0.02).by).toBe(0);
    expect(() => closingIn({ ...seat, bore: 32 }, 0.02)).toThrow(/bore/);
  });
});
