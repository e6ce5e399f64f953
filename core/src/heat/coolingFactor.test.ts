import { temperatureAfter, timeConstant } from '../thermal/index.ts';
import { coolingFactorFrom } from './coolingFactor.ts';
import { CASE } from './tests/heatBench.ts';

describe('what the first half says of the second', () => {
  test('should be the factor by which it cooled faster', () => {
    const tau = timeConstant(CASE, 10);
    for (const factor of [0.5, 1, 1.7]) {
      const read = temperatureAfter(300, 110, 20, tau / factor);
      expect(coolingFactorFrom(CASE, { oven: 110, ambient: 20, read, seconds: 300 })).toBeCloseTo(
        factor,
        9,
      );
    }
  });
  test('should be nothing while there is nothing to tell, or everything is cold', () => {
    expect(coolingFactorFrom(CASE, { oven: 110, ambient: 20, read: 109, seconds: 60 })).toBeNull();
    expect(coolingFactorFrom(CASE, { oven: 110, ambient: 20, read: 21, seconds: 60 })).toBeNull();
    expect(() => coolingFactorFrom(CASE, { oven: 110, ambient: 20, read: 80, seconds: 0 })).toThrow(
      /seconds/,
    );
  });
});
