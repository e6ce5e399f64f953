import fc from 'fast-check';
import { warmPlay } from './warmPlay.ts';

describe('play when warm', () => {
  const base = {
    cold: 0.1,
    arrangement: 'faceToFace',
    span: 100,
    rise: 60,
    housing: 'castAluminium',
    shaft: 'carbonSteel',
    cups: [],
  } as const;

  test('should open face to face and close back to back, by the difference of the materials', () => {
    // (21.5 − 11.7)·10⁻⁶·60 K·100 mm = 58.8 µm (linear expansion).
    expect(warmPlay(base).warm).toBeCloseTo(0.1588, 6);
    expect(warmPlay({ ...base, arrangement: 'backToBack' }).warm).toBeCloseTo(0.0412, 6);
    expect(warmPlay({ ...base, housing: 'carbonSteel' }).warm).toBeCloseTo(0.1, 12);
  });

  test('should open by what the cups give up, and say which are loose', () => {
    const cup = {
      outside: 62,
      contactAngle: 15,
      contractionCold: 0.02,
      contractionWarm: 0,
      fitWarm: -0.004,
    };
    const warm = warmPlay({
      ...base,
      cups: [cup, { ...cup, contractionWarm: 0.02, fitWarm: 0.01 }],
    });
    expect(warm.byCups).toBeCloseTo(0.01 / Math.tan((15 * Math.PI) / 180), 9);
    expect(warm.looseCups).toEqual([0]);
    fc.assert(
      fc.property(fc.double({ min: -50, max: 150, noNaN: true }), (rise) => {
        expect(warmPlay({ ...base, rise }).byLength).toBeCloseTo(9.8e-6 * rise * 100, 9);
      }),
    );
    expect(() => warmPlay({ ...base, cups: [{ ...cup, contactAngle: 0 }] })).toThrow(
      /cups\[0\].contactAngle/,
    );
  });
});
