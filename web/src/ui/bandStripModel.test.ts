import { bandStripModel } from './bandStripModel.ts';

const BAND = { lower: 0.1, upper: 0.18, target: null };

describe('laying out the band strip', () => {
  test('should put band, target and value in the right order', () => {
    const { band, target, value } = bandStripModel(
      BAND,
      { low: 0.13, high: 0.13, expanded: 0.01 },
      0.01,
    );
    expect(band.from).toBeLessThan(value!.from);
    expect(value!.low).toBe(value!.high);
    expect(value!.to).toBeLessThan(target + (band.to - target));
    expect(target).toBeCloseTo((band.from + band.to) / 2, 9);
  });

  test('should keep a value far outside in view', () => {
    for (const far of [-3, 0.5, 9]) {
      const { value, band } = bandStripModel(BAND, { low: far, high: far, expanded: 0.01 }, 0.01);
      for (const place of [value!.from, value!.to, band.from, band.to]) {
        expect(place).toBeGreaterThanOrEqual(0);
        expect(place).toBeLessThanOrEqual(1);
      }
    }
  });

  test('should hatch the guard on both sides of each limit', () => {
    const { guards, band } = bandStripModel(BAND, null, 0.01);
    expect(guards).toHaveLength(2);
    expect((guards[0]!.from + guards[0]!.to) / 2).toBeCloseTo(band.from, 9);
    expect(bandStripModel(BAND, null, 0).guards).toEqual([]);
  });

  test('should run an open band to the end of the strip', () => {
    const { band, guards } = bandStripModel({ lower: 0.1, upper: null, target: null }, null, 0.01);
    expect(band.to).toBe(1);
    expect(guards).toHaveLength(1);
  });
});
