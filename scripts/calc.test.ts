import { spawnSync } from 'node:child_process';

import { calcAnswer } from './calcAnswer.ts';

const shell = (args: readonly string[], input = '') =>
  spawnSync(process.execPath, ['--import', 'tsx', 'scripts/calc.ts', ...args], {
    input,
    encoding: 'utf8',
  });
const calc = (...args: readonly string[]) => calcAnswer(args, () => '');

const SIZE = '{"text":"5.5 thou","kind":"length","assume":"mm"}';

describe('calling the core from a shell', () => {
  test('should list every calculation with its fields, units and ranges', () => {
    const { refused, text } = calc('--list');
    expect(refused).toBe(false);
    expect(text).toContain('propose-pack:');
    expect(text).toContain('stock[].thickness: a number in mm (more than 0, at most 20, whole µm)');
  });

  test('should print the result as JSON on standard output, read from standard input', () => {
    const { status, stdout, stderr } = shell(['parse-quantity'], SIZE);
    expect([status, stderr]).toEqual([0, '']);
    expect(JSON.parse(stdout)).toMatchObject({ unit: 'thou' });
    expect(stdout).toBe(`${calc('parse-quantity', SIZE).text}\n`);
  });

  test('should say what is wrong on standard error, and exit non-zero', () => {
    const { status, stdout, stderr } = shell(['nonsense', '{}']);
    expect([status, stdout]).toEqual([1, '']);
    expect(stderr).toBe(`${calc('nonsense', '{}').text}\n`);
  });

  test.each([
    [['parse-quantity', '{"text":"x","kind":"length","assume":"mm"}'], /^text is "x": expected/],
    [['parse-quantity', '{'], /not JSON/],
    [['nonsense', '{}'], /^name is "nonsense": expected one of/],
    [[], /^usage/],
  ])('should refuse %j and say what is wrong', (args, message) => {
    const { refused, text } = calc(...args);
    expect(refused).toBe(true);
    expect(text).toMatch(message);
  });
});
