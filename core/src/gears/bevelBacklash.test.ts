import { bevelBacklash } from './bevelBacklash.ts';

describe('bevel backlash', () => {
  // common practice, no source: backlash moves about 0.7 of the ring gear's shift; usual angles give 0.56 to 0.98
  test('should lie where the trade finds it', () => {
    for (const pressureAngle of [16, 20, 22.5])
      for (const spiralAngle of [25, 35])
        for (const ringPitchAngle of [68, 76]) {
          const { meanCircumferential } = bevelBacklash({
            pressureAngle,
            spiralAngle,
            ringPitchAngle,
            heelRatio: 1.15,
          });
          expect(meanCircumferential).toBeGreaterThan(0.56);
          expect(meanCircumferential).toBeLessThan(0.99);
        }
  });

  test('should follow from the inclination of the flank, worked by hand', () => {
    // straight teeth, 20°, flat crown (Γ → 90° not allowed, so 60°): 2·tan 20°·sin 60° = 0.630 415
    const factor = bevelBacklash({
      pressureAngle: 20,
      spiralAngle: 0,
      ringPitchAngle: 60,
      heelRatio: 1.25,
    });
    expect(factor.meanCircumferential).toBeCloseTo(0.630415, 5);
    expect(factor.heelCircumferential).toBeCloseTo(0.788018, 5);
    expect(factor.normal).toBeCloseTo(0.592396, 5);
  });

  test('should refuse angles no gear has', () => {
    expect(() =>
      bevelBacklash({ pressureAngle: 45, spiralAngle: 0, ringPitchAngle: 60, heelRatio: 1 }),
    ).toThrow(/pressureAngle/);
  });
});
