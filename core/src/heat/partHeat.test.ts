import fc from 'fast-check';

import { bearingMass, settledTemperature } from '../thermal/index.ts';
import { heatChoices } from './chooseHeat.ts';
import { FREEZER, USUAL_WORK } from './heatSettings.ts';
import { isWorkable, partHeat } from './partHeat.ts';
import { ringLimitOf } from './ringLimit.ts';
import { between, CASE, fit, heated, seat } from './tests/heatBench.ts';

describe('the heat of a part', () => {
  test('should be ready with the heat that it says to take, and never past a limit, over random parts', () => {
    const ways = new Set<string>();
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            most: between(-0.02, 0.14),
            diameter: between(35, 110),
            sealed: fc.boolean(),
          }),
          { minLength: 1, maxLength: 5 },
        ),
        fc.constantFrom('castAluminium' as const, 'magnesium' as const, 'greyIron' as const),
        between(0.4, 30),
        (rows, material, mass) => {
          const body = { material, mass, area: 0.08 * mass ** (2 / 3) };
          const seats = rows.map(({ most, diameter, sealed }, n) =>
            seat(`s${n}`, {
              fit: fit(most - 0.02, most),
              diameter,
              bore: diameter / 2,
              ringLimit: ringLimitOf(sealed ? 'closed' : 'open'),
            }),
          );
          for (const choice of heatChoices(body, seats, USUAL_WORK)) {
            ways.add(choice.way);
            const { oven, rings, limit, pressed, way } = choice;
            expect(oven).toBeLessThanOrEqual(limit.limit - 5 + 1e-9);
            const freed = seats.filter(({ id }) => !pressed.includes(id));
            if (way === 'press') expect(freed).toEqual([]);
            if (freed.length === 0) continue;
            const { status } = partHeat(body, freed, heated(oven, { rings }));
            if (way === 'free' || way === 'drops') expect(status).toBe('ready');
            if (way === 'reheats') expect(['reheat', 'hasty', 'ready']).toContain(status);
            expect(isWorkable(status) || status === 'noTime' || status === 'press').toBe(true);
          }
        },
      ),
      { numRuns: 40 },
    );
    expect(ways.has('drops')).toBe(true);
  });

  test('should be as hot as needed and no hotter, and freeze nothing that need not be', () => {
    const [first, second] = heatChoices(CASE, [seat('a')], USUAL_WORK);
    // 72.7 °C by hand in the test of the least heat: the next whole degree.
    expect(first).toMatchObject({ way: 'drops', oven: 73, rings: 20, pressed: [] });
    expect(second).toMatchObject({ way: 'drops', rings: FREEZER });
    expect(second!.oven).toBeLessThan(first!.oven);
    // A tighter ring than the part bears with the ring as it is goes in frozen.
    const tight = seat('a', { fit: fit(0.08, 0.095), ringLimit: ringLimitOf('open') });
    expect(heatChoices(CASE, [tight], USUAL_WORK)[0]).toMatchObject({
      way: 'drops',
      rings: FREEZER,
    });
  });

  test('should tell drops, slides, grabs and tight apart, and never call a ring in that is too late', () => {
    const small = { material: 'castAluminium', mass: 0.2, area: 0.06 } as const;
    const at = (oven: number, handling = 20) =>
      partHeat(small, [seat('a')], heated(oven, { handling }));
    // Slides from 46.8 °C, drops from 70.1 °C (52 mm, 0.030 mm tight, aluminium); τ = 300 s.
    expect(at(40)).toMatchObject({ status: 'tooCool', order: null });
    expect(at(40).seats[0]!.word).toBe('tight');
    expect(at(52)).toMatchObject({ status: 'tooCool' });
    expect(at(52).seats[0]!.word).toBe('slides');
    expect(at(72)).toMatchObject({ status: 'noTime' });
    expect(at(72, 200)).toMatchObject({ status: 'noTime', order: null });
    expect(at(72, 200).seats[0]!.word).toBe('grabs');
    expect(at(80)).toMatchObject({ status: 'hasty' });
    expect(at(100)).toMatchObject({ status: 'ready' });
    expect(at(100).seats[0]!.word).toBe('drops');
    for (const oven of [52, 72, 80, 100])
      for (const { in: end, spare } of at(oven).order ?? []) expect(end + spare).toBeGreaterThan(0);
  });

  test('should take more heats where one does not do, each with its way from the oven', () => {
    const thin = { material: 'castAluminium', mass: 0.3, area: 0.08 } as const;
    const seats = ['a', 'b', 'c', 'd', 'e'].map((id) => seat(id, { fit: fit(0.04, 0.05) }));
    const plan = partHeat(thin, seats, heated(112));
    expect(plan.status).toBe('reheat');
    const heats = plan.order!.map(({ heat }) => heat);
    expect(new Set(heats).size).toBeGreaterThan(1);
    for (const { start, in: end, spare } of plan.order!) {
      expect(start).toBeGreaterThanOrEqual(USUAL_WORK.carry);
      expect(end).toBe(start + USUAL_WORK.handling);
      expect(spare).toBeGreaterThanOrEqual(0);
    }
  });

  test('should say that the ring has to be pressed where no permitted heat frees it', () => {
    const magnesium = { ...CASE, material: 'magnesium' } as const;
    const seats = [seat('a', { fit: fit(0.2, 0.25) }), seat('b')];
    expect(partHeat(magnesium, [seats[0]!], heated(100))).toMatchObject({ status: 'press' });
    // The other is not held up by it.
    expect(heatChoices(magnesium, seats, USUAL_WORK)[0]).toMatchObject({
      way: 'drops',
      pressed: ['a'],
    });
  });

  test('should believe a ring that is known to be warmer than planned', () => {
    const frozen = heated(60, { rings: FREEZER });
    expect(partHeat(CASE, [seat('a')], frozen).seats[0]!.word).toBe('drops');
    const warm = partHeat(CASE, [seat('a', { lies: 20 })], frozen);
    expect(warm.seats[0]!.word).toBe('slides');
    expect(warm.status).toBe('tooCool');
  });

  test('should fill a blocked seat first and keep every deadline', () => {
    const plan = partHeat(
      CASE,
      [seat('outer', { after: ['inner'] }), seat('inner', { fit: fit(0, 0.01) })],
      heated(100),
    );
    expect(plan.order!.map(({ id }) => id)).toEqual(['inner', 'outer']);
    for (const { spare } of plan.order!) expect(spare).toBeGreaterThanOrEqual(0);
  });

  test('should have a light fit creep in a warm aluminium case, and a tight one stay', () => {
    const rows = partHeat(
      CASE,
      [seat('light', { fit: fit(0.005, 0.02) }), seat('tight', { fit: fit(0.06, 0.07) })],
      heated(100),
    ).seats;
    // 52 mm · 9.5·10⁻⁶ · 70 K = 34.6 µm of fit are gone at 90 °C.
    expect(rows[0]!.service).toBeCloseTo(0.005 - 0.03458, 5);
    expect(rows.map(({ creeps }) => creeps)).toEqual([true, false]);
  });

  test('should not cook the grease of a sealed bearing left in the hot part', () => {
    const sealed = seat('a', {
      name: 'Sealed',
      ringLimit: ringLimitOf('closed'),
      fit: fit(0, 0.005),
    });
    const plan = partHeat(CASE, [sealed], heated(110));
    expect(plan).toMatchObject({
      status: 'refused',
      order: null,
      limitReason: expect.stringMatching(/Sealed.*80 °C/),
    });
    // Heat balance: at the limit both come to 80 °C, and a colder ring allows a hotter oven.
    const mass = bearingMass({ bore: 25, outside: 52, width: 15 });
    expect(
      settledTemperature({ ...CASE, temperature: plan.limit }, { mass, temperature: 20 }),
    ).toBeCloseTo(80, 9);
    const frozen = partHeat(CASE, [sealed], heated(70, { rings: FREEZER }));
    expect(frozen.limit).toBeGreaterThan(plan.limit);
    expect(partHeat(CASE, [sealed], heated(plan.limit - 6)).status).toBe('ready');
    // The air of the oven stands above the part: at the limit itself it would be too hot.
    expect(partHeat(CASE, [sealed], heated(plan.limit - 1)).status).toBe('refused');
    expect(
      partHeat(CASE, [seat('a')], heated(100), { limit: 90, reason: 'varnish' }),
    ).toMatchObject({ status: 'refused', limit: 90 });
  });

  test('should take no time to freeze what stays in the shop', () => {
    expect(partHeat(CASE, [seat('a')], heated(100)).freeze).toBe(0);
    expect(partHeat(CASE, [seat('a')], heated(100, { rings: FREEZER })).freeze).toBeGreaterThan(
      600,
    );
  });

  test.each([
    ['oven', 400],
    ['rings', -60],
    ['ambient', 60],
    ['running', 300],
    ['carry', -1],
    ['handling', 0],
    ['coolingFactor', 0],
  ])('should name %s', (field, value) => {
    expect(() => partHeat(CASE, [seat('a')], heated(100, { [field]: value }))).toThrow(field);
  });
});
