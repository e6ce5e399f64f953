import fc from 'fast-check';

import { requireSpacer, type Spacer } from './spacer.ts';
import { crossCheck, stopStack } from './stopStack.ts';

const driver = (nose?: number) => ({
  id: 'd',
  name: 'Stepped',
  outside: 31,
  bore: 0,
  ...(nose === undefined ? {} : { nose, noseWithin: 0.02 }),
});
const spacer = (thickness: number, rest: Partial<Spacer> = {}): Spacer => ({
  id: `s${thickness}`,
  name: `Spacer ${thickness}`,
  thickness,
  within: 0.01,
  count: 2,
  bore: 32,
  outside: 50,
  ...rest,
});
const WANTED = { depth: 8, within: 0.2, bore: 32 };

describe('the stop of a driver', () => {
  test('should end at its depth, off by the sum of every limit at the worst and by their squares as a rule', () => {
    const stop = stopStack(WANTED, driver(20), [spacer(10), spacer(2, { within: 0.03 })]);
    expect(stop).toMatchObject({ status: 'known', ends: 8, word: 'conforms' });
    if (stop.status !== 'known') throw new Error(stop.status);
    expect(stop.worst).toBeCloseTo(0.02 + 0.01 + 0.03, 9);
    expect(stop.likely).toBeCloseTo(Math.hypot(0.02, 0.01, 0.03), 9);
    expect(stopStack({ ...WANTED, depth: 20 }, driver(20), [])).toMatchObject({ pieces: [] });
  });

  test('should say why there is none', () => {
    expect(stopStack(WANTED, driver(), []).status).toBe('noNose');
    expect(stopStack(WANTED, driver(5), [spacer(1)])).toMatchObject({ status: 'tooShort', by: 3 });
    // One does not pass over the nose, the other falls into the bore.
    const useless = [spacer(12, { bore: 31 }), spacer(12.01, { outside: 33, bore: 31.5 })];
    expect(stopStack(WANTED, driver(20), useless).status).toBe('noSpacer');
    expect(stopStack(WANTED, driver(20), [spacer(5)])).toMatchObject({ status: 'noSum', ends: 10 });
  });

  test('should be no certain stop where its pieces are known too badly', () => {
    const stop = stopStack(WANTED, driver(20), [spacer(6, { within: 0.15 })]);
    expect(stop).toMatchObject({ status: 'known', ends: 8, word: 'cannotDecide' });
  });

  test('should be the nearest of all stacks of up to five pieces', () => {
    const sizes = fc.uniqueArray(fc.integer({ min: 20, max: 700 }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(sizes, fc.integer({ min: 300, max: 1800 }), (hundredths, gap) => {
        const spacers = hundredths.map((size) => spacer(size / 100));
        const stop = stopStack({ ...WANTED, within: 0 }, driver(8 + gap / 100), spacers);
        const sums = hundredths.reduce<readonly (readonly [sum: number, pieces: number])[]>(
          (all, size) =>
            all.flatMap(([sum, pieces]) =>
              [0, 1, 2].map((count) => [sum + count * size, pieces + count] as const),
            ),
          [[0, 0]],
        );
        const nearest = Math.min(
          ...sums.filter(([, pieces]) => pieces <= 5).map(([sum]) => Math.abs(sum - gap)),
        );
        if (!('ends' in stop)) throw new Error(stop.status);
        expect(Math.abs(stop.ends - 8)).toBeCloseTo(nearest / 100, 6);
      }),
      { numRuns: 200 },
    );
  });

  test('should be held against one measurement over the whole', () => {
    const added = { length: 8, likely: 0.03 };
    expect(crossCheck(added, { length: 8.03, uncertainty: 0.003 }).agrees).toBe(true);
    const off = crossCheck(added, { length: 8.2, uncertainty: 0.003 });
    expect(off).toMatchObject({ agrees: false, difference: expect.closeTo(0.2, 9) });
  });

  test('should refuse a spacer that has no wall, or is known worse than half of itself', () => {
    expect(() => requireSpacer(spacer(2, { outside: 32 }))).toThrow(/spacer\.bore/);
    expect(() => requireSpacer(spacer(0.1, { within: 0.2 }))).toThrow(/spacer\.within/);
  });
});
