import fc from 'fast-check';

import { clearanceLeft } from './clearanceLeft.ts';
import { drawScrew } from './drawScrew.ts';
import { pressFit, type PressFitInput } from './pressFit.ts';

const HUB: PressFitInput = {
  interference: 0.05,
  diameter: 50,
  innerBore: 0,
  outerOutside: 100,
  length: 40,
  innerMaterial: 'carbonSteel',
  outerMaterial: 'carbonSteel',
  friction: 0.12,
};

describe('a press fit', () => {
  test('should follow the textbook form for one material and a solid shaft', () => {
    // Standard textbook result (thick cylinders, one material, solid shaft): p = E·δ/(2·d)·(1 − (d/Do)²).
    const { pressure, outerStress, force, torque } = pressFit(HUB);
    const expected = ((206_000 * 0.05) / (2 * 50)) * (1 - 0.25);
    expect(pressure).toBeCloseTo(expected, 6);
    expect(outerStress).toBeCloseTo((expected * (100 ** 2 + 50 ** 2)) / (100 ** 2 - 50 ** 2), 6);
    expect(force).toBeCloseTo(0.12 * Math.PI * 50 * 40 * expected, 3);
    expect(torque).toBeCloseTo((force * 25) / 1000, 6);
  });

  test('should give back the interference as the growth of one part and the shrinkage of the other', () => {
    // Lamé radial displacements at the common diameter, computed here part by part.
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.2, noNaN: true }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        fc.double({ min: 1.1, max: 4, noNaN: true }),
        (interference, hollow, thick) => {
          const input = {
            ...HUB,
            interference,
            innerBore: hollow * 50,
            outerOutside: thick * 50,
            outerMaterial: 'castAluminium' as const,
          };
          const { pressure: p } = pressFit(input);
          const outer = ((p * 50) / 72_000) * ((thick ** 2 + 1) / (thick ** 2 - 1) + 0.33);
          const inner = ((p * 50) / 206_000) * ((1 + hollow ** 2) / (1 - hollow ** 2) - 0.3);
          expect(outer + inner).toBeCloseTo(interference, 9);
        },
      ),
    );
  });

  test.each<[string, Partial<PressFitInput>]>([
    ['interference', { interference: -1 }],
    ['diameter', { diameter: 0 }],
    ['innerBore', { innerBore: 50 }],
    ['outerOutside', { outerOutside: 50 }],
    ['length', { length: 0 }],
    ['friction', { friction: 0 }],
    ['outerMaterial', { outerMaterial: 'cheese' as 'brass' }],
  ])('should name %s', (field, change) => {
    expect(() => pressFit({ ...HUB, ...change })).toThrow(field);
  });
});

describe('the clearance left in a bearing', () => {
  const RINGS = {
    initial: 0.015,
    bore: 25,
    innerRaceway: 30,
    innerPressure: 0,
    outside: 52,
    outerRaceway: 47,
    outerPressure: 0,
    innerRise: 0,
    outerRise: 0,
  };

  test('should be what it was on loose seats at one temperature', () => {
    expect(clearanceLeft(RINGS).left).toBe(0.015);
  });

  test('should lose most of a tight fit through the thin ring', () => {
    // A ring pressed on with i gives its raceway about i·d/di (thin ring on a solid shaft; handbook rule, from memory).
    const { pressure } = pressFit({
      interference: 0.015,
      diameter: 25,
      innerBore: 0,
      outerOutside: 30,
      length: 15,
      innerMaterial: 'carbonSteel',
      outerMaterial: 'bearingSteel',
      friction: 0.12,
    });
    const { innerGrowth } = clearanceLeft({ ...RINGS, innerPressure: pressure });
    expect(innerGrowth / (0.015 * (25 / 30))).toBeCloseTo(1, 1);
  });

  test('should shrink when the inner ring runs hotter, and name bad rings', () => {
    expect(clearanceLeft({ ...RINGS, innerRise: 30 }).left).toBeCloseTo(0.015 - 12e-6 * 30 * 47, 9);
    // Geometry: a bearing that is warm throughout grows as a whole.
    expect(clearanceLeft({ ...RINGS, innerRise: 60, outerRise: 60 }).left).toBeCloseTo(0.015, 9);
    expect(() => clearanceLeft({ ...RINGS, innerRaceway: 20 })).toThrow(/innerRaceway/);
    expect(() => clearanceLeft({ ...RINGS, outerRaceway: 60 })).toThrow(/outside/);
    expect(() => clearanceLeft({ ...RINGS, innerPressure: -1 })).toThrow(/innerPressure/);
  });
});

describe('a draw-in screw', () => {
  test('should hold its proof load on the stress area of its thread', () => {
    // ISO 898-1: M10 has a stress area of 58.0 mm²; class 8.8 proof stress 580 MPa: 33.7 kN.
    const screw = drawScrew({ force: 20_000, thread: 10, pitch: 1.5, proofStress: 580 });
    expect(screw.proofLoad / 1000).toBeCloseTo(33.6, 0);
    expect(screw).toMatchObject({ torqueDry: 40, torqueOiled: 30, holds: true });
    expect(drawScrew({ force: 40_000, thread: 10, pitch: 1.5, proofStress: 580 }).holds).toBe(
      false,
    );
  });
  test('should name a thread that is none', () => {
    expect(() => drawScrew({ force: 1, thread: 0, pitch: 1, proofStress: 500 })).toThrow(/thread/);
  });
});
