import { howMany } from '../draws/index.ts';
import fc from 'fast-check';

import { ringBody } from './bearingBody.ts';
import { seatWindow, type SeatBody, type SeatWindowInput } from './seatWindow.ts';
import { solved, type TableWindow } from './tests/generalSolver.ts';
import { randomWindow } from './tests/windowBench.ts';

const SIZE = { bore: 25, outside: 52, width: 15 };
const CASE: SeatWindowInput = {
  diameter: 52,
  width: 15,
  interference: 0.03,
  clearance: 0.026,
  ambient: 20,
  outer: { material: 'castAluminium', mass: 1.6, area: 0.09, temperature: 110 },
  inner: { ...ringBody(SIZE, 'outer'), temperature: 20 },
  ring: 'inner',
};
const LONGEST = 4 * 3600;

/** How many seats are compared: 10,000 where it is asked for, as they take minutes. */
const SEATS = howMany('WENDAXIS_WINDOWS', 100);

describe('the window of a seat', () => {
  test('should agree with a general solver within 5 %: last moment, and time until it grips', () => {
    const compared = { lastSafe: 0, grab: 0 };
    fc.assert(
      fc.property(randomWindow, (input: TableWindow) => {
        const { fitAtStart, lastSafe, lastFree, grabAtStart } = seatWindow(input);
        const fitApart = (apart: number) => solved(input, { apart, together: 0 }).fit;
        const way = Math.abs(fitAtStart) + input.clearance;
        for (const [last, gap] of [
          [lastSafe, input.clearance],
          [lastFree, 0],
        ] as const) {
          if (last === null || last >= LONGEST || last < 0.5) continue;
          expect(fitApart(0.95 * last)).toBeLessThan(-gap + 1e-4 * way);
          expect(fitApart(1.05 * last)).toBeGreaterThan(-gap - 1e-4 * way);
          compared.lastSafe += 1;
        }
        if (fitAtStart >= 0 || grabAtStart === null || grabAtStart < 0.05) return;
        const fitIn = (together: number) => solved(input, { apart: 0, together }).fit;
        expect(fitIn(0.95 * grabAtStart)).toBeLessThan(1e-4 * way);
        expect(fitIn(1.05 * grabAtStart)).toBeGreaterThan(-1e-3 * way);
        compared.grab += 1;
      }),
      { numRuns: SEATS },
    );
    expect(compared.lastSafe).toBeGreaterThan(SEATS / 4);
    expect(compared.grab).toBeGreaterThan(SEATS / 4);
  });

  test('should be held as long as the loosest pair wants, which the tightest does not change', () => {
    const tight = seatWindow(CASE);
    const both = seatWindow({ ...CASE, loosest: 0.004 });
    expect(both.lastSafe).toBe(tight.lastSafe);
    expect(both.grabAtStart).toBe(seatWindow({ ...CASE, interference: 0.004 }).grabAtStart);
    expect(both.grabAtStart ?? Infinity).toBeGreaterThan(tight.grabAtStart!);
    expect(() => seatWindow({ ...CASE, loosest: 0.04 })).toThrow(/loosest/);
  });

  test('should grip where a ring loses heat to the air as a general solver has it', () => {
    // A big ring in a big part: it grips only as both cool, and how fast the ring itself cools matters then.
    const big: TableWindow = {
      diameter: 140,
      width: 40,
      interference: 0.02,
      clearance: 0.07,
      ambient: 20,
      outer: { material: 'castAluminium', mass: 12, area: 0.35, temperature: 95 },
      inner: { material: 'bearingSteel', mass: 1.2, area: 0.05, temperature: 20 },
      ring: 'inner',
    };
    const { grabAtStart } = seatWindow(big);
    const { fit } = solved(big, { apart: 0, together: grabAtStart! });
    expect(Math.abs(fit)).toBeLessThan(0.001);
    // Without a way to the air for the ring it would take more than a tenth longer.
    const shut = seatWindow({ ...big, inner: { ...big.inner, area: 1e-4 } });
    expect(shut.grabAtStart! / grabAtStart!).toBeGreaterThan(1.05);
  });

  test('should give an ordinary engine bearing minutes in the hand and seconds in the bore', () => {
    const { lastSafe, lastFree, grabAtStart, gripsBelow, fitAtStart } = seatWindow(CASE);
    expect(fitAtStart).toBeCloseTo(0.03 - 52 * 21.5e-6 * 90, 6);
    expect(lastSafe!).toBeGreaterThan(60);
    expect(lastSafe!).toBeLessThan(1800);
    expect(lastFree!).toBeGreaterThan(lastSafe!);
    // Equal temperatures leave clearance above 20 + 0.03/(52·9.5e-6) = 80.7 °C: it grips only as the case cools.
    expect(gripsBelow).toBeCloseTo(80.7, 1);
    expect(grabAtStart!).toBeGreaterThan(1);
  });

  test('should have a hot ring grip a cold shaft in seconds', () => {
    const window = seatWindow({
      diameter: 25,
      width: 15,
      interference: 0.01,
      clearance: 0.0125,
      ambient: 20,
      outer: { ...ringBody(SIZE, 'inner'), temperature: 110 },
      inner: { material: 'carbonSteel', mass: 3, area: 0.06, temperature: 20 },
      ring: 'outer',
    });
    expect(window.lastSafe!).toBeGreaterThan(20);
    expect(window.lastSafe!).toBeLessThan(300);
    expect(window.grabAtStart!).toBeLessThan(60);
    // Steel on steel: there is no common temperature at which it is loose.
    expect(window.gripsBelow).toBeNull();
  });

  test('should be shorter in the hand for a tighter fit, a cooler part and a faster cooling', () => {
    const safe = (change: Partial<SeatWindowInput>) => seatWindow({ ...CASE, ...change }).lastSafe!;
    const outer = (change: Partial<SeatBody>) => ({ outer: { ...CASE.outer, ...change } });
    expect(safe({ interference: 0.04 })).toBeLessThan(safe({}));
    expect(safe(outer({ temperature: 95 }))).toBeLessThan(safe({}));
    expect(safe(outer({ coolingFactor: 2 }))).toBeCloseTo(safe({}) / 2, -1);
    expect(safe({ inner: { ...CASE.inner, temperature: -18 } })).toBeGreaterThan(safe({}));
  });

  test('should have no window where the part is not hot enough', () => {
    const cold = seatWindow({ ...CASE, outer: { ...CASE.outer, temperature: 50 } });
    expect(cold).toMatchObject({ lastSafe: null, grabAtLast: null });
  });

  test.each<[string, Partial<SeatWindowInput>]>([
    ['diameter', { diameter: 0 }],
    ['width', { width: NaN }],
    ['clearance', { clearance: -1 }],
    ['inner.temperature', { inner: { ...CASE.inner, temperature: -200 } }],
    ['outer.temperature', { outer: { ...CASE.outer, temperature: 900 } }],
    ['outer.coolingFactor', { outer: { ...CASE.outer, coolingFactor: 0 } }],
    ['mass', { inner: { ...CASE.inner, mass: 0 } }],
  ])('should name %s', (field, change) => {
    expect(() => seatWindow({ ...CASE, ...change })).toThrow(field);
  });
});
