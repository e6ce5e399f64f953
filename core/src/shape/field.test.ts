import type { InputError } from '../faults/index.ts';
import { checkShape, describeType, type Field } from './field.ts';

const field = (path: string, type: Field['type'], rest: Partial<Field> = {}): Field => ({
  path,
  type,
  unit: '',
  range: {},
  meaning: 'm',
  ...rest,
});
const FIELDS = [
  field('name', 'text'),
  field('count', 'whole', { optional: true }),
  field('band.upper', 'number', { nullable: true }),
  field('rows[].size', 'number'),
  field('rows[].kind', ['a', 'b']),
  field('on', 'yesNo'),
];
const SOUND = { name: 'x', band: { upper: null }, rows: [{ size: 1, kind: 'a' }], on: true };

function faultsOf(input: unknown) {
  try {
    checkShape(FIELDS, input);
  } catch (error) {
    return (error as InputError).faults.map(({ code, field: at }) => `${at} ${code}`);
  }
  return [];
}

describe('checking the shape of an input', () => {
  test('should let a sound one through, optional fields given or not', () => {
    expect(faultsOf(SOUND)).toEqual([]);
    expect(faultsOf({ ...SOUND, count: 3 })).toEqual([]);
    expect(faultsOf({ ...SOUND, rows: [] })).toEqual([]);
  });

  test('should name every fault at once, each by its path', () => {
    expect(
      faultsOf({
        name: 1,
        count: 1.5,
        band: {},
        rows: [{ size: 'x', kind: 'c' }, 4],
        on: 'yes',
        more: 1,
      }),
    ).toEqual([
      'more unknownName',
      'name notANumber',
      'count notANumber',
      'band.upper missing',
      'rows[0].size notANumber',
      'rows[0].kind unknownName',
      'rows[1] missing',
      'on notANumber',
    ]);
  });

  test('should not take a list for an object, nor an object for a list', () => {
    expect(faultsOf({ ...SOUND, band: [] })).toEqual(['band missing']);
    expect(faultsOf({ ...SOUND, rows: {} })).toEqual(['rows missing']);
  });

  test('should not look at what an object inherits', () => {
    expect(faultsOf({ ...SOUND, name: undefined, toString: 1 })).toEqual([
      'toString unknownName',
      'name missing',
    ]);
  });

  test('should describe a type in one line', () => {
    expect(
      describeType(field('x', 'number', { unit: 'mm', range: { min: 0, max: 1 }, nullable: true })),
    ).toBe('a number in mm (0 to 1) or null');
    expect(describeType(field('x', ['a', 'b']))).toBe('one of a, b');
  });
});
