import { judgeRange } from './judgeRange.ts';

test('a value of which two bounds are known should conform, not conform, or be open', () => {
  const band = { lower: 0.02, upper: 0.05, target: null };
  expect(judgeRange({ least: 0.02, most: 0.05 }, band)).toBe('conforms');
  expect(judgeRange({ least: 0.01, most: 0.03 }, band)).toBe('cannotDecide');
  expect(judgeRange({ least: 0.01, most: 0.06 }, band)).toBe('cannotDecide');
  expect(judgeRange({ least: 0.051, most: 0.06 }, band)).toBe('doesNotConform');
  expect(judgeRange({ least: 0.001, most: 0.019 }, band)).toBe('doesNotConform');
  expect(judgeRange({ least: -9, most: 0.04 }, { ...band, lower: null })).toBe('conforms');
});
