import fc from 'fast-check';

import { MATERIAL_IDS, materialOf } from '../materials/index.ts';
import {
  bearingMass,
  settledTemperature,
  temperatureAfter,
  timeConstant,
  type LumpedBody,
} from '../thermal/index.ts';
import { coolingFactorFrom } from './coolingFactor.ts';
import { partHeat, USUAL_HEAT, type HeatSeat } from './partHeat.ts';
import { ringLimitOf } from './ringLimit.ts';
import { waysIn } from './waysIn.ts';
import { type WayInput } from './wayIn.ts';

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const CASE: LumpedBody = { material: 'castAluminium', mass: 1.6, area: 0.09 };
const fit = (least: number, most: number) => ({
  least,
  most,
  mean: (least + most) / 2,
  working: [],
});
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
const SEAT: WayInput = {
  ring: 'outer',
  diameter: 52,
  other: 25,
  width: 15,
  tightest: 0.03,
  material: 'castAluminium',
  sealed: false,
  pressRating: 100_000,
};
const INNER: WayInput = {
  ...SEAT,
  ring: 'inner',
  diameter: 25,
  other: 52,
  tightest: 0.012,
  material: 'carbonSteel',
};
const way = (input: WayInput, id: string) => waysIn(input).find((one) => one.id === id)!;

describe('the ways in', () => {
  test('should never plan past a limit, over ten thousand random seats', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('outer' as const, 'inner' as const),
        between(10, 200),
        between(0.25, 0.9),
        between(-0.05, 0.5),
        fc.constantFrom(...MATERIAL_IDS),
        fc.boolean(),
        (ring, diameter, share, tightest, material, sealed) => {
          const other = ring === 'outer' ? diameter * share : diameter / share;
          for (const one of waysIn({
            ring,
            diameter,
            other,
            width: 20,
            tightest,
            material,
            sealed,
            pressRating: 100_000,
          })) {
            if (!one.stands) continue;
            if (
              ring === 'outer' &&
              one.temperature !== null &&
              one.temperature > materialOf(material).hottest + 1e-9
            )
              throw new Error(`${one.id} past the part`);
            if (
              ring === 'inner' &&
              one.temperature !== null &&
              one.temperature > (sealed ? 80 : 120) + 1e-9
            )
              throw new Error(`${one.id} past the ring`);
            if (one.ringTemperature !== null && one.ringTemperature < -50)
              throw new Error(`${one.id} too cold`);
            if (
              ring === 'outer' &&
              one.temperature !== null &&
              one.ringTemperature !== -78 &&
              one.temperature > (sealed ? 80 : 120) + 1e-9
            )
              throw new Error(`${one.id} cooks the ring`);
            if (one.force !== null && one.force > 100_000)
              throw new Error(`${one.id} past the press`);
          }
        },
      ),
      { numRuns: 10_000 },
    );
  });

  test('should refuse the habit of baking rings near 230 °C, with its reason', () => {
    expect(way(INNER, 'bake')).toMatchObject({ stands: false, temperature: 230 });
    expect(way(INNER, 'bake').limit).toMatch(/120 °C.*hardness and size/);
  });

  test('should allow no flame on magnesium, and dry ice for a bush only', () => {
    expect(way({ ...SEAT, material: 'magnesium' }, 'torch')).toMatchObject({ stands: false });
    expect(way(SEAT, 'torch').stands).toBe(true);
    expect(way(SEAT, 'dryIce')).toMatchObject({ stands: false, ringTemperature: -78 });
    expect(way({ ...SEAT, bush: true }, 'dryIce').stands).toBe(true);
  });

  test('should save heat with a frozen ring, and say how far a way is from its limit', () => {
    const [frozen, room] = [way(SEAT, 'ovenAndFreezer'), way(SEAT, 'ovenOnly')];
    // 38 K · 12/21.5 = 21.2 K less.
    expect(room.temperature! - frozen.temperature!).toBeCloseTo(21.2, 1);
    expect(room.limit).toBe(`${Math.round(120 - room.temperature!)} K below its limit of 120 °C`);
    // A cold bearing takes heat out of the part: with the part known, the oven may be hotter than the ring.
    expect(way({ ...SEAT, body: CASE }, 'ovenOnly').limit).toMatch(/below its limit of 12[1-9] °C/);
  });

  test('should slide a light fit over a crank journal at 55 °C', () => {
    // Common practice, no source: inner rings warmed to 55 °C slide over a crank journal (light fits).
    const slides = 20 + 0.008 / (25 * 12e-6);
    expect(slides).toBeLessThan(55);
    const light = way({ ...INNER, tightest: 0.008 }, 'induction');
    expect(light).toMatchObject({ stands: true, limit: expect.stringMatching(/^drops on/) });
    const tight = way({ ...INNER, tightest: 0.025 }, 'induction');
    expect(tight).toMatchObject({ stands: true, limit: expect.stringMatching(/^slides on/) });
    expect(way({ ...INNER, tightest: 0.05 }, 'oven').stands).toBe(false);
  });

  test('should give force and stress for the press, and nothing for a loose ring', () => {
    const press = way({ ...SEAT, tightest: 0.05 }, 'coldPress');
    expect(press.force!).toBeGreaterThan(500);
    expect(press.stress!).toBeGreaterThan(0);
    expect(way({ ...SEAT, tightest: 0.05, pressRating: 100 }, 'coldPress').stands).toBe(false);
    expect(way({ ...SEAT, tightest: -0.01 }, 'coldPress')).toMatchObject({
      stands: true,
      force: 0,
    });
  });

  test('should press no harder than the snap ring under it allows', () => {
    const tight = { ...SEAT, tightest: 0.06 };
    const force = way(tight, 'coldPress').force!;
    const forceLimit = { limit: force / 2, reason: 'what the groove of Circlip takes' };
    expect(way({ ...tight, forceLimit }, 'coldPress')).toMatchObject({
      stands: false,
      limit: expect.stringMatching(/more than .* kN, what the groove of Circlip takes/),
    });
    expect(way({ ...tight, forceLimit: { ...forceLimit, limit: 2e5 } }, 'coldPress').limit).toBe(
      'within 100.0 kN, what the press stands',
    );
  });

  test('should say how long each takes, and keep to a limit set for the job', () => {
    // Common practice, no source: an aluminium half in an oven near 107 °C needs 30 to 40 min.
    const minutes =
      way({ ...SEAT, body: { material: 'castAluminium', mass: 4, area: 0.12 } }, 'ovenOnly')
        .seconds! / 60;
    expect(minutes).toBeGreaterThan(20);
    expect(minutes).toBeLessThan(60);
    expect(way(SEAT, 'ovenOnly').seconds).toBeNull();
    const gun = way(SEAT, 'heatGun').seconds!;
    expect(gun).toBeGreaterThan(30);
    expect(gun).toBeLessThan(600);
    expect(way(INNER, 'oven').seconds!).toBeGreaterThan(300);
    const partLimit = { limit: 50, reason: 'varnish' };
    expect(way({ ...SEAT, partLimit }, 'ovenOnly')).toMatchObject({
      stands: false,
      limit: expect.stringMatching(/past 50 °C: varnish/),
    });
    const ringLimit = { limit: 40, reason: 'plastic cage' };
    expect(way({ ...INNER, ringLimit }, 'induction')).toMatchObject({
      stands: false,
      limit: expect.stringMatching(/past 40 °C: plastic cage/),
    });
  });

  test('should keep a torch for when nothing else will do', () => {
    expect(
      waysIn(SEAT)
        .filter(({ lastResort }) => lastResort)
        .map(({ id }) => id),
    ).toEqual(['torch']);
  });

  test('should name what cannot be used', () => {
    expect(() => waysIn({ ...SEAT, diameter: 0 })).toThrow(/diameter/);
    expect(() => waysIn({ ...SEAT, pressRating: 0 })).toThrow(/pressRating/);
  });
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

describe('what the first half says of the second', () => {
  test('should be the factor by which it cooled faster', () => {
    const tau = timeConstant(CASE, 10);
    for (const factor of [0.5, 1, 1.7]) {
      const read = temperatureAfter(300, 110, 20, tau / factor);
      expect(coolingFactorFrom(CASE, { oven: 110, ambient: 20, read, seconds: 300 })).toBeCloseTo(
        factor,
        9,
      );
    }
  });
  test('should be nothing while there is nothing to tell, or everything is cold', () => {
    expect(coolingFactorFrom(CASE, { oven: 110, ambient: 20, read: 109, seconds: 60 })).toBeNull();
    expect(coolingFactorFrom(CASE, { oven: 110, ambient: 20, read: 21, seconds: 60 })).toBeNull();
    expect(() => coolingFactorFrom(CASE, { oven: 110, ambient: 20, read: 80, seconds: 0 })).toThrow(
      /seconds/,
    );
  });
});
