import { sealDepth } from './sealDepth.ts';

describe('the depth of a seal', () => {
  test('should leave at least a millimetre to the bearing', () => {
    expect(sealDepth({ boreDepth: 12, depth: 2, width: 8 })).toMatchObject({
      gap: 2,
      enough: true,
      deepest: 3,
    });
    expect(sealDepth({ boreDepth: 12, depth: 3, width: 8 })).toMatchObject({
      gap: 1,
      enough: true,
    });
    expect(sealDepth({ boreDepth: 12, depth: 3.5, width: 8 })).toMatchObject({
      gap: 0.5,
      enough: false,
    });
  });

  test('should have no depth to offer where the bore is only as deep as the seal', () => {
    expect(sealDepth({ boreDepth: 8, depth: 0, width: 8 })).toMatchObject({
      deepest: 0,
      gap: 0,
      enough: false,
    });
  });

  test('should not be thrown by sums of tenths that are not exact in binary', () => {
    // 1.2 + 7 is 8.2 to a mechanic; every such sum of tenths, and no gap below zero.
    expect(sealDepth({ boreDepth: 8.2, depth: 1.2, width: 7 })).toMatchObject({ enough: false });
    for (let width = 1; width <= 120; width += 1)
      for (let depth = 0; depth <= 50; depth += 1) {
        const boreDepth = (width + depth) / 10;
        const { gap } = sealDepth({ boreDepth, depth: depth / 10, width: width / 10 });
        expect(gap).toBeGreaterThanOrEqual(0);
        expect(gap).toBeLessThan(1e-9);
      }
  });

  test.each([
    ['width', { boreDepth: 12, depth: 0, width: 0 }],
    ['boreDepth', { boreDepth: 7, depth: 0, width: 8 }],
    ['depth', { boreDepth: 12, depth: 5, width: 8 }],
  ])('should name %s', (field, input) => {
    expect(() => sealDepth(input)).toThrow(field);
  });
});
