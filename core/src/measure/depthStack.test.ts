import fc from 'fast-check';

import { depthStack, type StackLength } from './depthStack.ts';

const plus = (value: number, within: number): StackLength => ({ way: 'plus', value, within });
const minus = (value: number, within: number): StackLength => ({ way: 'minus', value, within });

describe('a depth put together from lengths', () => {
  test('should add and take off, and be off by all of them at the worst', () => {
    const stack = depthStack([plus(60, 0.03), minus(20, 0.04)]);
    expect(stack).toMatchObject({ value: 40, off: null, agrees: null });
    expect(stack.worst).toBeCloseTo(0.07, 12);
    // 3, 4, 5.
    expect(stack.likely).toBeCloseTo(0.05, 12);
  });

  test('should be doubted by a length measured directly that neither can explain', () => {
    const lengths = [plus(60, 0.03), minus(20, 0.04)];
    expect(depthStack(lengths, { value: 40.08, within: 0.01 }).agrees).toBe(true);
    expect(depthStack(lengths, { value: 40.09, within: 0.01 })).toMatchObject({
      agrees: false,
      off: expect.closeTo(0.09, 9),
    });
  });

  test('should never be likelier off than at the worst, nor hang on the order', () => {
    const length = fc.record({
      way: fc.constantFrom('plus' as const, 'minus' as const),
      value: fc.double({ min: 0, max: 500, noNaN: true }),
      within: fc.double({ min: 0, max: 1, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(length, { minLength: 1, maxLength: 12 }), (lengths) => {
        const [one, other] = [depthStack(lengths), depthStack(lengths.toReversed())];
        expect(one.likely).toBeLessThanOrEqual(one.worst + 1e-12);
        expect(one.value).toBeCloseTo(other.value, 9);
      }),
    );
  });

  test('should refuse none, and lengths that are none', () => {
    expect(() => depthStack([])).toThrow(/lengths/);
    expect(() => depthStack([plus(-1, 0)])).toThrow('lengths[0].value');
    expect(() => depthStack([plus(1, NaN)])).toThrow('lengths[0].within');
  });
});
