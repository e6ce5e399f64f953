import fc from 'fast-check';

import { bandTarget, requireBand, type Band } from './band.ts';
import { decide } from './decision.ts';
import { whatWouldDecide } from './remedy.ts';
import { calibration, combine, repeat, resolution } from './uncertainty.ts';
import { uncertified } from './uncertified.ts';

const BAND: Band = { lower: 0.1, upper: 0.18, target: null };

describe('deciding by ISO 14253-1', () => {
  // Zones of ISO 14253-1: conformity within the limits by the guard, nonconformity outside it by the guard.
  test.each([
    [0.14, 'conforms', null],
    [0.11, 'conforms', null],
    [0.17, 'conforms', null],
    [0.1099, 'cannotDecide', 'lower'],
    [0.1, 'cannotDecide', 'lower'],
    [0.0901, 'cannotDecide', 'lower'],
    [0.0899, 'doesNotConform', 'lower'],
    [0.1701, 'cannotDecide', 'upper'],
    [0.1899, 'cannotDecide', 'upper'],
    [0.1901, 'doesNotConform', 'upper'],
  ])('should call %d with a guard of 0.01: %s (%s)', (value, word, limit) => {
    expect(decide(value, value, BAND, 0.01)).toMatchObject({ word, limit, provable: true });
  });

  test('should want both the smallest and the largest place inside', () => {
    expect(decide(0.12, 0.175, BAND, 0.01).word).toBe('cannotDecide');
    expect(decide(0.08, 0.15, BAND, 0.01)).toMatchObject({
      word: 'doesNotConform',
      limit: 'lower',
    });
  });

  test('should say when a band is narrower than two guards', () => {
    expect(decide(0.14, 0.14, BAND, 0.04)).toMatchObject({ provable: true, word: 'conforms' });
    expect(decide(0.14, 0.14, BAND, 0.041)).toMatchObject({
      provable: false,
      word: 'cannotDecide',
    });
  });

  test('should treat an open limit as no limit', () => {
    expect(decide(9, 9, { ...BAND, upper: null }, 0.01)).toMatchObject({
      word: 'conforms',
      provable: true,
    });
  });

  test('should never pass and fail the same value with a smaller guard', () => {
    const value = fc.double({ min: 0, max: 0.3, noNaN: true });
    const guard = fc.double({ min: 0, max: 0.05, noNaN: true });
    fc.assert(
      fc.property(value, guard, guard, (x, g1, g2) => {
        const words = new Set([g1, g2].map((g) => decide(x, x, BAND, g).word));
        return !(words.has('conforms') && words.has('doesNotConform'));
      }),
    );
  });
});

describe('what would decide', () => {
  const ask = (value: number, travels: readonly number[], graduation = 0.01) =>
    whatWouldDecide({
      low: value,
      high: value,
      band: BAND,
      graduation,
      travels: [travels],
      components: [resolution(graduation), repeat(travels)],
    });

  test('should ask for a finer indicator when the resolution is what is in the way', () => {
    expect(ask(0.174, [0.174, 0.174, 0.174])).toEqual([
      { kind: 'finerGraduation', graduation: 0.005, expected: 'conforms' },
    ]);
  });

  test('should ask for more cycles when the scatter is what is in the way, and they should then decide', () => {
    const scattered = [0.16, 0.176, 0.168];
    const guardNow = combine([resolution(0.002), repeat(scattered)]).expanded;
    expect(decide(0.168, 0.168, BAND, guardNow).word).toBe('cannotDecide');
    const remedies = ask(0.168, scattered, 0.002);
    expect(remedies[0]).toMatchObject({ kind: 'moreCycles', expected: 'conforms' });
    const { extra } = remedies[0] as { extra: number };
    expect(extra).toBeGreaterThan(0);
    expect(extra).toBeLessThanOrEqual(4);
  });

  test('should ask for a certificate, or for a finer indicator that has none, when the calibration is in the way', () => {
    const loose = (value: number, calibrated: number) =>
      whatWouldDecide({
        low: value,
        high: value,
        band: BAND,
        graduation: 0.01,
        travels: [[value, value, value]],
        components: [resolution(0.01), repeat([value, value, value]), calibration(calibrated)],
      });
    expect(loose(0.171, uncertified(0.01))).toEqual([
      { kind: 'certificate', expected: 'conforms' },
      { kind: 'finerGraduation', graduation: 0.005, expected: 'conforms' },
    ]);
    // Known well already: another certificate says no more.
    expect(loose(0.174, 0.0015)).toEqual([
      { kind: 'finerGraduation', graduation: 0.005, expected: 'conforms' },
    ]);
  });

  test('should say that the play has to be moved when it stands on the limit', () => {
    expect(ask(0.18, [0.18, 0.18, 0.18])).toEqual([{ kind: 'movePlay' }]);
  });
});

describe('bands', () => {
  test('should aim at the middle, at a stated target, or at the only limit', () => {
    expect(bandTarget(BAND)).toBeCloseTo(0.14, 12);
    expect(bandTarget({ ...BAND, target: 0.12 })).toBe(0.12);
    expect(bandTarget({ lower: null, upper: 0.05, target: null })).toBe(0.05);
  });

  test.each([
    [{ lower: null, upper: null, target: null }, 'band'],
    [{ lower: 0.2, upper: 0.1, target: null }, 'band.upper'],
    [{ lower: 0.1, upper: 0.1, target: null }, 'band.upper'],
    [{ lower: 0.1, upper: 0.2, target: 0.3 }, 'band.target'],
    [{ lower: NaN, upper: 0.2, target: null }, 'band.lower'],
  ])('should refuse %j at %s', (band, field) => {
    expect(() => requireBand(band)).toThrow(new RegExp(`^${field} is`));
  });
});
