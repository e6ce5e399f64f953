import { oncePerObject } from './oncePerObject.ts';

describe('a function that works out once for each object', () => {
  test('should be asked once for the same object, and anew for another that looks alike', () => {
    let asked = 0;
    const sizeOf = oncePerObject(({ size }: { readonly size: number | undefined }) => {
      asked += 1;
      return size;
    });
    const one = { size: 3 };
    expect([sizeOf(one), sizeOf(one), sizeOf({ size: 3 })]).toEqual([3, 3, 3]);
    expect(asked).toBe(2);
    const none = { size: undefined };
    expect([sizeOf(none), sizeOf(none)]).toEqual([undefined, undefined]);
    expect(asked).toBe(3);
  });
});
