import fc from 'fast-check';

import { followBody, timeUntil } from './followBody.ts';
import { timeConstant, type LumpedBody } from './soak.ts';

const BODY: LumpedBody = { material: 'castAluminium', mass: 1.6, area: 0.09 };
const OVEN = { from: 0, medium: 'fanOven', temperature: 100 } as const;
const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
/** Where a body truly is that follows its oven `speed` times as fast as its lumped body. */
const truly = (seconds: number, speed: number) =>
  100 - 80 * Math.exp((-seconds * speed) / timeConstant(BODY, 20));

describe('following a body', () => {
  test('should be as warm as the time in the oven made it, and no warmer for being taken out', () => {
    const after = (stays: Parameters<typeof followBody>[1]['stays'], now: number) =>
      followBody(BODY, { start: 20, stays, readings: [], now });
    expect(after([OVEN], 1).temperature).toBeLessThan(21);
    const out = { from: 1, medium: 'stillAir', temperature: 20 } as const;
    expect(after([OVEN, out], 5).temperature).toBeLessThan(21);
    expect(after([OVEN], 800).temperature).toBeCloseTo(truly(800, 1), 9);
    expect(after([], 100)).toMatchObject({ temperature: 20, least: 20, most: 20 });
    // Before the first stay nothing has happened to it.
    expect(after([OVEN], -5).temperature).toBe(20);
  });

  test('should believe the thermometer, whatever the clock says', () => {
    const read = followBody(BODY, {
      start: 20,
      stays: [OVEN],
      readings: [{ at: 600, value: 41 }],
      now: 600,
    });
    expect(read).toMatchObject({ temperature: 41, least: 41, most: 41, isRead: true });
  });

  test('should find how fast a body follows from its readings, and be right from then on', () => {
    fc.assert(
      fc.property(between(0.4, 2.5), between(200, 500), between(200, 500), (speed, first, then) => {
        const readings = [first, first + then].map((at) => ({ at, value: truly(at, speed) }));
        const now = first + then + 300;
        const { temperature, factor, least, most } = followBody(BODY, {
          start: 20,
          stays: [OVEN],
          readings,
          now,
        });
        expect(factor).toBeCloseTo(speed, 6);
        expect(temperature).toBeCloseTo(truly(now, speed), 6);
        expect(least).toBeLessThanOrEqual(temperature);
        expect(most).toBeGreaterThanOrEqual(temperature);
      }),
    );
  });

  test('should hold what a handbook gives within its spread while nothing was read', () => {
    for (const speed of [0.7, 1, 1.45]) {
      const { least, most } = followBody(BODY, {
        start: 20,
        stays: [OVEN],
        readings: [],
        now: 700,
      });
      expect(truly(700, speed)).toBeGreaterThan(least - 1e-9);
      expect(truly(700, speed)).toBeLessThan(most + 1e-9);
    }
  });

  test('should learn nothing from a reading that changes nothing, or that no lumped body could have', () => {
    const factor = (readings: readonly { at: number; value: number }[]) =>
      followBody(BODY, { start: 20, stays: [OVEN], readings, now: 1000 }).factor;
    expect(factor([{ at: 5, value: 21 }])).toBe(1);
    expect(factor([{ at: 300, value: 130 }])).toBe(1);
    expect(factor([{ at: 300, value: 10 }])).toBe(1);
    // In one second to 90 °C: a slip, not a factor.
    expect(factor([{ at: 1, value: 90 }])).toBe(1);
  });

  test('should need two readings to tell how it cools when nobody measured how hot it came out', () => {
    const stays = [OVEN, { from: 1200, medium: 'stillAir', temperature: 20 } as const];
    const one = [{ at: 1500, value: 70 }];
    const two = [...one, { at: 1800, value: 60 }];
    const cooled = (readings: typeof one) =>
      followBody(BODY, { start: 20, stays, readings, now: 1800 });
    expect(cooled(one)).toMatchObject({ factor: 1, readings: 0 });
    // τ = 1.6·900/(10·0.09) = 1600 s; from 70 to 60 °C in 300 s: 1600·ln(50/40)/300 = 1.190.
    expect(cooled(two).factor).toBeCloseTo(1.19, 3);
    expect(cooled([{ at: 1200, value: 90 }, ...one]).factor).toBeCloseTo(
      (1600 * Math.log(70 / 50)) / 300,
      6,
    );
  });
});

describe('time until a body is at a temperature', () => {
  test('should be what brings it there, nothing when it is, and unknown when its medium never does', () => {
    const until = (from: number, target: number, temperature: number) =>
      timeUntil(BODY, from, { medium: 'fanOven', temperature, target, factor: 1 });
    expect(truly(until(20, 84, 100)!, 1)).toBeCloseTo(84, 9);
    expect(until(90, 84, 100)).toBe(0);
    expect(until(20, 110, 100)).toBeNull();
    expect(until(20, -13, -18)!).toBeGreaterThan(0);
    expect(until(-15, -13, -18)).toBe(0);
    expect(until(20, -30, -18)).toBeNull();
    expect(timeUntil(BODY, 20, { ...OVEN, target: 84, factor: 2 })).toBeCloseTo(
      until(20, 84, 100)! / 2,
      9,
    );
  });
});
