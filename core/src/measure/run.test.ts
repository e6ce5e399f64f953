import type { Band } from './band.ts';
import { judgeRun, type RunInput } from './run.ts';
import type { Cycle } from './cycle.ts';

const BAND: Band = { lower: 0.1, upper: 0.18, target: null };
const DIAL = { id: 'd', name: 'Dial', graduation: 0.01, calibrationUncertainty: 0, range: 10 };

const cycle = (lift: number, returned = 0, position: number | null = null): Cycle => ({
  zero: 0,
  lift,
  returned,
  position,
});

function run(cycles: readonly Cycle[], rest: Partial<RunInput> = {}) {
  return judgeRun({
    instrument: DIAL,
    indicator: { contact: 'faceSquareToTravel', angle: 0 },
    band: BAND,
    shaftHeld: true,
    cycles,
    ...rest,
  });
}

function judged(...args: Parameters<typeof run>) {
  const verdict = run(...args);
  if (verdict.status !== 'judged') throw new Error(`expected a verdict, got ${verdict.status}`);
  return verdict;
}

describe('judging a run', () => {
  test('should match a run worked by hand', () => {
    // travels 0.14, 0.15, 0.14 (third from lift 0.14, return 0): mean 0.143333, s = 0.0057735
    // u1 = 0.0040825, u2 = s/√3 = 0.0033333, u = 0.0052705, ν = u⁴/(u2⁴/2) = 12.50, t(0.95; 12.50) = 1.7763
    const { value, decision } = judged([cycle(0.14), cycle(0.15), cycle(0.14)]);
    expect(value.mean).toBeCloseTo(0.143333, 6);
    expect(value.uncertainty.standard).toBeCloseTo(0.0052705, 6);
    expect(value.uncertainty.degreesOfFreedom).toBeCloseTo(12.5, 1);
    expect(decision.guard).toBeCloseTo(0.0052705 * 1.7763, 5);
    expect(decision.word).toBe('conforms');
  });

  test('should take half of the drift off the travel', () => {
    const { cycles } = run([cycle(0.14, 0.004)]);
    expect(cycles[0]).toMatchObject({ flaw: null });
    expect(cycles[0]!.travel).toBeCloseTo(0.138, 12);
  });

  test('should not count a cycle that drifts more than a graduation or a tenth of the tolerance; equality counts', () => {
    expect(run([cycle(0.14, 0.01)]).cycles[0]!.flaw).toBeNull();
    expect(run([cycle(0.14, 0.0101)]).cycles[0]!.flaw).toBe('drift');
    // Below zero it is the rollers that found a lower seat, not the stand.
    expect(run([cycle(0.14, -0.02)]).cycles[0]!.flaw).toBe('settledLower');
    const wide = { lower: 0, upper: 0.4, target: null };
    expect(run([cycle(0.14, 0.04)], { band: wide }).cycles[0]!.flaw).toBeNull();
  });

  test('should not doubt a lower limit of 0 where a travel was seen, and leave it open where none was', () => {
    const none = { lower: 0, upper: 0.1, target: null };
    const word = (lift: number, graduation: number) =>
      judged([cycle(lift), cycle(lift), cycle(lift)], {
        band: none,
        instrument: { ...DIAL, graduation },
      }).decision.word;
    expect(word(0.01, 0.01)).toBe('conforms');
    expect(word(0, 0.01)).toBe('cannotDecide');
    expect(word(0.13, 0.01)).toBe('doesNotConform');
  });

  test('should not count a needle that goes the wrong way, or past its travel', () => {
    expect(run([cycle(-0.14)]).cycles[0]!.flaw).toBe('wrongWay');
    expect(run([cycle(0.14)], { instrument: { ...DIAL, range: 0.1 } }).cycles[0]!.flaw).toBe(
      'beyondRange',
    );
  });

  test('should want three cycles that agree within one graduation', () => {
    expect(run([])).toMatchObject({ status: 'tooFew', missing: 3 });
    expect(run([cycle(0.14), cycle(0.14)])).toMatchObject({ status: 'tooFew', missing: 1 });
    expect(run([cycle(0.14), cycle(0.14), cycle(0.15)]).status).toBe('judged');
    expect(run([cycle(0.14), cycle(0.14), cycle(0.161)]).status).toBe('unsettled');
  });

  test('should take early cycles that seated the rollers as such, and never drop one from the middle', () => {
    const { value } = judged([cycle(0.2), cycle(0.16), cycle(0.14), cycle(0.14), cycle(0.14)]);
    expect(value).toMatchObject({ mean: 0.14, seating: 2 });
    expect(run([cycle(0.14), cycle(0.14), cycle(0.2), cycle(0.14)]).status).toBe('unsettled');
    expect(run([cycle(0.14), cycle(0.2), cycle(0.14), cycle(0.14)])).toMatchObject({
      status: 'tooFew',
      missing: 1,
    });
  });

  test('should say which way unsettled travel is going', () => {
    expect(run([cycle(0.2), cycle(0.17), cycle(0.15)])).toMatchObject({
      status: 'unsettled',
      trend: 'falling',
    });
    expect(run([cycle(0.15), cycle(0.17), cycle(0.2)])).toMatchObject({
      status: 'unsettled',
      trend: 'rising',
    });
    expect(run([cycle(0.15), cycle(0.2), cycle(0.15)])).toMatchObject({
      status: 'unsettled',
      trend: 'none',
    });
  });

  test('should report travel that follows the angle instead of averaging it away', () => {
    const cycles = [0, 120, 240].flatMap((mark) => {
      const travel = mark === 120 ? 0.18 : 0.14;
      return [cycle(travel, 0, mark), cycle(travel, 0, mark)];
    });
    const { value, decision } = judged(cycles);
    expect(value).toMatchObject({ low: 0.14, high: 0.18 });
    expect(value.positions).toHaveLength(3);
    expect(decision).toMatchObject({ word: 'cannotDecide', limit: 'upper' }); // the mean alone would have conformed
  });

  test('should not call positions an angle effect when they agree', () => {
    const cycles = [0, 0, 120, 120].map((mark) => cycle(0.14, 0, mark));
    expect(judged(cycles).value.positions).toBeNull();
  });

  test('should refuse to judge a shaft that can tip', () => {
    expect(run([cycle(0.14), cycle(0.14), cycle(0.14)], { shaftHeld: false })).toMatchObject({
      status: 'invalid',
      reason: 'shaftCanTip',
    });
  });

  test('should correct for the angle of the indicator, each contact its own way', () => {
    const at = (contact: 'lever' | 'faceSquareToPlunger') =>
      judged([cycle(0.14), cycle(0.14), cycle(0.14)], { indicator: { contact, angle: 20 } });
    // cos 20° = 0.939 693
    expect(at('lever').value.mean).toBeCloseTo(0.14 * 0.939693, 6);
    expect(at('faceSquareToPlunger').value.mean).toBeCloseTo(0.14 / 0.939693, 6);
    expect(at('lever').cosine.mendSetup).toBe(true);
    expect(
      judged([cycle(0.14), cycle(0.14), cycle(0.14)], {
        indicator: { contact: 'lever', angle: 10 },
      }).cosine.mendSetup,
    ).toBe(false);
  });

  test('should add what the angle leaves unknown', () => {
    const straight = judged([cycle(0.14), cycle(0.14), cycle(0.14)]);
    const slanted = judged([cycle(0.14), cycle(0.14), cycle(0.14)], {
      indicator: { contact: 'lever', angle: 20 },
    });
    expect(slanted.value.uncertainty.standard).toBeGreaterThan(straight.value.uncertainty.standard);
  });

  test('should show the working from the travels to the guard', () => {
    const { working, decision } = judged([cycle(0.14), cycle(0.15), cycle(0.14)]);
    expect(working[0]!.terms).toHaveLength(4);
    expect(working.at(-1)!.result).toMatchObject({ symbol: 'g', value: decision.guard });
    for (const { source } of working) expect(source).toBeTruthy();
  });

  test.each([
    ['instrument.graduation', { instrument: { ...DIAL, graduation: 0 } }],
    ['instrument.range', { instrument: { ...DIAL, range: -1 } }],
    ['instrument.calibrationUncertainty', { instrument: { ...DIAL, calibrationUncertainty: NaN } }],
    ['indicator.angle', { indicator: { contact: 'lever' as const, angle: 60 } }],
    ['band.upper', { band: { lower: 0.2, upper: 0.1, target: null } }],
    ['cycles[1].lift', { cycles: [cycle(0.1), cycle(NaN)] }],
  ])('should name %s when it cannot be used', (field, rest) => {
    expect(() => run([cycle(0.14)], rest)).toThrow(field);
  });
});
