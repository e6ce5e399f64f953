import fc from 'fast-check';

import { MATERIAL_IDS } from '../materials/index.ts';
import { dropInClearance } from './dropInClearance.ts';
import { fitAtTemperature } from './fitAtTemperature.ts';
import { innerTemperatureFor, outerTemperatureFor } from './temperatureFor.ts';
import { interference } from './interference.ts';
import { ringLimits } from './ringTolerance.ts';
import { GRADES, standardTolerance } from './standardTolerance.ts';

describe('standard tolerances', () => {
  // ISO 286-1:2010, annex A: i = 0.45·∛D + 0.001·D, D the geometric mean of the band's ends; IT5 to IT10 are 7, 10, 16,
  // 25, 40 and 64 i, rounded. The bands' ends and multiples are the standard's; the rounding leaves up to 0.7 µm or 4 %.
  const MULTIPLES = { IT5: 7, IT6: 10, IT7: 16, IT8: 25, IT9: 40, IT10: 64 } as const;
  const BANDS = [
    [3, 6],
    [6, 10],
    [10, 18],
    [18, 30],
    [30, 50],
    [50, 80],
    [80, 120],
    [120, 180],
    [180, 250],
    [250, 315],
    [315, 400],
    [400, 500],
  ] as const;

  test.each(Object.keys(MULTIPLES) as (keyof typeof MULTIPLES)[])(
    'should follow the formula of the standard in every band of %s',
    (grade) => {
      for (const [over, upTo] of BANDS) {
        const mean = Math.sqrt(over * upTo);
        const formula = MULTIPLES[grade] * (0.45 * Math.cbrt(mean) + 0.001 * mean);
        const width = standardTolerance(upTo, grade) * 1000;
        expect(Math.abs(width - formula)).toBeLessThanOrEqual(Math.max(0.7, 0.045 * formula));
      }
    },
  );

  test('should widen from grade to grade and from band to band', () => {
    for (const [, upTo] of BANDS) {
      const widths = GRADES.map((grade) => standardTolerance(upTo, grade));
      expect(widths).toEqual(widths.toSorted((a, b) => a - b));
    }
    for (const grade of GRADES) {
      const widths = BANDS.map(([, upTo]) => standardTolerance(upTo, grade));
      expect(widths).toEqual(widths.toSorted((a, b) => a - b));
    }
  });

  test('should include the upper end of a band and begin the next beyond it', () => {
    expect(standardTolerance(50, 'IT7')).toBe(0.025);
    expect(standardTolerance(50.001, 'IT7')).toBe(0.03);
    expect(standardTolerance(62, 'IT6')).toBe(0.019); // ISO 286-1:2010, table 1: 50 to 80 mm, 19 µm
  });

  test.each([3, 0, 500.1, NaN])('should refuse a size of %d mm', (size) => {
    expect(() => standardTolerance(size, 'IT7')).toThrow(/size/);
  });
  test('should refuse a grade it does not have', () => {
    expect(() => standardTolerance(10, 'IT2' as 'IT8')).toThrow(/grade/);
  });
});

describe('ring limits', () => {
  test.each([
    // ISO 492, Normal class; values as commonly printed (from memory).
    [25, 'inner', 'radial', -0.01],
    [18, 'inner', 'radial', -0.008],
    [52, 'outer', 'radial', -0.013],
    [150, 'outer', 'radial', -0.018],
    [30, 'inner', 'tapered', -0.012],
    [62, 'outer', 'tapered', -0.016],
  ] as const)('should be from %d mm, %s ring, %s, down to %d', (size, ring, family, lower) => {
    const { least, most } = ringLimits(size, ring, family);
    expect(most).toBe(size);
    expect(least).toBeCloseTo(size + lower, 9);
  });

  test('should run from nominal up for inch tapered bearings', () => {
    // ANSI/ABMA 19.2, classes 4 and 2 (from memory): cone 0/+13 µm to 76.2 mm and 0/+25 above, cup 0/+25 µm.
    expect(ringLimits(19.05, 'inner', 'inchTapered')).toMatchObject({ least: 19.05 });
    expect(ringLimits(19.05, 'inner', 'inchTapered').most).toBeCloseTo(19.063, 9);
    // Class 3: half a thousandth of an inch up to 12 in, bore and outside (ANSI/ABMA 19.2, from memory).
    expect(ringLimits(100, 'outer', 'inchTapered3').most).toBeCloseTo(100.013, 9);
    expect(ringLimits(100, 'outer', 'inchTapered').most).toBeCloseTo(100.025, 9);
    expect(ringLimits(90, 'inner', 'inchTapered').most).toBeCloseTo(90.025, 9);
    expect(ringLimits(45.237, 'outer', 'inchTapered').most).toBeCloseTo(45.262, 9);
  });

  test('should never narrow as rings grow, and say where the table ends', () => {
    for (const family of ['radial', 'tapered'] as const)
      for (const ring of ['inner', 'outer'] as const) {
        const widths = [10, 18, 25, 40, 60, 100, 150, 200].map(
          (size) => size - ringLimits(size, ring, family).least,
        );
        expect(widths).toEqual(widths.toSorted((a, b) => a - b));
        expect(() => ringLimits(900, ring, family)).toThrow(/at most/);
      }
  });
});

describe('interference', () => {
  test('should be the ring less its bore, and the journal less the ring', () => {
    const ring = { least: 51.987, most: 52 };
    const bore = { least: 51.98, most: 51.984 };
    expect(interference('outer', ring, bore).most).toBeCloseTo(0.02, 9);
    expect(interference('outer', ring, bore).least).toBeCloseTo(0.003, 9);
    const cone = { least: 29.988, most: 30 };
    const journal = { least: 30.002, most: 30.01 };
    expect(interference('inner', cone, journal).most).toBeCloseTo(0.022, 9);
    expect(interference('inner', cone, journal).mean).toBeCloseTo(0.012, 9);
  });

  test('should be negative where the ring is loose', () => {
    expect(
      interference('outer', { least: 52, most: 52 }, { least: 52.1, most: 52.1 }).mean,
    ).toBeCloseTo(-0.1, 9);
  });

  test('should open to a working that can be checked with a pencil', () => {
    const { working } = interference(
      'outer',
      { least: 52, most: 52 },
      { least: 51.98, most: 51.99 },
    );
    expect(working.map(({ result }) => result.value)).toEqual([
      expect.closeTo(0.015, 9),
      expect.closeTo(0.02, 9),
    ]);
  });

  test.each([
    ['ring.least', { least: 0, most: 1 }, { least: 1, most: 1 }],
    ['seat.most', { least: 1, most: 1 }, { least: 2, most: 1 }],
  ])('should name %s', (field, ring, seat) => {
    expect(() => interference('outer', ring, seat)).toThrow(field);
  });
});

describe('temperature for a fit', () => {
  const fits = fc.record({
    diameter: fc.double({ min: 10, max: 300, noNaN: true }),
    interference: fc.double({ min: -0.05, max: 0.15, noNaN: true }),
    clearance: fc.double({ min: 0, max: 0.1, noNaN: true }),
  });
  const warm = fc.record({
    material: fc.constantFrom(...MATERIAL_IDS),
    temperature: fc.double({ min: -80, max: 200, noNaN: true }),
  });

  test('should leave exactly the clearance that is wanted, whichever of the two is warmed or cooled', () => {
    fc.assert(
      fc.property(fits, warm, fc.constantFrom(...MATERIAL_IDS), (fit, other, material) => {
        const { diameter, interference: cold, clearance } = fit;
        const outer = outerTemperatureFor(fit, material, other);
        const inner = innerTemperatureFor(fit, material, other);
        if (outer < 500 && outer > -273)
          expect(
            fitAtTemperature(cold, diameter, {
              inner: other,
              outer: { material, temperature: outer },
            }),
          ).toBeCloseTo(-clearance, 9);
        if (inner < 500 && inner > -273)
          expect(
            fitAtTemperature(cold, diameter, {
              outer: other,
              inner: { material, temperature: inner },
            }),
          ).toBeCloseTo(-clearance, 9);
      }),
    );
  });

  test('should heat an aluminium engine case as the trade does', () => {
    // Common practice, no source: aluminium engine cases at 65 to 95 °C take room-temperature ring bearings.
    for (const tightest of [0.025, 0.04, 0.05]) {
      const needed = outerTemperatureFor(
        { diameter: 52, interference: tightest, clearance: dropInClearance(52) },
        'castAluminium',
        { material: 'bearingSteel', temperature: 20 },
      );
      expect(needed).toBeGreaterThan(60);
      expect(needed).toBeLessThan(95);
    }
  });

  test.each([
    ['diameter', { diameter: 0, interference: 0, clearance: 0 }],
    ['interference', { diameter: 50, interference: 19, clearance: 0 }],
    ['clearance', { diameter: 50, interference: 0, clearance: -1 }],
  ])('should name %s', (field, fit) => {
    const cold = { material: 'bearingSteel', temperature: 20 } as const;
    expect(() => outerTemperatureFor(fit, 'greyIron', cold)).toThrow(field);
    expect(() => innerTemperatureFor(fit, 'greyIron', cold)).toThrow(field);
  });
});
