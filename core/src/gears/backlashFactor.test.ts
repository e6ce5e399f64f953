import fc from 'fast-check';

import { backlashPerMove, USUAL_FACTOR, USUAL_HEEL } from './backlashFactor.ts';
import type { GearPair } from './gearPair.ts';
import { learnFactor } from './learnFactor.ts';

type Vector = readonly [number, number, number];
const RADIANS = Math.PI / 180;
const dot = (a: Vector, b: Vector) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/**
 * Two flanks of a gap in space: shafts along x (pinion) and z (ring gear), the common generatrix at the ring gear's cone
 * angle. What a displacement opens is its part along each flank's normal, summed. Nothing of the formula is used.
 */
function opened(
  move: Vector,
  { cone, pressure, spiral }: Readonly<Record<'cone' | 'pressure' | 'spiral', number>>,
): number {
  const generatrix: Vector = [Math.sin(cone), 0, -Math.cos(cone)];
  const across: Vector = [0, 1, 0];
  const outOfPlane = cross(generatrix, across);
  const lay: Vector = [
    Math.cos(spiral) * generatrix[0] + Math.sin(spiral) * across[0],
    Math.cos(spiral) * generatrix[1] + Math.sin(spiral) * across[1],
    Math.cos(spiral) * generatrix[2] + Math.sin(spiral) * across[2],
  ];
  const squareToLay = cross(outOfPlane, lay);
  return [1, -1].reduce((sum, side) => {
    const normal = [0, 1, 2].map(
      (i) => Math.sin(pressure) * outOfPlane[i]! + side * Math.cos(pressure) * squareToLay[i]!,
    ) as unknown as Vector;
    return sum + dot(move, normal);
  }, 0);
}

const PAIR: GearPair = {
  driverTeeth: 11,
  drivenTeeth: 41,
  pressureAngle: 20,
  spiralAngle: 35,
  cut: null,
};

describe('backlash by movement', () => {
  test('should be what a displacement opens between two flanks in space, of either gear', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 6, max: 20 }),
        fc.integer({ min: 30, max: 80 }),
        fc.double({ min: 14, max: 25, noNaN: true }),
        fc.double({ min: 0, max: 45, noNaN: true }),
        (driverTeeth, drivenTeeth, pressureAngle, spiralAngle) => {
          const angles = {
            cone: Math.atan(drivenTeeth / driverTeeth),
            pressure: pressureAngle * RADIANS,
            spiral: spiralAngle * RADIANS,
          };
          const { ring, pinion } = backlashPerMove(
            { ...PAIR, driverTeeth, drivenTeeth, pressureAngle, spiralAngle },
            'squareToFlank',
          );
          expect(ring.value / USUAL_HEEL).toBeCloseTo(Math.abs(opened([0, 0, 1], angles)), 9);
          expect(pinion!.value / USUAL_HEEL).toBeCloseTo(Math.abs(opened([1, 0, 0], angles)), 9);
        },
      ),
    );
  });

  // Common practice, no source: backlash moves about 0.7 of the shift, between 0.56 and 0.98.
  test('should lie where pairs of the trade lie, square to the flank', () => {
    for (const pressureAngle of [16, 19, 20, 22.5]) {
      const { ring } = backlashPerMove({ ...PAIR, pressureAngle }, 'squareToFlank');
      expect(ring.value).toBeGreaterThan(0.56);
      expect(ring.value).toBeLessThan(0.98);
    }
  });

  test('should say that it took what is usual where the angles are not known', () => {
    const usual = backlashPerMove({ ...PAIR, pressureAngle: null }, 'squareToFlank');
    expect(usual).toMatchObject({ by: 'usual', ring: USUAL_FACTOR });
    expect(usual.pinion!.value).toBeCloseTo((0.7 * 11) / 41, 9);
    expect(backlashPerMove({ ...PAIR, spiralAngle: null }, 'alongCircle').by).toBe('usual');
    expect(backlashPerMove({ ...PAIR, driverTeeth: null }, 'squareToFlank').pinion).toBeNull();
  });

  test.each<[Partial<GearPair>, RegExp]>([
    [{ driverTeeth: 40, drivenTeeth: 11 }, /drivenTeeth/],
    [{ driverTeeth: 4, drivenTeeth: 300 }, /ratio/],
    [{ driverTeeth: 9.5 }, /driverTeeth/],
    [{ pressureAngle: 45 }, /pressureAngle/],
    [{ spiralAngle: 80 }, /spiralAngle/],
  ])('should refuse a pair that cannot be: %j', (change, names) => {
    expect(() => backlashPerMove({ ...PAIR, ...change }, 'squareToFlank')).toThrow(names);
  });
});

describe('what the tries of a pair say of its factor', () => {
  const usual = backlashPerMove({ ...PAIR, pressureAngle: null }, 'squareToFlank');
  const tryAt = (ring: number, backlash: number, pinion = 0) => ({
    ring,
    pinion,
    backlash,
    uncertainty: 0.004,
  });

  test('should come near a factor that differs from the usual, and be surer than before', () => {
    const learnt = learnFactor(usual, [tryAt(0, 0.3), tryAt(-0.2, 0.3 - 0.2 * 0.92)], null);
    expect(learnt.by).toBe('tries');
    expect(learnt.ring.value).toBeCloseTo(0.92, 1);
    expect(learnt.ring.uncertainty).toBeLessThan(usual.ring.uncertainty / 3);
  });

  test('should be the mean of the prior and the tries weighed by their variances', () => {
    const [u1, u2] = [usual.ring.uncertainty, Math.hypot(0.004, 0.004) / 0.1];
    const learnt = learnFactor(usual, [tryAt(0, 0.3), tryAt(0.1, 0.39)], null);
    expect(learnt.ring.value).toBeCloseTo(
      (0.7 / u1 ** 2 + 0.9 / u2 ** 2) / (1 / u1 ** 2 + 1 / u2 ** 2),
      9,
    );
  });

  test('should count a move of the pinion by the ratio, and leave it out where that is not known', () => {
    const moved = [tryAt(0, 0.3), tryAt(0, 0.3 + (0.3 * 0.9) / 3, 0.3)];
    expect(learnFactor(usual, moved, 3).ring.value).toBeGreaterThan(0.75);
    expect(learnFactor(usual, moved, null)).toBe(usual);
  });

  test('should say nothing by tries that were not moved', () => {
    expect(learnFactor(usual, [tryAt(0, 0.3), tryAt(0.001, 0.34)], 3.7)).toBe(usual);
  });
});
