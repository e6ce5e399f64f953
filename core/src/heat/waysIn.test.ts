import { howMany } from '../draws/index.ts';
import fc from 'fast-check';

import { MATERIAL_IDS, materialOf } from '../materials/index.ts';
import { pressFit, ringForce } from '../pressFit/index.ts';
import { heatChoices } from './chooseHeat.ts';
import { USUAL_WORK } from './heatSettings.ts';
import { between, CASE, fit, seat } from './tests/heatBench.ts';
import type { WayInput } from './wayIn.ts';
import { waysIn, wayToTake } from './waysIn.ts';

const SEAT: WayInput = {
  ring: 'outer',
  diameter: 52,
  other: 25,
  width: 15,
  fit: fit(0.01, 0.03),
  material: 'castAluminium',
  sealed: false,
  pressRating: 100_000,
};
const INNER: WayInput = {
  ...SEAT,
  ring: 'inner',
  diameter: 25,
  other: 52,
  fit: fit(0.004, 0.012),
  material: 'carbonSteel',
};
const IN_PART: WayInput = {
  ...INNER,
  place: 'inPart',
  heldBy: {
    diameter: 52,
    least: 0.02,
    material: 'castAluminium',
    body: CASE,
    partLimit: null,
  },
};
const way = (input: WayInput, id: string) => waysIn(input).find((one) => one.id === id)!;
const ids = (input: WayInput) => waysIn(input).map(({ id }) => id);

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
            fit: fit(tightest - 0.02, tightest),
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
            if (one.force !== null && one.force > 100_000)
              throw new Error(`${one.id} past the press`);
          }
        },
      ),
      { numRuns: howMany('WENDAXIS_WINDOWS', 2000) },
    );
  });

  test('should give the same temperature as the heat plan of the part, all its rings in it', () => {
    const seats = [seat('a'), seat('b', { diameter: 62, bore: 30, fit: fit(0.02, 0.035) })];
    for (const [rings, id] of [
      [20, 'ovenOnly'],
      [-18, 'ovenAndFreezer'],
    ] as const) {
      const choice = heatChoices(CASE, seats, USUAL_WORK).find((one) => one.rings === rings)!;
      for (const one of seats)
        expect(
          way(
            {
              ...SEAT,
              diameter: one.diameter,
              other: one.bore,
              fit: one.fit,
              body: CASE,
              together: { id: one.id, seats },
            },
            id,
          ).temperature,
        ).toBe(choice.oven);
    }
  });

  test('should refuse the habit of baking rings near 230 °C, with its reason', () => {
    expect(way(INNER, 'bake')).toMatchObject({ stands: false, temperature: 230 });
    expect(way(INNER, 'bake').limit).toMatch(/120 °C.*hardness and size/);
  });

  test('should allow no flame on magnesium, and dry ice for a bush only', () => {
    expect(way({ ...SEAT, material: 'magnesium' }, 'torch')).toMatchObject({ stands: false });
    expect(way(SEAT, 'torch').stands).toBe(true);
    expect(way(SEAT, 'dryIce')).toMatchObject({ stands: false, ringTemperature: -78 });
    // A bronze bush at −78 °C: 52 · 18·10⁻⁶ · 98 K = 0.092 mm smaller.
    expect(way({ ...SEAT, bush: 'bronze' }, 'dryIce')).toMatchObject({
      stands: true,
      limit: expect.stringMatching(/^drops in/),
    });
    expect(way({ ...SEAT, bush: 'bronze', fit: fit(0.05, 0.1) }, 'dryIce').stands).toBe(false);
  });

  test('should take the bush for what it is made of', () => {
    const bronze = way({ ...SEAT, bush: 'bronze' }, 'ovenAndFreezer').temperature!;
    expect(bronze).toBeLessThan(way(SEAT, 'ovenAndFreezer').temperature!);
    // By itself, solid: the same as the press fit of a bronze ring from its bore.
    const solid = pressFit({
      interference: 0.03,
      diameter: 52,
      innerBore: 25,
      outerOutside: 83.2,
      length: 15,
      innerMaterial: 'bronze',
      outerMaterial: 'castAluminium',
      friction: 0.16,
    });
    expect(way({ ...SEAT, bush: 'bronze' }, 'coldPress').forceMost).toBeCloseTo(solid.force, 6);
  });

  test('should save heat with a frozen ring, and say how far a way is from its limit', () => {
    const [frozen, room] = [way(SEAT, 'ovenAndFreezer'), way(SEAT, 'ovenOnly')];
    // 38 K · 12/21.5 = 21.2 K less, each in whole degrees up.
    expect(Math.abs(room.temperature! - frozen.temperature! - 21.2)).toBeLessThan(1);
    expect(room.limit).toMatch(
      new RegExp(`^drops in, ${120 - room.temperature!} K below its limit of 120 °C; 10 K of it`),
    );
    // A cold bearing takes heat out of the part: with the part known, the oven may be hotter than the ring.
    expect(way({ ...SEAT, body: CASE }, 'ovenOnly').limit).toMatch(/below its limit of 12[1-9] °C/);
  });

  test('should slide a light fit over a crank journal at 55 °C', () => {
    // Common practice, no source: inner rings warmed to 55 °C slide over a crank journal (light fits).
    const slides = 20 + 0.008 / (25 * 12e-6);
    expect(slides).toBeLessThan(55);
    const light = way({ ...INNER, fit: fit(0, 0.008) }, 'induction');
    expect(light).toMatchObject({ stands: true, limit: expect.stringMatching(/^drops on/) });
    expect(light.temperature!).toBeGreaterThan(light.drops!);
    const tight = way({ ...INNER, fit: fit(0.01, 0.025) }, 'induction');
    expect(tight).toMatchObject({ stands: true, limit: expect.stringMatching(/^slides on/) });
    expect(way({ ...INNER, fit: fit(0.03, 0.05) }, 'oven').stands).toBe(false);
  });

  test('should offer for a ring that is in its case only what can be done there', () => {
    expect(ids(INNER)).toEqual(expect.arrayContaining(['induction', 'oven', 'coolShaft']));
    expect(ids(INNER)).not.toEqual(expect.arrayContaining(['drawTool']));
    expect(ids(IN_PART)).toEqual([
      'partOven',
      'ringHeatGun',
      'coolShaft',
      'drawTool',
      'innerPress',
    ]);
  });

  test('should cool the shaft as far as a freezer does, and say when that is not enough', () => {
    // 25 mm · 11.7·10⁻⁶ · 38 K = 11.1 µm smaller.
    expect(way({ ...IN_PART, fit: fit(0, 0.01) }, 'coolShaft')).toMatchObject({
      stands: true,
      shaftTemperature: -18,
      limit: expect.stringMatching(/^slides in/),
    });
    expect(way({ ...IN_PART, fit: fit(0, 0.012) }, 'coolShaft')).toMatchObject({ stands: false });
    const both = way({ ...INNER, fit: fit(0.01, 0.025) }, 'warmAndCold');
    expect(both).toMatchObject({ stands: true, limit: expect.stringMatching(/^drops on/) });
  });

  test('should warm a case for its inner ring, and say where the outer ring lets go', () => {
    const held = way({ ...IN_PART, fit: fit(0.01, 0.016) }, 'partOven');
    expect(held).toMatchObject({ stands: false });
    const light = { ...IN_PART, fit: fit(0, 0.006) };
    expect(way(light, 'partOven')).toMatchObject({
      stands: true,
      limit: expect.stringMatching(/outer ring is loose in its case at that heat/),
    });
    expect(
      way({ ...light, heldBy: { ...IN_PART.heldBy!, least: 0.06 } }, 'partOven').limit,
    ).toMatch(/^drops in, \d+ K below/);
    expect(
      way({ ...light, heldBy: { ...IN_PART.heldBy!, material: null } }, 'partOven'),
    ).toMatchObject({
      stands: false,
      limit: expect.stringMatching(/not known/),
    });
  });

  test('should give force with its spread, and stress, for the press; nothing for a loose ring', () => {
    const tight = { ...SEAT, fit: fit(0.03, 0.05) };
    const press = way(tight, 'coldPress');
    expect(press.force!).toBeGreaterThan(500);
    expect(press.forceMost!).toBeGreaterThan(press.force!);
    expect(press.stress!).toBeGreaterThan(0);
    expect(way({ ...tight, pressRating: 100 }, 'coldPress').stands).toBe(false);
    // A press between the usual force and the most.
    const between = (press.force! + press.forceMost!) / 2;
    expect(way({ ...tight, pressRating: between }, 'coldPress')).toMatchObject({
      stands: true,
      limit: expect.stringMatching(/as a rule.*tightest pair may want more/),
    });
    expect(way({ ...SEAT, fit: fit(-0.03, -0.01) }, 'coldPress')).toMatchObject({
      stands: true,
      force: 0,
    });
    expect(way({ ...IN_PART, fit: fit(0.02, 0.03) }, 'drawTool').limit).toMatch(
      /screw of the tool has to bear/,
    );
  });

  test('should press no harder than the snap ring under it allows', () => {
    const tight = { ...SEAT, fit: fit(0.04, 0.06) };
    const { force, forceMost } = way(tight, 'coldPress');
    const forceLimit = { limit: force! / 2, reason: 'what the groove of Circlip takes' };
    expect(way({ ...tight, forceLimit }, 'coldPress')).toMatchObject({
      stands: false,
      limit: expect.stringMatching(/more than .* kN, what the groove of Circlip takes/),
    });
    expect(forceMost!).toBeLessThan(100_000);
    expect(way({ ...tight, forceLimit: { ...forceLimit, limit: 2e5 } }, 'coldPress').limit).toBe(
      'within 100.0 kN, what the press can take',
    );
  });

  test('should say how long each takes, and keep to a limit set for the job', () => {
    // Common practice, no source: an aluminium half in an oven near 107 °C needs 30 to 40 min.
    const body = { material: 'castAluminium', mass: 4, area: 0.15 } as const;
    const minutes = way({ ...SEAT, body }, 'ovenOnly').seconds! / 60;
    expect(minutes).toBeGreaterThan(20);
    expect(minutes).toBeLessThan(60);
    expect(way(SEAT, 'ovenOnly').seconds).toBeNull();
    // Common practice, no source: a heat gun takes a boss some minutes, not half a minute.
    const gun = way({ ...SEAT, body }, 'heatGun');
    expect(gun.seconds!).toBeGreaterThan(30);
    expect(gun.longest!).toBeGreaterThan(240);
    expect(gun.longest!).toBeLessThan(1200);
    expect(way(INNER, 'oven').seconds!).toBeGreaterThan(300);
    const partLimit = { limit: 50, reason: 'varnish' };
    expect(way({ ...SEAT, partLimit }, 'ovenOnly')).toMatchObject({
      stands: false,
      limit: expect.stringMatching(/past 45 °C, 5 K below its limit: varnish/),
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

  test('should take a way with which it drops in before one with which it only slides, and none for want of another', () => {
    const sealed = { ...SEAT, sealed: true, fit: fit(-0.004, 0.039) };
    // As it is it only slides under 75 °C; frozen it drops in.
    expect(way(sealed, 'ovenOnly').limit).toMatch(/^slides in/);
    expect(wayToTake(waysIn(sealed))!.id).toBe('ovenAndFreezer');
    const torchOnly = waysIn(SEAT).filter(({ id }) => id === 'torch');
    expect(wayToTake(torchOnly)).toBeUndefined();
  });

  test('should name what cannot be used', () => {
    expect(() => waysIn({ ...SEAT, diameter: 0 })).toThrow(/diameter/);
    expect(() => waysIn({ ...SEAT, pressRating: 0 })).toThrow(/pressRating/);
  });
});

describe('the force on a ring', () => {
  test('should lie within 2 % of the closed form of two rings, over random seats', () => {
    fc.assert(
      fc.property(between(15, 120), between(0.005, 0.1), between(8, 40), (d, tight, width) => {
        const force = ringForce(
          { ring: 'inner', diameter: d, other: 2 * d, width, material: 'carbonSteel', bush: null },
          { least: tight, mean: tight, most: tight },
          'in',
        );
        // Shrink fit of a thin ring on a solid shaft, E 208 and 206 GPa, ν 0.3 (any handbook of machine elements):
        // p = δ/(d·(1/Eo·((D² + d²)/(D² − d²) + ν) + (1 − ν)/Es)), D = d + 0.27·d.
        const D = 1.27 * d;
        const p =
          tight / (d * (((D * D + d * d) / (D * D - d * d) + 0.3) / 208_000 + (1 - 0.3) / 206_000));
        const closed = 0.12 * Math.PI * d * width * p;
        expect(Math.abs(force.usual / closed - 1)).toBeLessThan(0.02);
        expect(force.least).toBeLessThan(force.usual);
        expect(force.most / force.usual).toBeCloseTo(0.16 / 0.12, 9);
      }),
    );
  });

  test('should be more to get it out than to get it in, and none where it is loose', () => {
    const one = {
      ring: 'outer' as const,
      diameter: 52,
      other: 25,
      width: 15,
      material: 'greyIron' as const,
      bush: null,
    };
    const fit = { least: -0.01, mean: 0.01, most: 0.03 };
    expect(ringForce(one, fit, 'out').most).toBeGreaterThan(ringForce(one, fit, 'in').most);
    expect(ringForce(one, fit, 'in').least).toBe(0);
    expect(() => ringForce({ ...one, other: 0 }, fit, 'in')).toThrow(/other/);
  });
});
