import fc from 'fast-check';

import { bearingMass } from '../bearingBody.ts';
import { FIGURES, type FigureId, type TableWindow } from './generalSolver.ts';

export const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const MATERIALS = Object.keys(FIGURES) as FigureId[];

/** Seats of every kind: parts of 0.2 to 40 kg round a ring, and rings that go hot on a shaft. */
export const randomWindow: fc.Arbitrary<TableWindow> = fc
  .record({
    bore: between(10, 80),
    wall: between(8, 60),
    width: between(6, 40),
    interference: between(0.002, 0.08),
    material: fc.constantFrom(...MATERIALS),
    mass: between(0.2, 40),
    spread: between(0.04, 0.12),
    hot: between(60, 160),
    cold: between(-40, 25),
    ambient: between(5, 30),
    factor: between(0.5, 2),
    ring: fc.constantFrom('outer' as const, 'inner' as const),
  })
  .map((one) => {
    const { bore, wall, width, mass, hot, cold, ring, material } = one;
    const bearing = bearingMass({ bore, outside: bore + wall, width });
    const area = (Math.PI * (2 * bore + wall) * width + 2 * wall * bore) * 1e-6;
    const part = { material, mass, area: one.spread * mass ** (2 / 3), coolingFactor: one.factor };
    const steel = { material: 'bearingSteel' as const, mass: 0.4 * bearing, area };
    const diameter = ring === 'inner' ? bore + wall : bore;
    return {
      diameter,
      width,
      interference: one.interference,
      clearance: Math.max(0.01, 0.0005 * diameter),
      ambient: one.ambient,
      ring,
      outer: ring === 'inner' ? { ...part, temperature: hot } : { ...steel, temperature: hot },
      inner: ring === 'inner' ? { ...steel, temperature: cold } : { ...part, temperature: cold },
    };
  });
