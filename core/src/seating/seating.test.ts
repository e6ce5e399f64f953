import { SEATING_CHECKS } from './checks.ts';
import { DEPTH_REMEDIES, DRIVEN_WITHIN, judgeDepth } from './judgeDepth.ts';

describe('the depth of a ring', () => {
  const judge = (measured: readonly number[], guard = 0.01) =>
    judgeDepth({ measured, expected: 5, guard });

  test('should be home within the limit and proud or crooked outside it', () => {
    expect(judge([5.01, 4.99, 5])).toMatchObject({ word: 'home', proud: expect.closeTo(0, 9) });
    expect(judge([4.9, 4.91, 4.9]).word).toBe('proud');
    expect(judge([5.02, 4.98, 5.06])).toMatchObject({
      word: 'tilted',
      tilt: expect.closeTo(0.08, 9),
    });
    expect(judge([5.1, 5.1, 5.1]).word).toBe('tooDeep');
  });

  test('should not be decided near the limit, nor with a gauge too coarse to tell', () => {
    expect(judge([4.955]).word).toBe('cannotDecide');
    expect(judge([5], 0.06).word).toBe('cannotDecide');
  });

  test('should leave what is driven to a depth more room, and never call it a slip of measuring', () => {
    const driven = (measured: readonly number[]) =>
      judgeDepth({ measured, expected: 5, guard: 0.01, within: DRIVEN_WITHIN }).word;
    expect(driven([5.12, 5.1, 5.11])).toBe('home');
    expect(driven([5.4, 5.4, 5.41])).toBe('tooDeep');
    expect(DEPTH_REMEDIES.driven.tooDeep).toMatch(/new one in/);
    expect(DEPTH_REMEDIES.driven.proud).not.toMatch(/heat/);
  });

  test('should say what to do on each verdict and each check', () => {
    for (const rows of Object.values(DEPTH_REMEDIES))
      for (const words of Object.values(rows)) expect(words).toMatch(/\.$|\?$/);
    for (const { words, remedy } of Object.values(SEATING_CHECKS)) {
      expect(words).not.toMatch(/\.$/);
      expect(remedy).toMatch(/\.$/);
    }
  });

  test('should name what is not a depth', () => {
    expect(() => judge([])).toThrow(/measured/);
    expect(() => judge([Number.NaN])).toThrow(/measured\[0\]/);
    expect(() => judgeDepth({ measured: [1], expected: 1e6, guard: 0 })).toThrow(/expected/);
  });
});
