import { fixed, formatQuantity } from './formatQuantity.ts';

describe('showing quantities', () => {
  test.each([
    [0.1397, 'length', 'inch', '0.0055', 'in'],
    [0.1397, 'length', 'metric', '0.140', 'mm'],
    [107.2222, 'temperature', 'inch', '225', '°F'],
    [1.2, 'torque', 'metric', '1.20', 'N·m'],
    [1.2, 'torque', 'inch', '10.6', 'lb·in'],
    [108.4654, 'torque', 'inch', '80', 'lb·ft'],
    [0.03, 'pressure', 'metric', '0.30', 'bar'],
    [20, 'temperatureDifference', 'inch', '36', '°F'],
  ] as const)('should show %d (%s) in %s as %s %s', (value, kind, system, text, unit) => {
    expect(formatQuantity(value, kind, system)).toMatchObject({ text, unit });
  });

  test('should use a true minus sign and never show a negative zero', () => {
    expect(fixed(-0.02, 3)).toBe('−0.020');
    expect(fixed(-0.0001, 3)).toBe('0.000');
  });

  test('should show a dash for what is not a number', () => {
    expect(fixed(NaN, 2)).toBe('–');
    expect(fixed(Infinity, 2)).toBe('–');
  });
});
