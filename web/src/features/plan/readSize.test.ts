import { readSize } from './readSize.ts';

const value = (...args: Parameters<typeof readSize>): number | string => {
  const reading = readSize(...args);
  return reading.status === 'read' ? reading.quantity.value : reading.status;
};

describe('a size, or its difference from the nominal', () => {
  test.each<[string, boolean, number]>([
    ['30.008', false, 30.008],
    ['30.008', true, 30.008],
    ['+8', false, 30.008],
    ['−12', false, 29.988],
    ['-12', true, 29.988],
    ['8', true, 30.008],
    ['0', true, 30],
    ['+0.02', false, 30.02],
    ['-.5 thou', false, 29.9873],
    ['1.1811 in', true, 29.99994],
  ])('should read “%s” (differences typed: %s)', (text, differences, wanted) => {
    expect(value(text, 30, 'metric', differences)).toBeCloseTo(wanted, 9);
  });

  test('should count tenths of a thou on an inch screen', () => {
    expect(value('+3', 25.4, 'inch', false)).toBeCloseTo(25.4 + 0.0003 * 25.4, 9);
    expect(value('1.0003', 25.4, 'inch', true)).toBeCloseTo(25.40762, 9);
  });

  test('should count from nothing where the nominal size is not known', () => {
    expect(value('8', null, 'metric', true)).toBe(8);
    expect(value('', 30, 'metric', true)).toBe('empty');
    expect(value('+x', 30, 'metric', false)).toBe('unreadable');
  });

  test('should say whether it was a difference, so that the next bare number is one too', () => {
    expect(readSize('+8', 30, 'metric', false).difference).toBe(true);
    expect(readSize('30.01', 30, 'metric', true).difference).toBe(false);
  });
});
