import fc from 'fast-check';

import { MATERIAL_IDS, materialOf } from '../materials/index.ts';
import { ringForce } from '../pressFit/index.ts';
import { solved } from '../thermal/tests/generalSolver.ts';
import { ringOf } from './heatSeat.ts';
import { ringLimitOf } from './ringLimit.ts';
import { between, CASE, fit, seat } from './tests/heatBench.ts';
import { supportFor } from './support.ts';
import { waysOut, type WayOutInput } from './waysOut.ts';
import type { WayOutId } from './waysOutTable.ts';

const OUTER: WayOutInput = {
  ring: 'outer',
  diameter: 52,
  other: 25,
  width: 15,
  fit: fit(0.01, 0.03),
  material: 'castAluminium',
  bush: null,
  pressed: false,
  body: CASE,
  partLimit: null,
  ringLimit: ringLimitOf('open'),
  pressRating: null,
};
const INNER: WayOutInput = {
  ...OUTER,
  ring: 'inner',
  diameter: 25,
  other: 52,
  fit: fit(0.004, 0.015),
  material: 'carbonSteel',
};
const way = (input: WayOutInput, id: WayOutId) => waysOut(input).find((one) => one.id === id)!;

describe('the ways out', () => {
  test('should have a soaked ring fall out where ring and part, equally warm, are free of each other', () => {
    // 20 + 0.030/(52·(21.5 − 12)·10⁻⁶) = 80.7 °C, a whole degree up.
    const out = way(OUTER, 'partOven');
    expect(out).toMatchObject({ stands: true, temperature: 81 });
    expect(out.seconds!).toBeGreaterThan(600);
    // A general solver, ring in the bore for hours at that temperature of everything: no interference is left.
    const { fit: left } = solved(
      {
        diameter: 52,
        width: 15,
        interference: 0.03,
        clearance: 0,
        ambient: 81,
        ring: 'inner',
        outer: { material: 'castAluminium', mass: 1.6, area: 0.09, temperature: 81 },
        inner: { ...ringOf(seat('a')), material: 'bearingSteel', temperature: 20 },
      },
      { apart: 0, together: 7200 },
    );
    expect(left).toBeLessThan(0);
    expect(left).toBeGreaterThan(-0.001);
  });

  test('should not have a steel ring fall out of iron by soaking, but of a boss that is warmed quickly', () => {
    const iron = { ...OUTER, material: 'greyIron' as const };
    expect(way(iron, 'partOven')).toMatchObject({
      stands: false,
      temperature: null,
      limit: expect.stringMatching(/grow alike/),
    });
    // 20 + 0.030/(52·(10.5 − 6)·10⁻⁶) = 148.2 °C.
    expect(way(iron, 'bossHeat')).toMatchObject({ stands: true, temperature: 149 });
    expect(way(iron, 'bossHeat').limit).toMatch(/past 120 °C the bearing is not used again/);
    expect(way({ ...iron, fit: fit(0.04, 0.06) }, 'bossHeat')).toMatchObject({
      stands: false,
      limit: expect.stringMatching(/past 195 °C/),
    });
  });

  test('should warm a ring off its shaft no further than a journal bears', () => {
    // 20 + 0.015/(25·(12 − 11.7/4)·10⁻⁶) = 86.1 °C.
    expect(way(INNER, 'heatInner')).toMatchObject({ stands: true, temperature: 87 });
    expect(way({ ...INNER, fit: fit(0.03, 0.05) }, 'heatInner')).toMatchObject({
      stands: false,
      limit: expect.stringMatching(/past 200 °C: journal and seal track/),
    });
  });

  test('should give the force with its spread, held against the press', () => {
    const tight = { ...INNER, fit: fit(0.02, 0.03) };
    const { usual, most } = ringForce(
      { ring: 'inner', diameter: 25, other: 52, width: 15, material: 'carbonSteel', bush: null },
      tight.fit!,
      'out',
    );
    expect(way(tight, 'pressInner')).toMatchObject({ stands: true, force: usual, forceMost: most });
    expect(way({ ...tight, pressRating: usual - 1 }, 'pressInner').stands).toBe(false);
    expect(way({ ...tight, pressRating: (usual + most) / 2 }, 'pressInner').limit).toMatch(
      /^as a rule within/,
    );
    expect(way(tight, 'pressInner').limit).toMatch(/usual bench press/);
  });

  test('should keep splitting for last, and say that the ring is scrap', () => {
    for (const input of [OUTER, INNER])
      expect(
        waysOut(input)
          .filter(({ lastResort }) => lastResort === true)
          .map(({ spoils }) => spoils),
      ).toEqual([true]);
  });

  test('should have no number where the fit or the material is not known, and say which', () => {
    for (const one of waysOut({ ...OUTER, fit: null }))
      expect([one.temperature, one.force]).toEqual([null, null]);
    expect(way({ ...OUTER, fit: null }, 'blindPuller').limit).toMatch(/how tight it sits/);
    expect(way({ ...OUTER, material: null }, 'blindPuller').limit).toMatch(/made of/);
  });

  test('should never warm past a limit, over random seats', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('outer' as const, 'inner' as const),
        between(10, 200),
        between(0, 0.3),
        fc.constantFrom(...MATERIAL_IDS),
        (ring, diameter, tightest, material) => {
          const other = ring === 'outer' ? diameter / 2 : diameter * 2;
          for (const one of waysOut({
            ...OUTER,
            ring,
            diameter,
            other,
            fit: fit(tightest / 2, tightest),
            material,
          })) {
            if (!one.stands || one.temperature === null) continue;
            const most = ring === 'inner' ? 200 : materialOf(material).hottest - 5;
            if (one.temperature > most + 1e-9) throw new Error(`${one.id} ${one.temperature}`);
          }
        },
      ),
      { numRuns: 1000 },
    );
  });
});

describe('what a part rests on', () => {
  test('should be clear of what comes out, and under what holds', () => {
    const outer = supportFor(OUTER);
    expect(outer).toMatchObject({ opening: 53, openingMost: 83.2, travel: 15 });
    const inner = supportFor(INNER);
    expect(inner.opening).toBe(26);
    // On the inner ring, whose face ends at 25 + 0.27·27 = 32.3 mm.
    expect(inner.openingMost).toBeGreaterThan(inner.opening);
    expect(inner.openingMost).toBeLessThan(32.3);
  });
});
