import 'reflect-metadata';

import { checkShape } from './checkShape.ts';
import {
  Degrees,
  Identifier,
  Millimetres,
  Nested,
  OrNull,
  PlainText,
  Whole,
} from './decorators.ts';

class InnerDto {
  @Millimetres(0, 10) size!: number;
}
class OuterDto {
  @Identifier() id!: string;
  @PlainText(5, 1) name!: string;
  @Whole(1, 3) count!: number;
  @OrNull() @Degrees(0, 360) mark!: number | null;
  @Nested(() => InnerDto) inner!: InnerDto;
}
const SOUND = { id: 'a-1', name: 'Ø 40', count: 2, mark: null, inner: { size: 10 } };
const fieldsOf = (value: unknown) => checkShape(OuterDto, value, 'x').map(({ field }) => field);

describe('checking what crosses the wire', () => {
  test('should let a sound value through', () => {
    expect(fieldsOf(SOUND)).toEqual([]);
    expect(fieldsOf({ ...SOUND, mark: 360 })).toEqual([]);
  });

  test.each<[string, object]>([
    ['x.id', { id: '-a' }],
    ['x.id', { id: 'a'.repeat(65) }],
    ['x.name', { name: '' }],
    ['x.name', { name: 'longer' }],
    ['x.name', { name: 'a\u0000' }],
    ['x.count', { count: 2.5 }],
    ['x.count', { count: 4 }],
    ['x.mark', { mark: undefined }],
    ['x.mark', { mark: 361 }],
    ['x.inner.size', { inner: { size: -1 } }],
    ['x.inner.size', { inner: { size: '5' } }],
    ['x.inner.more', { inner: { size: 5, more: 1 } }],
    ['x.more', { more: 1 }],
  ])('should name %s for %j', (field, change) => {
    expect(fieldsOf({ ...SOUND, ...change })).toEqual([field]);
  });

  test('should say what was expected, and send back only a short piece of what came', () => {
    const [fault] = checkShape(OuterDto, { ...SOUND, name: 'y'.repeat(500) }, 'x');
    expect(fault).toMatchObject({ wanted: { id: 'textLength', least: 1, longest: 5 } });
    expect(String(fault!.value)).toHaveLength(80);
  });

  test.each([null, 4, 'text', [], undefined])(
    'should refuse %j where an object belongs',
    (value) => {
      expect(checkShape(OuterDto, value, 'x')).toMatchObject([
        { field: 'x', wanted: { id: 'object' } },
      ]);
    },
  );
});

describe('what no field may hold', () => {
  const nested = (levels: number): unknown => (levels === 0 ? 'x' : { deeper: nested(levels - 1) });

  test.each<[string, unknown, RegExp]>([
    ['a key that every object has', { constructor: 1 }, /x\.constructor/],
    ['another of them', { toString: { a: 1 } }, /x\.toString/],
    ['a key that sets the prototype', JSON.parse('{"__proto__": {"id": "a"}}'), /x\.__proto__/],
    ['more levels than a record has', nested(40), /deeper/],
    ['a list of a hundred thousand', { list: Array.from({ length: 100_000 }, () => 0) }, /list/],
    ['a book', { name: 'y'.repeat(30_000) }, /x\.name/],
    ['NUL in a text far down', { inner: { size: 'a\u0000' } }, /x\.inner\.size/],
    ['half of a character', { name: '\ud800' }, /x\.name/],
  ])('should refuse %s, naming where', (_, value, field) => {
    const [fault] = checkShape(OuterDto, { ...SOUND, ...(value as object) }, 'x');
    expect(fault!.field).toMatch(field);
  });

  test('should take no list for an object, and no id that every object has', () => {
    expect(fieldsOf({ ...SOUND, inner: [] })).toEqual(['x.inner']);
    expect(fieldsOf({ ...SOUND, inner: [[]] })).toEqual(['x.inner']);
    expect(fieldsOf({ ...SOUND, id: 'constructor' })).toEqual(['x.id']);
    expect(fieldsOf({ ...SOUND, id: 'hasOwnProperty' })).toEqual(['x.id']);
  });

  test('should answer a deep list with a short fault, not with the list', () => {
    let deep: unknown = [];
    for (let level = 0; level < 5000; level += 1) deep = [deep];
    expect(JSON.stringify(checkShape(OuterDto, deep, 'x')).length).toBeLessThan(200);
  });
});
