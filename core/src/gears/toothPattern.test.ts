import { PATTERN_IDEAL } from './patternResponse.ts';
import { judgePattern, learnResponse, patternMiss } from './toothPattern.ts';

const mark = (length: number, height: number) => ({ length, height });
const both = (length: number, height: number) => ({
  drive: mark(length, height),
  coast: mark(length, height),
});

describe('contact marks', () => {
  test('should be good in the middle, a little to the toe', () => {
    const verdict = judgePattern(both(PATTERN_IDEAL.length, 0), 'faceMilled');
    expect(verdict).toMatchObject({ status: 'judged', good: true });
    expect(verdict.move!.pinion.value).toBeCloseTo(0, 9);
    expect(verdict.move!.ring.value).toBeCloseTo(0, 9);
  });

  // Common practice, no source: marks at the face of both flanks, the pinion is too far out; at the root, too far in.
  test.each(['faceMilled', 'faceHobbed', null] as const)(
    'should move the pinion in for marks at the face and out for marks at the root, cut %s',
    (cut) => {
      const high = judgePattern(both(-0.1, 0.7), cut);
      expect(high.off.drive).toEqual(['face']);
      expect(high.move!.pinion.value).toBeGreaterThan(0.08);
      expect(judgePattern(both(-0.1, -0.7), cut).move!.pinion.value).toBeLessThan(-0.08);
    },
  );

  test('should leave the pinion where both marks ask for the ring gear', () => {
    for (const length of [-0.7, -0.5, 0.4, 0.7])
      for (const height of [-0.1, 0, 0.1]) {
        const { move } = judgePattern(both(length, height), 'faceHobbed');
        const { value } = move!.pinion;
        expect(value === 0 || Math.abs(value) >= 0.025).toBe(true);
        expect(Math.sign(move!.ring.value)).toBe(Math.sign(length));
      }
    // Both in the middle of their height, a good way to the heel: that is the ring gear's alone.
    expect(judgePattern(both(0.4, 0.1), 'faceHobbed').move!.pinion.value).toBe(0);
  });

  // Common practice, no source: both marks at the toe, too little backlash; both at the heel, too much.
  test.each(['faceMilled', 'faceHobbed', null] as const)(
    'should give backlash for marks at the toe and take it for marks at the heel, cut %s',
    (cut) => {
      expect(judgePattern(both(-0.8, 0), cut).move!.ring.value).toBeLessThan(-0.05);
      expect(judgePattern(both(0.8, 0), cut).move!.ring.value).toBeGreaterThan(0.05);
    },
  );

  // Common practice, no source: of tapered depth a pinion too far in also drives to the toe and coasts to the heel.
  test('should read marks apart along the tooth as depth where the depth tapers', () => {
    const apart = { drive: mark(-0.6, -0.6), coast: mark(0.4, -0.6) };
    const milled = judgePattern(apart, 'faceMilled');
    expect(milled.status).toBe('judged');
    expect(milled.move!.pinion.value).toBeLessThan(-0.08);
    expect(Math.abs(milled.move!.ring.value)).toBeLessThan(0.05);
  });

  test('should call marks at face and root contradictory and move nothing', () => {
    const verdict = judgePattern({ drive: mark(0, 0.8), coast: mark(0, -0.8) }, 'faceMilled');
    expect(verdict).toMatchObject({ status: 'contradictory', good: false, move: null });
    expect(verdict.contradiction).toBeGreaterThan(1);
  });

  test('should judge one flank by itself and say so, and be less sure', () => {
    const one = judgePattern({ drive: mark(0, 0.6), coast: null }, 'faceMilled');
    const two = judgePattern(both(0, 0.6), 'faceMilled');
    expect(one.status).toBe('oneFlank');
    expect(one.move!.pinion.uncertainty).toBeGreaterThan(two.move!.pinion.uncertainty);
    expect(judgePattern({ drive: null, coast: null }, null).status).toBe('noMarks');
  });

  test('should refuse a mark that is not on the tooth', () => {
    expect(() => judgePattern({ drive: mark(1.4, 0), coast: null }, null)).toThrow(/drive.length/);
  });

  test('should come into the middle in a few tries of pairs that answer as they do, and learn how much', () => {
    for (const truth of [0.6, 1, 1.6])
      for (const start of [
        { pinion: 0.2, ring: -0.1 },
        { pinion: -0.15, ring: 0.15 },
        { pinion: 0.1, ring: 0.1 },
      ]) {
        // How the marks of the pair move is its own: tapered depth, and stronger or weaker than usual.
        const marks = (e: typeof start) => {
          const at = (value: number) => Math.max(-1, Math.min(1, value));
          return {
            drive: mark(
              at(-0.1 + truth * (-2.4 * e.pinion - 3 * e.ring)),
              at(truth * (-4 * e.pinion - e.ring)),
            ),
            coast: mark(
              at(-0.1 + truth * (2.4 * e.pinion - 3 * e.ring)),
              at(truth * (-4 * e.pinion - e.ring)),
            ),
          };
        };
        let error = start;
        const tries = [{ pattern: marks(error), ...error }];
        for (let go = 0; go < 3; go += 1) {
          const scale = learnResponse(tries, 'faceMilled');
          const { move } = judgePattern(tries.at(-1)!.pattern, 'faceMilled', scale);
          error = {
            pinion: error.pinion + move!.pinion.value,
            ring: error.ring + move!.ring.value,
          };
          tries.push({ pattern: marks(error), ...error });
        }
        expect(patternMiss(tries.at(-1)!.pattern)).toBeLessThan(0.12);
        expect(Math.abs(error.pinion)).toBeLessThan(0.04);
      }
  });
});
