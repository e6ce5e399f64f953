import { classFit } from './classFit.ts';
import { fitAtTemperature } from './fitAtTemperature.ts';
import { effectiveInterference } from './roughnessLoss.ts';
import { standardTolerance } from './standardTolerance.ts';
import { toleranceClass } from './toleranceClass.ts';

const limits = (name: string, size: number) => {
  const { least, most } = toleranceClass(name, size);
  return [Math.round((least - size) * 10_000) / 10, Math.round((most - size) * 10_000) / 10];
};

describe('tolerance classes', () => {
  // Limits as commonly printed from ISO 286-2:2010 (from memory), µm.
  test.each<[string, number, readonly [number, number]]>([
    ['H7', 62, [0, 30]],
    ['H6', 25, [0, 13]],
    ['H8', 100, [0, 54]],
    ['G7', 40, [9, 34]],
    ['G6', 20, [7, 20]],
    ['J7', 52, [-12, 18]],
    ['J6', 35, [-6, 10]],
    ['JS7', 62, [-15, 15]],
    ['K7', 52, [-21, 9]],
    ['K6', 52, [-15, 4]],
    ['M7', 62, [-30, 0]],
    ['M7', 25, [-21, 0]],
    ['M6', 300, [-41, -9]],
    ['N7', 52, [-39, -9]],
    ['N7', 20, [-28, -7]],
    ['N9', 20, [-52, 0]],
    ['P7', 62, [-51, -21]],
    ['P7', 25, [-35, -14]],
    ['P9', 40, [-88, -26]],
    ['R7', 52, [-60, -30]],
    ['R7', 72, [-62, -32]],
    ['f7', 40, [-50, -25]],
    ['g6', 25, [-20, -7]],
    ['h6', 30, [-13, 0]],
    ['h9', 50, [-62, 0]],
    ['j5', 25, [-4, 5]],
    ['j6', 40, [-5, 11]],
    ['j7', 20, [-8, 13]],
    ['js6', 40, [-8, 8]],
    ['k5', 25, [2, 11]],
    ['k6', 40, [2, 18]],
    ['k8', 40, [0, 39]],
    ['m5', 30, [8, 17]],
    ['m6', 60, [11, 30]],
    ['n6', 40, [17, 33]],
    ['p6', 50, [26, 42]],
    ['r6', 60, [41, 60]],
    ['r6', 75, [43, 62]],
    ['s6', 25, [35, 48]],
    ['s6', 40, [43, 59]],
    ['s7', 60, [53, 83]],
  ])('should put %s on %d mm at %j', (name, size, expected) => {
    expect(limits(name, size)).toEqual(expected);
  });

  test('should be as wide as their grade, holes above their shafts mirrored', () => {
    for (const size of [4, 8, 15, 25, 40, 65, 100, 150, 220, 300, 370, 450])
      for (const letter of [
        'H',
        'G',
        'JS',
        'K',
        'M',
        'N',
        'P',
        'R',
        'f',
        'g',
        'h',
        'js',
        'k',
        'm',
        'n',
        'p',
        'r',
      ])
        for (const grade of [5, 6, 7, 8] as const) {
          const { least, most } = toleranceClass(`${letter}${grade}`, size);
          expect(most - least).toBeCloseTo(standardTolerance(size, `IT${grade}`), 9);
        }
    for (const size of [8, 40, 100]) expect(limits('P9', size)[1]).toBe(-limits('p9', size)[0]!);
  });

  test.each(['J9', 'j8', 'K9', 'H3', 'H11', 'X7', '7H', 'H', '', 'h 6 6'])(
    'should refuse %s by name',
    (name) => {
      expect(() => toleranceClass(name, 40)).toThrow(/toleranceClass/);
    },
  );
  test('should refuse sizes beyond the tables', () => {
    expect(() => toleranceClass('H7', 3)).toThrow(/size/);
    expect(() => toleranceClass('H7', 501)).toThrow(/size/);
  });
});

describe('a fit of two classes', () => {
  test('should be as every textbook has H7/p6 on 50 mm: 1 to 42 µm tight', () => {
    // ISO 286-2:2010: H7 0/+25, p6 +26/+42 for 30 to 50 mm.
    const fit = classFit(toleranceClass('p6', 50), toleranceClass('H7', 50));
    expect(fit.least).toBeCloseTo(0.001, 9);
    expect(fit.most).toBeCloseTo(0.042, 9);
    // Middle 21.5; half of √(16² + 25²) = 14.84.
    expect(fit.usualLeast).toBeCloseTo(0.0215 - 0.01484, 5);
    expect(fit.usualMost).toBeCloseTo(0.0215 + 0.01484, 5);
  });
});

describe('roughness and temperature', () => {
  test('should take the peaks off a tight fit only', () => {
    expect(effectiveInterference(0.02, 40, 'ground')).toBeCloseTo(0.02 * (40 / 42), 12);
    expect(effectiveInterference(0.02, 40, 'turned')).toBeCloseTo(0.02 * (40 / 43), 12);
    expect(effectiveInterference(-0.02, 40, 'ground')).toBe(-0.02);
    expect(() => effectiveInterference(0.02, 40, 'cast' as 'turned')).toThrow(/finish/);
  });

  test('should open an aluminium bore on a steel ring, and close a steel ring on nothing', () => {
    const hot = (temperature: number) => ({
      inner: { material: 'bearingSteel' as const, temperature },
      outer: { material: 'castAluminium' as const, temperature },
    });
    // 62 mm, both at 100 °C: 62 · (21.5 − 12)·10⁻⁶ · 80 = 47 µm.
    expect(fitAtTemperature(0.03, 62, hot(100))).toBeCloseTo(0.03 - 0.04712, 5);
    expect(fitAtTemperature(0.03, 62, hot(20))).toBeCloseTo(0.03, 12);
    expect(() => fitAtTemperature(0.03, 62, hot(-300))).toThrow(/temperature/);
  });
});
