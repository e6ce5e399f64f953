import { clockSeconds, clockText, spanText } from './clock.ts';

describe('times on screen', () => {
  test.each([
    [0, '0:00'],
    [5, '0:05'],
    [59.2, '1:00'],
    [725, '12:05'],
    [-30, '−0:30'],
    [-3600, '−60:00'],
  ])('should show %d s as %s', (seconds, text) => {
    expect(clockText(seconds)).toBe(text);
  });
  test('should set a clock to whole seconds, and to no longer than the log takes', () => {
    expect(clockSeconds(59.6)).toBe(60);
    expect(clockSeconds(-3)).toBe(0);
    expect(clockSeconds(1e6)).toBe(172_800);
  });
  test.each([
    [45, '45 s'],
    [600, '10 min'],
    [9000, '2.5 h'],
  ])('should say %d s as %s', (seconds, text) => {
    expect(spanText(seconds)).toBe(text);
  });
});
