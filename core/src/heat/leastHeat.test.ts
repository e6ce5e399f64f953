import { howMany } from '../draws/index.ts';
import fc from 'fast-check';

import { solved, type FigureId } from '../thermal/tests/generalSolver.ts';
import { ringOf, type HeatSeat } from './heatSeat.ts';
import { TIME_ALLOWED, USUAL_WORK } from './heatSettings.ts';
import { leastHeat, USUAL_LOSS } from './leastHeat.ts';
import { between, CASE, seat, fit } from './tests/heatBench.ts';

const WORK = { ...USUAL_WORK, rings: 20 };
/** How many parts are compared: 10,000 where it is asked for. */
const PARTS = howMany('WENDAXIS_WINDOWS', 100);

/** Every order that keeps what has to be in before, plainly. */
function orders(seats: readonly HeatSeat[]): readonly (readonly HeatSeat[])[] {
  if (seats.length === 0) return [[]];
  return seats
    .filter(({ after }) => !seats.some(({ id }) => after.includes(id)))
    .flatMap((first) =>
      orders(seats.filter((one) => one !== first)).map((rest) => [first, ...rest]),
    );
}

describe('the least heat', () => {
  const material = fc.constantFrom<FigureId>(
    'castAluminium',
    'magnesium',
    'greyIron',
    'ductileIron',
  );
  const part = fc.record({ material, mass: between(0.2, 40), spread: between(0.04, 0.12) });

  test('should leave each ring its clearance when its time is over, as a general solver has it', () => {
    fc.assert(
      fc.property(part, between(0, 0.05), between(-40, 25), (body, most, rings) => {
        const { material: of, mass, spread } = body;
        const lumped = { material: of, mass, area: spread * mass ** (2 / 3) };
        const one = seat('a', { fit: fit(0, most) });
        const { toDrop, seats } = leastHeat(lumped, [one], { ...WORK, rings });
        if (toDrop < 30 || toDrop > 350) return;
        const { allowed } = seats[0]!;
        const { fit: left, outer } = solved(
          {
            diameter: one.diameter,
            width: one.width,
            interference: most,
            clearance: 0,
            ambient: 20,
            ring: 'inner',
            outer: { ...lumped, temperature: toDrop },
            inner: { ...ringOf(one), material: 'bearingSteel', temperature: rings },
          },
          { apart: allowed, together: 0 },
        );
        // c = max(0.010 mm, 0.0005·52 mm).
        expect(left).toBeCloseTo(-0.026, 4);
        expect(outer).toBeLessThanOrEqual(toDrop);
      }),
      { numRuns: PARTS },
    );
  });

  test('should be that of the best order there is, found by trying every one', () => {
    const rows = fc.array(
      fc.record({ most: between(0, 0.06), diameter: between(35, 110), before: fc.nat(4) }),
      { minLength: 1, maxLength: 5 },
    );
    fc.assert(
      fc.property(rows, part, (drawn, { material: of, mass, spread }) => {
        const body = { material: of, mass, area: spread * mass ** (2 / 3) };
        const seats = drawn.map(({ most, diameter, before }, n) =>
          seat(`s${n}`, {
            fit: fit(0, most),
            diameter,
            bore: diameter / 2,
            after: before < n ? [`s${before}`] : [],
          }),
        );
        const alone = (one: HeatSeat, place: number) =>
          leastHeat(body, [{ ...one, after: [] }], {
            ...WORK,
            carry: WORK.carry + (place - 1) * WORK.handling,
          }).toDrop;
        const best = Math.min(
          ...orders(seats).map((order) => Math.max(...order.map((one, n) => alone(one, n + 1)))),
        );
        expect(leastHeat(body, seats, WORK).toDrop).toBeCloseTo(best, 6);
      }),
      { numRuns: 60 },
    );
  });

  test('should grow with the time that the work takes, and with how fast the part was seen to cool', () => {
    const heat = (change: Partial<typeof WORK>) =>
      leastHeat(CASE, [seat('a')], { ...WORK, ...change }).toDrop;
    expect(heat({ carry: 60 as 20 })).toBeGreaterThan(heat({}));
    expect(heat({ coolingFactor: 2 as 1 })).toBeGreaterThan(heat({}));
    expect(heat({ rings: -18 })).toBeLessThan(heat({}));
    // 20 + 0.056/(52·21.5·10⁻⁶) = 70.1 °C; twice 40 s in air with τ = 1600 s: 20 + 50.1·e^(80/1600) = 72.7 °C.
    expect(heat({})).toBeCloseTo(72.66, 1);
    expect(leastHeat(CASE, [seat('a')], WORK).seats[0]).toMatchObject({
      allowed: TIME_ALLOWED * 40,
    });
  });

  test('should take the usual loss, and say so, where nobody knows how heavy the part is', () => {
    const known = leastHeat(CASE, [seat('a')], WORK);
    const unknown = leastHeat({ material: 'castAluminium' }, [seat('a')], WORK);
    expect([known.loss, unknown.loss]).toEqual(['worked out', 'usual']);
    expect(unknown.toDrop).toBeCloseTo(known.seats[0]!.drops + USUAL_LOSS, 9);
  });

  test('should name rings that wait for each other', () => {
    const seats = [seat('a', { after: ['b'] }), seat('b', { after: ['a'] })];
    expect(() => leastHeat(CASE, seats, WORK)).toThrow(/seats/);
  });
});
