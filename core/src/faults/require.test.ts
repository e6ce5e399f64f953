import type { InputError } from './fault.ts';
import { describeFault } from './fault.ts';
import { wantedWords } from './wanted.ts';
import { requireInteger, requireNumber, requireOneOf, requireText } from './require.ts';

const faultsOf = (check: () => unknown) => {
  try {
    check();
  } catch (error) {
    return (error as InputError).faults;
  }
  return [];
};

describe('checking numbers', () => {
  test('should let a number inside its bounds through, ends included', () => {
    expect(requireNumber('t', 0, { min: 0, max: 1 })).toBe(0);
    expect(requireNumber('t', 1, { min: 0, max: 1 })).toBe(1);
  });

  test.each([
    [undefined, 'missing'],
    ['3', 'notANumber'],
    [NaN, 'notANumber'],
    [Infinity, 'notANumber'],
    [-1, 'outOfRange'],
    [2, 'outOfRange'],
  ])('should refuse %p as %s', (value, code) => {
    expect(faultsOf(() => requireNumber('t', value, { min: 0, max: 1, unit: 'mm' }))).toMatchObject(
      [{ code, field: 't', value, wanted: { id: 'number', min: 0, max: 1, unit: 'mm' } }],
    );
  });

  test('should hold open ends open', () => {
    expect(faultsOf(() => requireNumber('t', 0, { above: 0 }))).toHaveLength(1);
    expect(faultsOf(() => requireNumber('t', 5, { below: 5 }))).toHaveLength(1);
    expect(wantedWords(faultsOf(() => requireNumber('t', NaN))[0]!.wanted)).toBe('a finite number');
  });

  test('should refuse a broken number where a whole one is wanted', () => {
    expect(requireInteger('n', 3)).toBe(3);
    expect(wantedWords(faultsOf(() => requireInteger('n', 3.5, { max: 9 }))[0]!.wanted)).toContain(
      'a whole number',
    );
  });
});

describe('checking names', () => {
  test('should list the names it knows', () => {
    expect(requireOneOf('hand', 'left', ['right', 'left'])).toBe('left');
    expect(faultsOf(() => requireOneOf('hand', 'both', ['right', 'left']))[0]).toMatchObject({
      code: 'unknownName',
      wanted: { id: 'oneOf', names: ['right', 'left'] },
    });
  });
});

describe('checking text', () => {
  test('should want some, and not too much', () => {
    expect(requireText('name', 'ab', 2)).toBe('ab');
    expect(faultsOf(() => requireText('name', '  ', 2))[0]).toMatchObject({ code: 'missing' });
    expect(faultsOf(() => requireText('name', 7, 2))[0]).toMatchObject({ code: 'missing' });
    expect(faultsOf(() => requireText('name', 'abc', 2))[0]).toMatchObject({ code: 'outOfRange' });
  });
});

describe('telling a fault', () => {
  test('should name field, value and what was expected, and cut a long value short', () => {
    const fault = {
      code: 'unreadable',
      field: 'lift',
      value: 'x'.repeat(90),
      wanted: { id: 'number' },
    } as const;
    const text = describeFault(fault);
    expect(text).toMatch(/^lift is "x+…: expected a finite number$/);
    expect(text.length).toBeLessThan(100);
    expect(describeFault({ ...fault, value: undefined })).toContain('undefined');
    expect(describeFault({ ...fault, value: () => 1 })).toContain('=>');
  });
});
