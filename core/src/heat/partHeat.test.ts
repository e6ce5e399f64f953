import fc from 'fast-check';
import { bearingMass, settledTemperature } from '../thermal/index.ts';
import { partHeat, USUAL_HEAT, type HeatSeat } from './partHeat.ts';
import { ringLimitOf } from './ringLimit.ts';
import { between, CASE, fit } from './tests/heatBench.ts';

const seat = (id: string, rest: Partial<HeatSeat> = {}): HeatSeat => ({
  id,
  name: id,
  diameter: 52,
  bore: 25,
  width: 15,
  fit: fit(0.01, 0.03),
  after: [],
  ringLimit: ringLimitOf(false),
  ...rest,
});

describe('the heat of a part', () => {
  test('should stand where every ring drops in under the limit, and name the coolest oven that does', () => {
    fc.assert(
      fc.property(between(0, 0.08), between(60, 200), between(-30, 20), (most, oven, rings) => {
        const plan = partHeat(CASE, [seat('a', { fit: fit(0, most) })], {
          ...USUAL_HEAT,
          oven,
          rings,
        });
        if (plan.status === 'stands') expect(oven).toBeLessThanOrEqual(plan.limit);
        if (oven > 150) expect(plan.status).toBe('refused');
        expect(plan.limit).toBeLessThanOrEqual(150);
        if (plan.nearest === null) return expect(plan.status).not.toBe('stands');
        const settings = { ...USUAL_HEAT, rings, oven: Math.max(0, plan.nearest + 1e-6) };
        expect(partHeat(CASE, [seat('a', { fit: fit(0, most) })], settings).status).toBe('stands');
      }),
    );
  });

  test('should say that the ring has to be pressed where no permitted heat frees it', () => {
    const plan = partHeat(
      { ...CASE, material: 'magnesium' },
      [seat('a', { fit: fit(0.1, 0.2) })],
      USUAL_HEAT,
    );
    expect(plan).toMatchObject({ status: 'press', nearest: null, limit: 120 });
  });

  test('should fill a blocked seat first and keep every deadline', () => {
    const plan = partHeat(
      CASE,
      [seat('outer', { after: ['inner'] }), seat('inner', { fit: fit(0, 0.01) })],
      USUAL_HEAT,
    );
    expect(plan.order!.map(({ id }) => id)).toEqual(['inner', 'outer']);
    for (const { spare } of plan.order!) expect(spare).toBeGreaterThanOrEqual(0);
  });

  test('should have a light fit creep in a warm aluminium case, and a tight one stay', () => {
    const rows = partHeat(
      CASE,
      [seat('light', { fit: fit(0.005, 0.02) }), seat('tight', { fit: fit(0.06, 0.07) })],
      USUAL_HEAT,
    ).seats;
    // 52 mm · 9.5·10⁻⁶ · 70 K = 34.6 µm of fit are gone at 90 °C.
    expect(rows[0]!.service).toBeCloseTo(0.005 - 0.03458, 5);
    expect(rows.map(({ creeps }) => creeps)).toEqual([true, false]);
  });

  test('should not cook the grease of a sealed bearing left in the hot part', () => {
    const sealed = seat('a', { name: 'Sealed', ringLimit: ringLimitOf(true), fit: fit(0, 0.005) });
    const plan = partHeat(CASE, [sealed], { ...USUAL_HEAT, oven: 110 });
    expect(plan).toMatchObject({
      status: 'refused',
      limitReason: expect.stringMatching(/Sealed.*80 °C/),
    });
    // Heat balance: at the limit both come to 80 °C, and a colder ring allows a hotter oven.
    const mass = bearingMass(25, 52, 15);
    expect(
      settledTemperature({ ...CASE, temperature: plan.limit }, { mass, temperature: -18 }),
    ).toBeCloseTo(80, 9);
    expect(partHeat(CASE, [sealed], { ...USUAL_HEAT, rings: 20 }).limit).toBeLessThan(plan.limit);
    expect(partHeat(CASE, [sealed], { ...USUAL_HEAT, oven: plan.limit - 1 }).status).toBe('stands');
    expect(partHeat(CASE, [seat('a')], USUAL_HEAT, { limit: 90, reason: 'varnish' })).toMatchObject(
      { status: 'refused', limit: 90 },
    );
  });

  test('should have no order past the limit, and take no time to freeze what stays in the shop', () => {
    expect(partHeat(CASE, [seat('a')], { ...USUAL_HEAT, oven: 160 })).toMatchObject({
      status: 'refused',
      order: null,
    });
    expect(partHeat(CASE, [seat('a')], { ...USUAL_HEAT, rings: 20 }).freeze).toBe(0);
    expect(partHeat(CASE, [seat('a')], USUAL_HEAT).freeze).toBeGreaterThan(600);
  });

  test.each([
    ['oven', 400],
    ['rings', -60],
    ['ambient', 60],
    ['running', 300],
    ['handling', 0],
    ['coolingFactor', 0],
  ])('should name %s', (field, value) => {
    expect(() => partHeat(CASE, [seat('a')], { ...USUAL_HEAT, [field]: value })).toThrow(field);
  });
});
