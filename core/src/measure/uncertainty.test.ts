import { combine, repeat, resolution, welchSatterthwaite } from './uncertainty.ts';

describe('effective degrees of freedom', () => {
  test('should match the worked example of JCGM 100:2008, G.4.1', () => {
    const relative = [
      { standard: 0.25, degreesOfFreedom: 9 },
      { standard: 0.57, degreesOfFreedom: 4 },
      { standard: 0.82, degreesOfFreedom: 14 },
    ];
    expect(welchSatterthwaite(relative)).toBeCloseTo(19.0, 1);
  });

  test('should match the end-gauge example of JCGM 100:2008, H.1.6', () => {
    const nanometres = [
      { standard: 25, degreesOfFreedom: 18 },
      { standard: 9.7, degreesOfFreedom: 25.6 },
      { standard: 2.9, degreesOfFreedom: 50 },
      { standard: 16.6, degreesOfFreedom: 2 },
    ];
    expect(welchSatterthwaite(nanometres)).toBeCloseTo(16.7, 0);
  });

  test('should be infinite when nothing was repeated, and never below one', () => {
    expect(welchSatterthwaite([{ standard: 1, degreesOfFreedom: Infinity }])).toBe(Infinity);
    expect(welchSatterthwaite([{ standard: 1, degreesOfFreedom: 1 }])).toBe(1);
  });
});

describe('contributions', () => {
  test('should take a/√12 at zero and at the reading (JCGM 100:2008, F.2.2.1: 0.29 a each)', () => {
    expect(resolution(0.01).standard).toBeCloseTo(Math.hypot(0.0028868, 0.0028868), 6);
  });

  test('should take s/√n with n − 1 degrees of freedom', () => {
    const component = repeat([0.14, 0.15, 0.13]);
    expect(component.standard).toBeCloseTo(0.01 / Math.sqrt(3), 9);
    expect(component.degreesOfFreedom).toBe(2);
  });

  test('should pool positions about their own means', () => {
    const component = repeat([0.1, 0.1], [0.2, 0.2]);
    expect(component.standard).toBe(0);
    expect(component.degreesOfFreedom).toBe(2);
  });

  test('should combine in quadrature, with the Student factor once', () => {
    const total = combine([resolution(0.01), repeat([0.14, 0.15, 0.13])]);
    expect(total.standard).toBeCloseTo(Math.hypot(0.0040825, 0.0057735), 6);
    expect(total.expanded).toBeCloseTo(total.factor * total.standard, 12);
  });
});
