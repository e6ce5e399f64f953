import fc from 'fast-check';
import { MATERIAL_IDS, materialOf } from '../materials/index.ts';
import { waysIn } from './waysIn.ts';
import { type WayInput } from './wayIn.ts';
import { between, CASE } from './tests/heatBench.ts';

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
      'within 100.0 kN, what the press can take',
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
