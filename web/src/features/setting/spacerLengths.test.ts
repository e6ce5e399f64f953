import { lengthDoubt, lengthUpTo, LONGEST } from './spacerLengths.ts';

describe('lengths of spacers as they are typed', () => {
  test('should be asked about where another unit would put it by the one in place', () => {
    expect(lengthDoubt('154', 154, 3.93, 'metric')).toEqual({
      value: 154,
      likely: { id: 'thousandths', value: expect.closeTo(3.9116, 6) },
    });
    expect(lengthDoubt('154', 154, 60, 'metric')).toEqual({ value: 154, likely: null });
  });

  test('should not be asked about where they are about as long, or nothing is known of the place', () => {
    expect(lengthDoubt('3.9', 3.9, 3.93, 'metric')).toBeNull();
    expect(lengthDoubt('61.2', 61.2, 60, 'metric')).toBeNull();
    expect(lengthDoubt('154', 154, null, 'metric')).toBeNull();
  });

  test('should be more than nothing and no more than the longest', () => {
    const read = (value: number) =>
      lengthUpTo(LONGEST, {
        status: 'read',
        quantity: { value, kind: 'length', unit: 'mm', typed: `${value}` },
      } as Parameters<typeof lengthUpTo>[1]);
    expect(read(60)).toBe(60);
    expect([read(0), read(501)]).toEqual([null, null]);
    expect(lengthUpTo(LONGEST, { status: 'empty' })).toBeNull();
  });
});
