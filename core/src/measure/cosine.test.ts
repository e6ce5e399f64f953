import { cosineCorrection, ANGLE_TO_MEND } from './cosine.ts';

describe('an indicator at an angle', () => {
  // cos 10° = 0.984 808, cos 30° = 0.866 025 (any table of cosines)
  test.each([
    ['lever', 10, 0.984808],
    ['faceSquareToTravel', 30, 0.866025],
    ['faceSquareToPlunger', 30, 1 / 0.866025],
    ['lever', 0, 1],
  ] as const)('should correct %s at %d° by %d', (contact, angle, factor) => {
    expect(cosineCorrection({ contact, angle }).factor).toBeCloseTo(factor, 5);
  });

  test('should leave more unknown the further it leans', () => {
    const unknown = [0, 5, 10, 20, 40].map(
      (angle) => cosineCorrection({ contact: 'lever', angle }).uncertainty,
    );
    expect(unknown).toEqual(unknown.toSorted((a, b) => a - b));
    // by hand: (cos 8° − cos 12°)/2/√3 = (0.990 268 − 0.978 148)/2/1.732 051
    expect(unknown[2]).toBeCloseTo(0.003499, 5);
  });

  test('should want the set-up mended beyond ten degrees, not at ten', () => {
    expect(cosineCorrection({ contact: 'lever', angle: ANGLE_TO_MEND }).mendSetup).toBe(false);
    expect(cosineCorrection({ contact: 'lever', angle: ANGLE_TO_MEND + 0.1 }).mendSetup).toBe(true);
  });

  test.each([-1, 46, NaN])('should refuse %d°', (angle) => {
    expect(() => cosineCorrection({ contact: 'lever', angle })).toThrow(/indicator.angle/);
  });
});
