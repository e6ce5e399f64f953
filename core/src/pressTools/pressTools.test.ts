import fc from 'fast-check';

import { drawWith, requireRod, rodThatWould, type Rod } from './drawRod.ts';
import { driverFor, judgeDriver, requireDriver, type Driver } from './driver.ts';

const RING = {
  ring: 'outer' as const,
  diameter: 52,
  other: 25,
  body: 'whole' as const,
};
const tube = (outside: number, bore: number): Driver => ({ id: 'd', name: 'Tube', outside, bore });
const rod = (thread: number, pitch: number, strength: Rod['strength']): Rod => ({
  id: 'r',
  name: 'Rod',
  thread,
  pitch,
  strength,
});

describe('a driver', () => {
  test('should take the face of the tight ring and no other', () => {
    // Outer ring of 52 mm, land 0.24 of the section of 27 mm on the diameter: 45.5 to 52 mm; the inner ring to 32.0 mm.
    const outer = driverFor(RING);
    expect(outer.face.from).toBeCloseTo(45.52, 2);
    expect(judgeDriver(outer, tube(51.5, 46))).toMatchObject({ fits: true });
    // Past its land lie the seal and the cage.
    expect(judgeDriver(outer, tube(51.5, 40))).toMatchObject({ fits: false, why: 'boreTooSmall' });
    expect(judgeDriver(outer, tube(52, 40))).toMatchObject({ fits: false, why: 'tooWide' });
    expect(judgeDriver(outer, tube(46, 40))).toMatchObject({ fits: false, why: 'tooNarrow' });
    expect(judgeDriver(outer, tube(51.5, 48.5))).toMatchObject({ fits: false });
    const inner = driverFor({ ...RING, ring: 'inner', diameter: 25, other: 52 });
    expect(judgeDriver(inner, tube(31.5, 25.5))).toMatchObject({ fits: true });
    expect(judgeDriver(inner, tube(34, 25.5))).toMatchObject({ fits: false, why: 'tooWide' });
    expect(judgeDriver(inner, tube(31.5, 25))).toMatchObject({ fits: false, why: 'boreTooSmall' });
    expect(judgeDriver(inner, tube(50, 25.5))).toMatchObject({ fits: false, why: 'tooWide' });
  });

  // Catalogue dimensions of 6206, 30206 and NU 206, all 30 × 62: shoulders, abutments and raceway; from memory.
  test.each([
    ['whole', 'inner', 40.4, 54.1],
    ['cone', 'inner', 37, 50],
    ['roller', 'inner', 37.5, 55.5],
  ] as const)('should stay on the land of a %s, %s ring', (body, ring, land, others) => {
    const { outside } = driverFor({ ring, diameter: 30, other: 62, body });
    expect(outside.most).toBeLessThanOrEqual(land);
    expect(outside.most).toBeGreaterThan(30 + 0.5 * (land - 30));
    const outer = driverFor({ ring: 'outer', diameter: 62, other: 30, body });
    expect(outer.face.from).toBeGreaterThanOrEqual(others);
    if (body !== 'cone') expect(outer.bore.least).toBeGreaterThanOrEqual(others);
  });

  test('should let a disc drive a bush, and take at least half of any face that it fits', () => {
    const bush = driverFor({ ...RING, diameter: 30, other: 25, body: 'solid' });
    expect(judgeDriver(bush, tube(29.5, 0))).toMatchObject({ fits: true });
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 99, noNaN: true }),
        (outside, bore) => {
          const verdict = judgeDriver(driverFor(RING), tube(outside, Math.min(bore, outside - 1)));
          if (verdict.fits) expect(verdict.share).toBeGreaterThanOrEqual(0.5 - 1e-9);
          else expect(verdict.by).toBeGreaterThan(0);
        },
      ),
    );
  });

  test('should be refused where it has no wall', () => {
    expect(() => requireDriver(tube(20, 20))).toThrow(/driver\.bore/);
  });
});

describe('a rod to draw with', () => {
  test('should be held to 80 % of its proof load, with its torque oiled and dry', () => {
    // M16 coarse: π/4·(16 − 0.9382·2)² = 156.7 mm² (ISO 898-1: 157); 8.8: 580 MPa · 156.7 = 90.9 kN.
    const verdict = drawWith(rod(16, 2, '8.8'), { usual: 20_000, most: 30_000 });
    expect(verdict.proofLoad / 1000).toBeCloseTo(90.9, 1);
    // T = K·F·d: 0.15 · 20 kN · 16 mm = 48 N·m oiled, 0.2 · 30 kN · 16 mm = 96 N·m dry (K common practice, no source).
    expect(verdict.oiled[0]).toBeCloseTo(48, 6);
    expect(verdict.dry[1]).toBeCloseTo(96, 6);
    expect(verdict.word).toBe('holds');
    expect(drawWith(rod(16, 2, '8.8'), { usual: 60_000, most: 80_000 }).word).toBe('asARule');
    expect(drawWith(rod(16, 2, '8.8'), { usual: 80_000, most: 90_000 }).word).toBe('tooWeak');
  });

  test('should refuse mild steel that would gall, and name the rod that would do', () => {
    // M12 4.6: 84.3 mm² · 225 MPa = 19.0 kN; 10 kN is more than 40 % of it.
    const force = { usual: 7_000, most: 10_000 };
    expect(drawWith(rod(12, 1.75, '4.6'), force).word).toBe('galls');
    const would = rodThatWould(force)!;
    expect(would.strength).toBe('8.8');
    expect(drawWith(would, force).word).toBe('holds');
    // The next thinner one does not.
    expect(drawWith(rod(5, 0.8, '8.8'), force).word).not.toBe('holds');
    expect(rodThatWould({ usual: 4e5, most: 5e5 })).toBeNull();
    expect(rodThatWould({ usual: 2e5, most: 3e5 })).toMatchObject({ strength: '10.9' });
  });

  test('should be refused where its thread has no core', () => {
    expect(() => requireRod(rod(4, 2.5, '8.8'))).toThrow(/rod\.pitch/);
  });
});
