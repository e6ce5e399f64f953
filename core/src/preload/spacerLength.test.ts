import fc from 'fast-check';

import { spacerLength } from './spacerLength.ts';
import { type SpacerTrial } from './spacerZeroPlay.ts';
import { spacerCut } from './spacerCut.ts';

const trial = (length: number, rest: Partial<SpacerTrial>): SpacerTrial => ({
  length,
  lengthUncertainty: 0.001,
  feel: 'loose',
  play: null,
  torque: null,
  ...rest,
});
const loose = (length: number, value: number, uncertainty = 0.003) =>
  trial(length, { play: { value, uncertainty } });
const tight = (length: number, torque: number | null = null) =>
  trial(length, { feel: 'tight', torque });
const PLAY = { by: 'play', band: { lower: -0.06, upper: -0.02, target: null } } as const;
const TORQUE = { by: 'torque', band: { lower: 0.7, upper: 1.1, target: null } } as const;

describe('the length of a solid spacer', () => {
  test('should lie half way between a loose and a tight one where both were only felt', () => {
    // Common practice, no source: 59.00 mm left slight play, 58.61 mm was far too tight, about 58.8 mm was right.
    const found = spacerLength([trial(59, {}), tight(58.61)], TORQUE);
    expect(found).toMatchObject({
      status: 'known',
      basis: 'bracket',
      bracket: { loose: 59, tight: 58.61 },
    });
    if (found.status !== 'known') throw new Error(found.status);
    expect(Math.abs(found.wanted - 58.8)).toBeLessThan(0.01);
    expect(found.standard).toBeCloseTo(0.39 / Math.sqrt(12), 9);
  });

  test('should be as much shorter as there is play over the target', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 58, max: 60, noNaN: true }),
        fc.double({ min: 0.01, max: 0.4, noNaN: true }),
        (length, play) => {
          const found = spacerLength([loose(length, play)], PLAY);
          if (found.status !== 'known') throw new Error(found.status);
          // With the length it asks for, the chain has the play of the target.
          expect(play + (found.wanted - length)).toBeCloseTo(-0.04, 9);
          expect(found.allowed!.from).toBeLessThan(found.wanted);
          expect(found.allowed!.to).toBeGreaterThan(found.wanted);
        },
      ),
    );
  });

  test('should take the mean of two measured lengths, the surer one more, and refuse two that contradict', () => {
    const found = spacerLength([loose(59, 0.1, 0.002), loose(58.95, 0.044, 0.002)], PLAY);
    if (found.status !== 'known') throw new Error(found.status);
    expect(found.wanted).toBeCloseTo((58.9 + 58.906) / 2 - 0.04, 6);
    expect(found.standard).toBeCloseTo(Math.hypot(0.001, 0.002) / Math.SQRT2, 6);
    expect(() => spacerLength([loose(59, 0.1, 0.002), loose(58.95, 0.1, 0.002)], PLAY)).toThrow(
      /Measure both again/,
    );
  });

  test('should go to zero play first where only the torque is wanted, then by the torque of a tight one', () => {
    const first = spacerLength([loose(59, 0.06)], TORQUE);
    expect(first).toMatchObject({
      status: 'known',
      basis: 'zeroPlay',
      wanted: expect.closeTo(58.94, 9),
      allowed: null,
    });
    const law = (length: number, n: number) =>
      20 * Math.max(0, 58.94 - length) ** n * 10 ** (n - 1);
    for (const n of [1, 1.2, 1.5]) {
      const found = spacerLength([loose(59, 0.06), tight(58.86, law(58.86, n))], TORQUE);
      if (found.status !== 'known') throw new Error(found.status);
      expect(found.basis).toBe('torque');
      // Whatever the exponent, the torque at that length lies in the band.
      expect(law(found.wanted, n)).toBeGreaterThan(0.7);
      expect(law(found.wanted, n)).toBeLessThan(1.1);
    }
  });

  test('should say what trial is missing, and refuse a bracket that is the wrong way round', () => {
    expect(spacerLength([], PLAY)).toMatchObject({ status: 'needs', what: 'aTrial' });
    expect(spacerLength([tight(58.6)], TORQUE)).toMatchObject({
      status: 'needs',
      what: 'aLooseOne',
    });
    expect(spacerLength([trial(59, {})], TORQUE)).toMatchObject({
      status: 'needs',
      what: 'aTightOne',
    });
    expect(() => spacerLength([trial(58.6, {}), tight(59)], TORQUE)).toThrow(
      /58.6 mm, which still had play/,
    );
    expect(() => spacerLength([loose(0, 0.1)], PLAY)).toThrow(/trials\[0\].length/);
    expect(() => spacerLength([loose(59, -0.1)], PLAY)).toThrow(/trials\[0\].play.value/);
    expect(() => spacerLength([tight(59, -1)], TORQUE)).toThrow(/trials\[0\].torque/);
  });

  test('should have no length allowed where the band is narrower than the reading is sure', () => {
    const found = spacerLength([loose(59, 0.1, 0.02)], PLAY);
    expect(found).toMatchObject({ status: 'known', allowed: null });
  });
});

describe('creeping up on a length', () => {
  test('should take three quarters first, the rest at once when it is small, and nothing of one too short', () => {
    expect(spacerCut(59, 58.9)).toMatchObject({
      cut: expect.closeTo(0.1, 9),
      stopAt: expect.closeTo(58.925, 9),
      rest: true,
    });
    expect(spacerCut(59, 58.98)).toMatchObject({ now: expect.closeTo(0.02, 9), rest: false });
    expect(spacerCut(58.9, 59)).toMatchObject({ now: 0, stopAt: 58.9 });
    expect(() => spacerCut(-1, 59)).toThrow(/from/);
  });
});
