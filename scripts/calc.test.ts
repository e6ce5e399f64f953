import { spawnSync } from 'node:child_process';

const calc = (args: readonly string[], input = '') =>
  spawnSync(process.execPath, ['--import', 'tsx', 'scripts/calc.ts', ...args], {
    input,
    encoding: 'utf8',
  });

describe('calling the core from a shell', () => {
  test('should list every calculation with its fields, units and ranges', () => {
    const { status, stdout } = calc(['--list']);
    expect(status).toBe(0);
    expect(stdout).toContain('propose-pack:');
    expect(stdout).toContain(
      'stock[].thickness: a number in mm (more than 0, at most 20, whole µm)',
    );
  });

  test('should print the result as JSON, from an argument or from standard input', () => {
    const json = '{"text":"5.5 thou","kind":"length","assume":"mm"}';
    expect(JSON.parse(calc(['parse-quantity', json]).stdout)).toMatchObject({ unit: 'thou' });
    expect(calc(['parse-quantity'], json).stdout).toBe(calc(['parse-quantity', json]).stdout);
  });

  test.each([
    [['parse-quantity', '{"text":"x","kind":"length","assume":"mm"}'], /^text is "x": expected/],
    [['parse-quantity', '{'], /not JSON/],
    [['nonsense', '{}'], /^name is "nonsense": expected one of/],
    [[], /^usage/],
  ])('should exit non-zero for %j and say what is wrong', (args, message) => {
    const { status, stderr, stdout } = calc(args);
    expect(status).toBe(1);
    expect(stdout).toBe('');
    expect(stderr).toMatch(message);
  });
});
