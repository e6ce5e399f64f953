import { judgeBacklash } from './backlashRound.ts';
import type { BacklashPlace } from './backlashWave.ts';

const INSTRUMENT = {
  id: 'd',
  name: 'Dial',
  graduation: 0.01,
  calibrationUncertainty: 0.002,
  range: 10,
};
const ASKED = {
  band: { lower: 0.1, upper: 0.2, target: null },
  instrument: INSTRUMENT,
  factor: 0.8,
};
const wave = (
  angles: readonly number[],
  of: { mean: number; swing?: number; at?: number; face?: (angle: number) => number },
): readonly BacklashPlace[] =>
  angles.map((angle) => ({
    angle,
    value: of.mean + (of.swing ?? 0) * Math.cos(((angle - (of.at ?? 0)) * Math.PI) / 180),
    face: of.face?.(angle) ?? null,
  }));
const QUARTERS = [0, 90, 180, 270];
const EIGHTHS = [0, 45, 90, 135, 180, 225, 270, 315];

describe('backlash round the gear', () => {
  test('should be governed by the smallest, not by the mean', () => {
    const verdict = judgeBacklash(wave(QUARTERS, { mean: 0.12, swing: 0.05 }), ASKED);
    expect(verdict.mean).toBeCloseTo(0.12, 9);
    expect(verdict.smallest).toBeCloseTo(0.07, 9);
    expect(verdict.decision.word).toBe('doesNotConform');
    expect(verdict.rangeWord).toBe('doesNotConform');
  });

  test('should be held to the upper limit by the largest place, as it is to the lower by the smallest', () => {
    // One place stands at 0.205 of 0.20: the smallest alone would pass it.
    const values = [0.14, 0.15, 0.205, 0.16];
    const places = QUARTERS.map((angle, at) => ({ angle, value: values[at]!, face: null }));
    const band = { lower: 0.1, upper: 0.2, target: null };
    const judged = judgeBacklash(places, { ...ASKED, band });
    expect(judged.decision).toMatchObject({ word: 'cannotDecide', limit: 'upper' });
    const over = places.map((one) => (one.value > 0.2 ? { ...one, value: 0.35 } : one));
    expect(judgeBacklash(over, { ...ASKED, band }).decision.word).not.toBe('conforms');
  });

  test('should find the first harmonic at any angles as it was put in', () => {
    const { wave: found } = judgeBacklash(
      wave([10, 70, 130, 200, 260, 320], { mean: 0.15, swing: 0.03, at: 75 }),
      ASKED,
    );
    expect(found!.amplitude).toBeCloseTo(0.03, 9);
    expect(found!.angle).toBeCloseTo(75, 6);
    expect(found!.rest).toBeCloseTo(0, 9);
    expect(found!.seen).toBe(true);
  });

  test('should agree with the discrete Fourier transform at equal steps', () => {
    const values = [0.16, 0.17, 0.2, 0.19, 0.18, 0.13, 0.12, 0.14];
    const places = EIGHTHS.map((angle, at) => ({ angle, value: values[at]!, face: null }));
    const part = (of: (x: number) => number) =>
      (2 / 8) * values.reduce((sum, value, at) => sum + value * of((at * Math.PI) / 4), 0);
    const { wave: found } = judgeBacklash(places, ASKED);
    expect(found!.amplitude).toBeCloseTo(Math.hypot(part(Math.cos), part(Math.sin)), 9);
  });

  test.each([
    ['tilt', 0.03, (angle: number) => (0.03 / 0.8) * Math.cos((angle * Math.PI) / 180)],
    ['runout', 0.03, () => 0.01],
    ['both', 0.05, (angle: number) => 0.03 * Math.cos(((angle - 70) * Math.PI) / 180)],
    ['notTold', 0.03, undefined],
    [null, 0.002, () => 0],
  ] as const)('should tell %s by the back of the gear', (cause, swing, face) => {
    const places = wave(EIGHTHS, { mean: 0.15, swing, ...(face === undefined ? {} : { face }) });
    expect(judgeBacklash(places, ASKED).wave!.cause).toBe(cause);
  });

  test('should say how far the back would swing if it is tilt alone', () => {
    const { wave: found } = judgeBacklash(wave(EIGHTHS, { mean: 0.15, swing: 0.04 }), ASKED);
    expect(found!.asFaceRunout).toBeCloseTo(0.1, 9);
  });

  test('should not judge the round of three places, or of four on one side, but tell what is out already', () => {
    for (const angles of [
      [0, 120, 240],
      [0, 20, 40, 60],
    ]) {
      const few = judgeBacklash(wave(angles, { mean: 0.05 }), ASKED);
      expect(few).toMatchObject({ status: 'fewPlaces', rangeWord: null, wave: null });
      expect(few.decision.word).toBe('doesNotConform');
    }
  });

  test('should be less sure of readings that scatter', () => {
    const quiet = judgeBacklash(wave(EIGHTHS, { mean: 0.15 }), ASKED);
    const rough = judgeBacklash(
      EIGHTHS.map((angle, at) => ({ angle, value: 0.15 + (at % 2) * 0.03, face: null })),
      ASKED,
    );
    expect(rough.expanded).toBeGreaterThan(2 * quiet.expanded);
    expect(rough.wave!.seen).toBe(false);
  });

  test.each([
    [[], /places/],
    [[{ angle: 0, value: -0.1, face: null }], /places\[0\].value/],
    [[{ angle: 400, value: 0.1, face: null }], /places\[0\].angle/],
    [
      [
        { angle: 359, value: 0.1, face: null },
        { angle: 2, value: 0.1, face: null },
      ],
      /places\[1\].angle/,
    ],
  ])('should refuse %j', (places, names) => {
    expect(() => judgeBacklash(places, ASKED)).toThrow(names);
  });
});
