import fc from 'fast-check';

import { readLine, writeLine } from './lineProtocol.ts';
import { isSimulated } from './standIns.ts';

describe('the line protocol', () => {
  test.each([
    [{ kind: 'hello', device: 'gauge-4', simulated: false }, 'HELLO wendaxis-line 1 gauge-4'],
    [{ kind: 'graduation', value: 0.01, simulated: false }, 'GRAD 0.01 mm'],
    [{ kind: 'reading', elapsed: 15320, value: -0.12, simulated: false }, 'R 15320 -0.1200 mm'],
    [
      { kind: 'hello', device: 'dial-a', simulated: true },
      'HELLO wendaxis-line 1 dial-a SIMULATED',
    ],
    [{ kind: 'graduation', value: 0.01, simulated: true }, 'GRAD 0.01 mm SIMULATED'],
    [{ kind: 'reading', elapsed: 1, value: 0.1, simulated: true }, 'R 1 0.1000 mm SIMULATED'],
    [{ kind: 'temperature', elapsed: 1, value: 71.4, simulated: true }, 'R 1 71.4 C SIMULATED'],
    [{ kind: 'torque', elapsed: 1, value: 0.95, simulated: true }, 'R 1 0.950 Nm SIMULATED'],
  ] as const)('should write %j as %s and read it back', (line, text) => {
    expect(writeLine(line)).toBe(text);
    expect(readLine(text)).toEqual(line);
  });

  test('should take an instrument that counts in inches', () => {
    expect(readLine('R 10 0.0055 in')).toMatchObject({
      kind: 'reading',
      elapsed: 10,
      value: 0.1397,
    });
    expect(
      readLine(writeLine({ kind: 'torque', elapsed: 5, value: 0.95, simulated: false })),
    ).toMatchObject({
      kind: 'torque',
      elapsed: 5,
      value: 0.95,
    });
    expect(readLine('GRAD 0.0005 in')).toMatchObject({ kind: 'graduation', value: 0.0127 });
  });

  test.each([
    '',
    'R',
    'R x 0.1 mm',
    'R 10 NaN mm',
    'R 10 0.1 furlong',
    'R 10 0.1 toString',
    'SIMULATED',
    'R 10 1e9 mm',
    'GRAD 0 mm',
    'HELLO other 1 x',
    'HELLO wendaxis-line 2 x',
    '\u0000\u0001',
  ])('should pass over %j as noise', (text) => expect(readLine(text)).toBeNull());

  test('should never fail on noise', () => {
    fc.assert(
      fc.property(
        fc.string(),
        (text) => readLine(text) === null || typeof readLine(text) === 'object',
      ),
    );
  });
});

describe('where a reading comes from', () => {
  test('should be told from the device alone, and a typed one is no device’s', () => {
    expect(['dial-a', 'dial-b', 'thermo-a', 'wrench-a'].map(isSimulated)).toEqual([
      true,
      true,
      true,
      true,
    ]);
    expect(['gauge-4', 'toString', null, undefined].map(isSimulated)).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });
});
